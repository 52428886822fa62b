/** @jest-environment jsdom */
import { fireEvent, render, screen } from '@testing-library/react';
import { usePress } from './usePress';

function Page({ clicked }: { clicked(): void }) {
  usePress();
  return (
    <>
      <p>a message</p>
      <button type="button" onClick={clicked}>
        Add
      </button>
      <button type="button" disabled onClick={clicked}>
        Off
      </button>
    </>
  );
}

const press = (from: Element, to: Element, by = 0) => {
  const at = (clientX: number) => ({ clientX, clientY: 20, isPrimary: true, button: 0, bubbles: true });
  fireEvent.pointerDown(from, at(10));
  fireEvent.pointerUp(to, at(10 + by));
};

test('a press whose button moved from under it counts once; one drawn away, or of no button, does not', () => {
  const clicked = jest.fn();
  render(<Page clicked={clicked} />);
  const [message, add] = [screen.getByText('a message'), screen.getByRole('button', { name: 'Add' })];
  press(add, message);
  expect(clicked).toHaveBeenCalledTimes(1);
  press(add, message, 40);
  press(message, add);
  // What ends where it began is the browser's own click.
  press(add, add);
  press(screen.getByRole('button', { name: 'Off' }), message);
  expect(clicked).toHaveBeenCalledTimes(1);
});
