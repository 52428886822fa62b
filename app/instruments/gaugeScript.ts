import { DomainError } from '#core/errors';
import { eventOf, type LineEvent } from './line';

const MOST_LINES = 500;

/**
 * What a simulated gauge is to send, a line each, as a real one sends it; or `unplug` or `plug`. What is no reading is
 * sent as it stands.
 * @throws DomainError on more lines than are taken
 */
export function readGaugeScript(text: string): LineEvent[] {
  const lines = text.split('\n').filter((line) => line.trim() !== '');
  if (lines.length > MOST_LINES) throw new DomainError(`has ${lines.length} lines; ${MOST_LINES} are taken`);
  return lines.map((line): LineEvent => {
    const word = line.trim().toLowerCase();
    if (word === 'unplug') return { kind: 'unplugged' };
    if (word === 'plug') return { kind: 'plugged' };
    return eventOf(line, { pattern: null, unit: 'mm' });
  });
}
