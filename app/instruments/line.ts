import { DomainError } from '#core/errors';
import { readLine, type LineReading, type LineSettings } from '#core/instrument';

/** What an instrument says, one event after the other. */
export type LineEvent =
  { kind: 'reading'; reading: LineReading } | { kind: 'nonsense'; why: string } | { kind: 'unplugged' | 'plugged' };

/** The line of an instrument that talks. */
export interface InstrumentLine {
  /** Hears every event until what it answers with is called. */
  listen(hear: (event: LineEvent) => void): () => void;
  /** Lets the instrument go. */
  close(): Promise<void>;
}

/** What a line that was sent says: its reading, or why there is none. */
export function eventOf(line: string, settings: Pick<LineSettings, 'pattern' | 'unit'>): LineEvent {
  try {
    return { kind: 'reading', reading: readLine(line, settings) };
  } catch (error) {
    if (!(error instanceof DomainError)) throw error;
    return { kind: 'nonsense', why: error.message };
  }
}

/** Those who listen to a line. */
export class Ears<E> {
  readonly #hears = new Set<(event: E) => void>();

  listen = (hear: (event: E) => void): (() => void) => {
    this.#hears.add(hear);
    return () => this.#hears.delete(hear);
  };

  say = (event: E): void => {
    for (const hear of this.#hears) hear(event);
  };
}
