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

/** jsdom has no pointer events of its own that know where they are. */
const pointer = (type: 'pointerdown' | 'pointerup', clientX: number) =>
  Object.assign(new MouseEvent(type, { clientX, clientY: 20, bubbles: true }), { isPrimary: true });

const press = (from: Element, to: Element, by = 0) => {
  fireEvent(from, pointer('pointerdown', 10));
  fireEvent(to, pointer('pointerup', 10 + by));
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
