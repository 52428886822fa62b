import { useId, useRef, useState, type ReactElement, type ReactNode, type ToggleEvent } from 'react';
import { putBeside } from './place';
import './popover.css';

interface PopoverProps {
  /** The button; it is given what opens and closes it. */
  button(props: { popoverTarget: string; 'aria-expanded': boolean }): ReactElement;
  label: string;
  role?: 'group' | 'menu';
  children: ReactNode;
}

/** Something that a button brings up beside it; Escape, or a press elsewhere, takes it away. */
export function Popover({ button, label, role = 'group', children }: PopoverProps) {
  const id = useId();
  const [isOpen, setOpen] = useState(false);
  const place = useRef<HTMLSpanElement>(null);
  // It has its size once it is open, and is seen once it has its place.
  const onToggle = ({ newState, currentTarget: box }: ToggleEvent<HTMLDivElement>) => {
    if (newState !== 'open') return;
    putBeside(box, place.current!.firstElementChild!, { prefer: 'under', from: 'end' });
    box.dataset.placed = 'true';
    if (role === 'menu') box.querySelector<HTMLElement>('[role=menuitem]')?.focus();
  };
  const onBeforeToggle = ({ newState, currentTarget: box }: ToggleEvent<HTMLDivElement>) => {
    delete box.dataset.placed;
    setOpen(newState === 'open');
  };
  return (
    <span ref={place} className="popover-place">
      {button({ popoverTarget: id, 'aria-expanded': isOpen })}
      <div
        id={id}
        popover="auto"
        role={role}
        aria-label={label}
        className={`popover ${role === 'menu' ? 'menu' : ''}`}
        onBeforeToggle={onBeforeToggle}
        onToggle={onToggle}
      >
        {isOpen && children}
      </div>
    </span>
  );
}
