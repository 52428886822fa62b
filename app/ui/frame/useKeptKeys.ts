import { useCallback, useEffect, useRef } from 'react';
import { useLocation, useNavigation } from 'react-router';
import { isTyping } from './useJobKeys';

/** What is told of a key once more. */
const repeat = ({ key, code, shiftKey, ctrlKey, altKey, metaKey }: KeyboardEvent): KeyboardEvent =>
  new KeyboardEvent('keydown', { key, code, shiftKey, ctrlKey, altKey, metaKey, bubbles: true, cancelable: true });

/** Whether a key presses what has the focus: the browser does that, and nothing told once more would. */
const isPress = ({ key, target }: KeyboardEvent): boolean =>
  (key === 'Enter' || key === ' ') && target instanceof Element && target.closest('a, button, summary') !== null;

/** How long a station may not even be set out for, ms. */
const LOST_MS = 2000;

/**
 * Keys that are pressed while the next station is on its way are kept and act once it stands, in their order, whether
 * a key, a link or the browser's own Back asked for it. Those that lead on to another station wait again.
 */
export function useKeptKeys(): { isOnTheWay: boolean; leave(to: string): void } {
  const { state, location: next } = useNavigation();
  const { pathname } = useLocation();
  const kept = useRef<KeyboardEvent[]>([]);
  /** The station that was asked for, until it stands. */
  const to = useRef<string | null>(null);
  const isSetOut = useRef(false);
  const later = useRef<ReturnType<typeof setTimeout>>(undefined);
  const isOnTheWay = state === 'loading';
  const act = useCallback(() => {
    to.current = null;
    isSetOut.current = false;
    // One after the other: what the first does is drawn before the next acts; one that leads on stops the others.
    const repeatNext = () => {
      const event = to.current === null ? kept.current.shift() : undefined;
      if (!event) return;
      (document.activeElement ?? document.body).dispatchEvent(repeat(event));
      if (to.current === null) later.current = setTimeout(repeatNext);
    };
    repeatNext();
  }, []);
  const leave = useCallback(
    (path: string) => {
      to.current = path;
      isSetOut.current = false;
      // A way that comes to nothing must not hold the keys for ever.
      clearTimeout(later.current);
      later.current = setTimeout(act, LOST_MS);
    },
    [act],
  );
  useEffect(() => () => clearTimeout(later.current), []);
  useEffect(() => {
    const keep = (event: KeyboardEvent) => {
      // One that is pressed while kept ones still act comes after them.
      const waits = to.current !== null || kept.current.length > 0;
      if (!waits || !event.isTrusted || event.key === 'Tab' || isPress(event) || isTyping(event)) return;
      event.preventDefault();
      event.stopImmediatePropagation();
      kept.current.push(event);
    };
    document.addEventListener('keydown', keep, true);
    return () => document.removeEventListener('keydown', keep, true);
  }, []);
  useEffect(() => {
    const leaveHere = (to: string) => to !== pathname && leave(to);
    // Back and Forward change the address before anything is drawn; a link that goes within the page stops the browser.
    const step = () => leaveHere(location.pathname);
    const follow = ({ target, defaultPrevented }: MouseEvent) => {
      const link = defaultPrevented && target instanceof Element ? target.closest('a') : null;
      if (link) leaveHere(link.pathname);
    };
    addEventListener('popstate', step);
    addEventListener('click', follow);
    return () => {
      removeEventListener('popstate', step);
      removeEventListener('click', follow);
    };
  }, [pathname, leave]);
  useEffect(() => {
    if (isOnTheWay) {
      if (next?.pathname !== to.current) return;
      isSetOut.current = true;
      clearTimeout(later.current);
      return;
    }
    // What ends may be a step from before the key.
    const hasArrived = pathname === to.current || isSetOut.current;
    if (to.current === null || !hasArrived) return;
    clearTimeout(later.current);
    later.current = setTimeout(act);
  }, [isOnTheWay, next?.pathname, pathname, act]);
  return { isOnTheWay, leave };
}
