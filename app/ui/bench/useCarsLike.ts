import { useEffect, useState } from 'react';
import type { MeasuredCar } from '#server/cars';

const NONE: readonly MeasuredCar[] = [];
/** How long the hands must rest before it is asked. */
const REST_MS = 200;

/**
 * Cars that were measured before under a label like the one that is typed. It is asked past the router: a page that is
 * loaded again while a command is on its way takes away the place that the command leads to.
 */
export function useCarsLike(label: string): readonly MeasuredCar[] {
  const [found, setFound] = useState({ of: '', cars: NONE });
  const text = label.trim();
  useEffect(() => {
    if (text === '') return;
    const stop = new AbortController();
    const timer = setTimeout(() => {
      fetch(`/cars.json?like=${encodeURIComponent(text)}`, { signal: stop.signal })
        .then((response) => (response.ok ? (response.json() as Promise<MeasuredCar[]>) : NONE))
        .then((cars) => setFound({ of: text, cars }))
        // Without an answer a job begins with nothing measured, as it always can.
        .catch(() => {
          if (!stop.signal.aborted) setFound({ of: text, cars: NONE });
        });
    }, REST_MS);
    return () => {
      clearTimeout(timer);
      stop.abort();
    };
  }, [text]);
  return text === '' ? NONE : found.cars;
}
