import type { KeyboardEvent, MouseEvent, ReactElement } from 'react';
import { Popover } from './Popover';

export interface MenuLine {
  key: string;
  label: string;
  disabled?: boolean;
  onClick?(): void;
  /** A file that the line brings. */
  href?: string;
}

interface MenuProps {
  label: string;
  button(props: { popoverTarget: string; 'aria-expanded': boolean }): ReactElement;
  lines: readonly MenuLine[];
}

/** A few deeds behind a button; the arrow keys go from one to the next. */
export const Menu = ({ label, button, lines }: MenuProps) => (
  <Popover label={label} button={button} role="menu">
    <div role="presentation" onKeyDown={move}>
      {lines.map((line) => (
        <Line key={line.key} line={line} />
      ))}
    </div>
  </Popover>
);

function Line({ line: { label, disabled = false, onClick, href } }: { line: MenuLine }) {
  const chosen = (event: MouseEvent<HTMLElement>) => {
    if (disabled) return;
    event.currentTarget.closest<HTMLElement>('[popover]')?.hidePopover();
    onClick?.();
  };
  const props = { role: 'menuitem', tabIndex: -1, className: 'menu-line', onClick: chosen } as const;
  if (href !== undefined && !disabled)
    return (
      <a {...props} href={href} download>
        {label}
      </a>
    );
  return (
    <button {...props} type="button" aria-disabled={disabled}>
      {label}
    </button>
  );
}

function move(event: KeyboardEvent<HTMLElement>): void {
  const lines = [...event.currentTarget.querySelectorAll<HTMLElement>('[role=menuitem]')];
  const at = lines.indexOf(document.activeElement as HTMLElement);
  const to = { ArrowDown: at + 1, ArrowUp: at - 1, Home: 0, End: lines.length - 1 }[event.key];
  if (event.key === 'Tab') event.currentTarget.closest<HTMLElement>('[popover]')?.hidePopover();
  if (to === undefined) return;
  event.preventDefault();
  lines.at(to % lines.length)?.focus();
}
