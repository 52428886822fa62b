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
const pointer = (type: 'pointerdown' | 'pointerup' | 'click', clientX: number, pointerType = 'mouse') =>
  Object.assign(new MouseEvent(type, { clientX, clientY: 20, bubbles: true }), { isPrimary: true, pointerType });

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

test('a finger presses what it touched, whatever lies under it when it is lifted; that is not pressed', () => {
  const clicked = jest.fn();
  const stray = jest.fn();
  render(<Page clicked={clicked} />);
  const [message, add] = [screen.getByText('a message'), screen.getByRole('button', { name: 'Add' })];
  message.addEventListener('click', stray);
  // A finger holds what it touched: it ends there, and its click goes to what lies under it.
  const touch = (by: number) => {
    fireEvent(add, pointer('pointerdown', 10, 'touch'));
    fireEvent(add, pointer('pointerup', 10 + by, 'touch'));
  };
  touch(0);
  fireEvent(message, pointer('click', 10));
  expect([clicked.mock.calls.length, stray.mock.calls.length]).toEqual([1, 0]);
  // What came to an end is no press any more, and one drawn away is none.
  fireEvent(message, pointer('click', 10));
  touch(40);
  fireEvent(message, pointer('click', 50));
  expect([clicked.mock.calls.length, stray.mock.calls.length]).toEqual([1, 2]);
  // On the button itself the browser's own click is the one.
  touch(0);
  fireEvent(add, pointer('click', 10));
  expect(clicked).toHaveBeenCalledTimes(2);
});
