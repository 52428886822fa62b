import { useEffect, useId, useLayoutEffect, useRef, useState, type ReactElement } from 'react';
import { putBeside } from './place';
import './tip.css';

/** How long a word stands after a tap, and how long a pointer rests before it is told, ms. */
const TAP_MS = 2500;
const REST_MS = 120;

type Open = false | 'hover' | 'focus' | 'tap';

/** What a thing does, and its key: over it, on the focus of the keyboard, and for a while after a tap. */
export function Tip({ title, children }: { title: string; children: ReactElement }) {
  const [open, setOpen] = useState<Open>(false);
  const place = useRef<HTMLSpanElement>(null);
  const rests = useRef<ReturnType<typeof setTimeout>>(undefined);
  useEffect(() => () => clearTimeout(rests.current), []);
  useEffect(() => {
    if (!open) return;
    const shut = () => setOpen(false);
    const later = open === 'tap' ? setTimeout(shut, TAP_MS) : undefined;
    const onKey = ({ key }: KeyboardEvent) => key === 'Escape' && shut();
    document.addEventListener('keydown', onKey, true);
    document.addEventListener('scroll', shut, true);
    return () => {
      clearTimeout(later);
      document.removeEventListener('keydown', onKey, true);
      document.removeEventListener('scroll', shut, true);
    };
  }, [open]);
  const leave = () => {
    clearTimeout(rests.current);
    setOpen((was) => (was === 'hover' ? false : was));
  };
  return (
    <span
      ref={place}
      className="tip-place"
      onFocus={({ target }) => target.matches(':focus-visible') && setOpen('focus')}
      onBlur={() => setOpen(false)}
      onPointerOver={({ pointerType }) => {
        clearTimeout(rests.current);
        if (pointerType === 'mouse') rests.current = setTimeout(() => setOpen((was) => was || 'hover'), REST_MS);
      }}
      onPointerOut={leave}
      onPointerDown={leave}
      onPointerUp={({ pointerType }) => pointerType !== 'mouse' && setOpen('tap')}
    >
      {children}
      {open && <Words of={place} text={title} />}
    </span>
  );
}

function Words({ of, text }: { of: React.RefObject<HTMLElement | null>; text: string }) {
  const id = useId();
  const box = useRef<HTMLSpanElement>(null);
  useLayoutEffect(() => {
    const thing = of.current?.firstElementChild;
    const words = box.current;
    if (!thing || !words) return;
    // Its words may change while it stands.
    words.togglePopover(true);
    putBeside(words, thing, { prefer: 'over', from: 'middle' });
    thing.setAttribute('aria-describedby', id);
    return () => thing.removeAttribute('aria-describedby');
  }, [of, id, text]);
  return (
    <span ref={box} id={id} role="tooltip" popover="manual" className="tip">
      {text}
    </span>
  );
}
