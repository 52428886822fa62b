import { useEffect, useRef, useState } from 'react';

/** How long no key and no button was pressed where a hand rests, ms: longer than between two figures of a reading. */
const REST_MS = 1000;

const HEARD = ['pointerdown', 'pointerup', 'pointercancel', 'keydown'] as const;

/**
 * Whether what opens by itself may open: once it is asked for, as soon as the hand rests. Sooner it would take the
 * press or the key that was meant for what stood there: of 11.6 the point.
 */
export function useHandRests(isAsked: boolean): boolean {
  const [rests, setRests] = useState(false);
  const last = useRef({ at: -Infinity, isDown: false });
  useEffect(() => {
    const hear = ({ type }: Event) => (last.current = { at: performance.now(), isDown: type === 'pointerdown' });
    for (const type of HEARD) document.addEventListener(type, hear, true);
    return () => HEARD.forEach((type) => document.removeEventListener(type, hear, true));
  }, []);
  useEffect(() => {
    if (!isAsked) return;
    let later: ReturnType<typeof setTimeout>;
    const look = () => {
      const { at, isDown } = last.current;
      const left = isDown ? REST_MS : at + REST_MS - performance.now();
      if (left > 0) later = setTimeout(look, left);
      else setRests(true);
    };
    look();
    return () => {
      clearTimeout(later);
      setRests(false);
    };
  }, [isAsked]);
  return isAsked && rests;
}
