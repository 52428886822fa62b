import { useCallback, useEffect, useRef } from 'react';
import { useLocation, useNavigation } from 'react-router';
import { isTyping } from './useJobKeys';

/** What is told of a key once more. */
const repeat = ({ key, code, shiftKey, ctrlKey, altKey, metaKey }: KeyboardEvent): KeyboardEvent =>
  new KeyboardEvent('keydown', { key, code, shiftKey, ctrlKey, altKey, metaKey, bubbles: true, cancelable: true });

/** How long a station may not even be set out for, ms. */
const LOST_MS = 2000;

/**
 * Keys that are pressed while the next station is on its way are kept and act once it stands, in their order. Those
 * that lead on to another station wait again.
 */
export function useKeptKeys(): { isOnTheWay: boolean; leave(to: string): void } {
  const { state, location: next } = useNavigation();
  const { pathname } = useLocation();
  const kept = useRef<KeyboardEvent[]>([]);
  /** The station that a key has asked for, until it stands. */
  const to = useRef<string | null>(null);
  const isSetOut = useRef(false);
  const isOnTheWay = state === 'loading';
  useEffect(() => {
    const keep = (event: KeyboardEvent) => {
      // One that is pressed while kept ones still act comes after them.
      const waits = to.current !== null || kept.current.length > 0;
      if (!waits || !event.isTrusted || event.key === 'Tab' || isTyping(event)) return;
      event.preventDefault();
      event.stopImmediatePropagation();
      kept.current.push(event);
    };
    document.addEventListener('keydown', keep, true);
    return () => document.removeEventListener('keydown', keep, true);
  }, []);
  useEffect(() => {
    if (isOnTheWay) {
      isSetOut.current ||= next?.pathname === to.current;
      return;
    }
    let later: ReturnType<typeof setTimeout> | undefined;
    const target = to.current;
    const act = () => {
      // A key that came meanwhile has asked for another station.
      if (to.current !== target) return;
      to.current = null;
      isSetOut.current = false;
      repeatNext();
    };
    // One after the other: what the first does is drawn before the next acts; one that leads on stops the others.
    const repeatNext = () => {
      const event = to.current === null ? kept.current.shift() : undefined;
      if (!event) return;
      (document.activeElement ?? document.body).dispatchEvent(repeat(event));
      later = setTimeout(repeatNext);
    };
    // What ends may be a step from before the key; a way that comes to nothing must not hold the keys for ever.
    const hasArrived = target === null || pathname === target || isSetOut.current;
    later = setTimeout(act, hasArrived ? 0 : LOST_MS);
    return () => clearTimeout(later);
  }, [isOnTheWay, next?.pathname, pathname]);
  const leave = useCallback((path: string) => {
    to.current = path;
    isSetOut.current = false;
  }, []);
  return { isOnTheWay, leave };
}
