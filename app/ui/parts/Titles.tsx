import { useEffect, useLayoutEffect, useRef, useState } from 'react';
import { putBeside } from '../controls/place';
import './titles.css';

/** How long what a tap brought up stands, ms. */
const STANDS_MS = 4000;

/** What is told, and of what. */
interface Told {
  text: string;
  of: Element;
}

/** What a pointer that rests on it would be told, and what it is told of. */
function titleOf(target: EventTarget | null): Told | null {
  for (let up = target instanceof Element ? target : null; up; up = up.parentElement) {
    const text = up.getAttribute('title') ?? up.querySelector(':scope > title')?.textContent;
    if (text) return { text, of: up };
  }
  return null;
}

/**
 * Shows under a finger, and on the focus of the keyboard, what the browser tells a resting mouse. Those who hear the
 * page are told the same by the thing itself.
 */
export function Titles() {
  const [shown, setShown] = useState<Told | null>(null);
  const words = useRef<HTMLDivElement>(null);
  useEffect(() => {
    const show = (target: EventTarget | null) => setShown(titleOf(target));
    const onTap = (event: PointerEvent) => event.pointerType === 'touch' && show(event.target);
    const onFocus = ({ target }: FocusEvent) =>
      target instanceof Element && target.matches(':focus-visible') && target.hasAttribute('title') && show(target);
    const hide = () => setShown(null);
    const leave = new AbortController();
    const { signal } = leave;
    document.addEventListener('pointerup', onTap, { signal });
    document.addEventListener('focusin', onFocus, { signal });
    for (const event of ['pointerdown', 'keydown', 'focusout', 'scroll'] as const)
      document.addEventListener(event, hide, { capture: true, signal });
    return () => leave.abort();
  }, []);
  useEffect(() => {
    if (!shown) return;
    const later = setTimeout(() => setShown(null), STANDS_MS);
    return () => clearTimeout(later);
  }, [shown]);
  useLayoutEffect(() => {
    if (!shown || !words.current) return;
    // Above everything, dialogs too.
    words.current.togglePopover(true);
    putBeside(words.current, shown.of, { prefer: 'over', from: 'middle' });
  }, [shown]);
  return (
    shown && (
      <div ref={words} popover="manual" className="title-shown" aria-hidden>
        {shown.text}
      </div>
    )
  );
}
