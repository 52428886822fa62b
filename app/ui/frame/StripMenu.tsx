import { useCallback, useId, useState, type ReactNode } from 'react';
import { Button } from '../controls/Button';
import { MenuOutlined } from '../controls/icons';
import { useShut } from '../parts/useShut';

/** The tools of a strip: in a row where there is room, behind a button where there is not. */
export function StripMenu({ children }: { children: ReactNode }) {
  const [open, setOpen] = useState(false);
  const id = useId();
  const shut = useCallback(() => setOpen(false), []);
  const ref = useShut<HTMLSpanElement>(open, shut);
  return (
    <span ref={ref} className="strip-menu-place">
      <Button
        kind="text"
        className="strip-menu"
        icon={<MenuOutlined />}
        aria-label="Menu"
        aria-expanded={open}
        aria-controls={id}
        onClick={() => setOpen(!open)}
      />
      <span id={id} className="strip-tools" data-open={open}>
        {children}
      </span>
    </span>
  );
}
