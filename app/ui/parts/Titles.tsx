import { useEffect, useState } from 'react';
import './titles.css';

/** How long what a tap brought up stands, ms. */
const STANDS_MS = 4000;
/** What is left free to the edges of the screen, and how wide it may become, px. */
const EDGE_PX = 8;
const WIDEST_PX = 280;

interface Shown {
  text: string;
  left: number;
  /** Over the thing, or under it where that is the screen's upper edge. */
  top: number;
  under: boolean;
}

/** What a pointer that rests on it would be told, and what it is told of. */
function titleOf(target: EventTarget | null): { text: string; of: Element } | null {
  for (let up = target instanceof Element ? target : null; up; up = up.parentElement) {
    const text = up.getAttribute('title') ?? up.querySelector(':scope > title')?.textContent;
    if (text) return { text, of: up };
  }
  return null;
}

function place({ text, of }: { text: string; of: Element }): Shown {
  const { left, right, top, bottom } = of.getBoundingClientRect();
  const middle = (Math.max(0, left) + Math.min(innerWidth, right)) / 2;
  const half = Math.min(WIDEST_PX, innerWidth - 2 * EDGE_PX) / 2;
  const under = top < 3 * EDGE_PX + 40;
  return {
    text,
    left: Math.max(EDGE_PX + half, Math.min(innerWidth - EDGE_PX - half, middle)),
    top: under ? bottom + EDGE_PX : top - EDGE_PX,
    under,
  };
}

/** Above everything, dialogs too. */
const raise = (words: HTMLElement | null): void => words?.showPopover();

/**
 * Shows under a finger, and on the focus of the keyboard, what the browser tells a resting mouse. Those who hear the
 * page are told the same by the thing itself.
 */
export function Titles() {
  const [shown, setShown] = useState<Shown | null>(null);
  useEffect(() => {
    const show = (target: EventTarget | null) => {
      const found = titleOf(target);
      setShown(found && place(found));
    };
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
  if (!shown) return null;
  return (
    <div
      ref={raise}
      popover="manual"
      className="title-shown"
      data-under={shown.under}
      aria-hidden
      style={{ left: shown.left, top: shown.top, maxWidth: WIDEST_PX }}
    >
      {shown.text}
    </div>
  );
}
