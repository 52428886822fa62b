import { Tooltip } from 'antd';
import { useEffect, useState, type FocusEvent, type PointerEvent, type ReactElement } from 'react';

/** How long a word stands after a tap, ms. */
const TAP_MS = 2500;

/** What a thing does, and its key: over it, on the focus of the keyboard, and for a while after a tap. */
export function Tip({ title, children }: { title: string; children: ReactElement }) {
  const [open, setOpen] = useState<false | 'hover' | 'focus' | 'tap'>(false);
  useEffect(() => {
    if (open !== 'tap') return;
    const later = setTimeout(() => setOpen(false), TAP_MS);
    return () => clearTimeout(later);
  }, [open]);
  return (
    <span
      className="tip-place"
      onFocus={({ target }: FocusEvent) => target.matches(':focus-visible') && setOpen('focus')}
      onBlur={() => setOpen(false)}
      onPointerUp={({ pointerType }: PointerEvent) => pointerType !== 'mouse' && setOpen('tap')}
    >
      <Tooltip title={title} open={open !== false} onOpenChange={(over) => open !== 'tap' && setOpen(over && 'hover')}>
        {children}
      </Tooltip>
    </span>
  );
}
