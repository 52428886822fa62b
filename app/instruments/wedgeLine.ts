import type { LineSettings } from '#core/instrument';
import { Ears, eventOf, type InstrumentLine, type LineEvent } from './line';

/** Nobody types faster than this between two keys, ms. */
const BURST_MS = 35;
/** As many keys in a burst are an instrument. */
const LEAST_KEYS = 3;

/**
 * The line of an instrument that types as a keyboard does. Keys that come faster than anybody types, ended by Enter or
 * Tab, are what it sends; whatever has the focus hears nothing of the end, for the reading takes the place of what was
 * typed into it. Keys of a hand go where they always go.
 */
export function wedgeLine(target: EventTarget, settings: Pick<LineSettings, 'pattern' | 'unit'>): InstrumentLine {
  const ears = new Ears<LineEvent>();
  let [burst, last] = ['', -Infinity];
  const hear = (event: Event) => {
    const { key, timeStamp, ctrlKey, metaKey, altKey } = event as KeyboardEvent;
    if (key === 'Shift') return;
    const isFast = timeStamp - last <= BURST_MS;
    last = timeStamp;
    if (key === 'Enter' || key === 'Tab') {
      const line = burst;
      burst = '';
      if (!isFast || line.length < LEAST_KEYS) return;
      event.preventDefault();
      event.stopImmediatePropagation();
      return ears.say(eventOf(line, settings));
    }
    const isSign = key.length === 1 && !ctrlKey && !metaKey && !altKey;
    burst = isSign ? (isFast ? burst : '') + key : '';
  };
  target.addEventListener('keydown', hear, { capture: true });
  return {
    listen: ears.listen,
    close() {
      target.removeEventListener('keydown', hear, { capture: true });
      return Promise.resolve();
    },
  };
}
