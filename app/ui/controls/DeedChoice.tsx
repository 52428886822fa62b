import type { ComponentProps, KeyboardEvent } from 'react';
import { Choice } from './Choice';
import './choice.css';

type DeedChoiceProps<T extends string | number> = Omit<ComponentProps<typeof Choice<T>>, 'value'>;

/** Keys by which a closed list would change what is chosen. */
const MOVES = /^(Arrow(Up|Down|Left|Right)|Home|End|Page(Up|Down))$/;

/**
 * A list whose lines do something when they are chosen. The keys that move in it open it first: in a closed one each
 * press would choose, and so do, what comes next.
 */
export const DeedChoice = <T extends string | number>(props: DeedChoiceProps<T>) => (
  <span className="choice-deed" onKeyDown={open}>
    <Choice<T> {...props} value={null} />
  </span>
);

function open(event: KeyboardEvent): void {
  if (!MOVES.test(event.key) || event.altKey || !(event.target instanceof HTMLSelectElement)) return;
  event.preventDefault();
  event.target.showPicker();
}
