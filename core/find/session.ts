import { findSteps } from './search';
import type { FindAsk, FindRow, Finds } from './records';

/** What a worker has found since it was last asked. */
export interface FindPart {
  tried: number;
  of: number;
  /** A few of the best of what was looked at first; null at all other times. */
  early: FindRow[] | null;
  /** Rows that are found for good, best first. */
  rows: FindRow[];
  /** What came of it all, at the end. */
  finds: Finds | null;
}

/** One share of a search, a stretch of time after the other: between two it can be stopped, and hears of the others. */
export class FindSession {
  readonly #steps: ReturnType<typeof findSteps>;
  readonly #now: () => number;
  #tried = 0;
  #of = 0;

  /** @param now a clock, ms */
  constructor(ask: FindAsk, now: () => number) {
    this.#steps = findSteps(ask);
    this.#now = now;
  }

  /** Goes on for so many ms, or to first rows; no further than to rows with the key that is good enough. */
  go(ms: number, enough: number): FindPart {
    const end = this.#now() + ms;
    const rows: FindRow[] = [];
    for (let early: FindRow[] | null = null; ;) {
      const step = this.#steps.next(enough);
      if (step.done) {
        const finds = step.value;
        return { tried: finds.tried, of: finds.tried, early, rows, finds };
      }
      this.#tried = step.value.tried;
      this.#of = step.value.of;
      if (step.value.row) rows.push(step.value.row);
      early = step.value.early;
      if (early || this.#now() >= end) return { tried: this.#tried, of: this.#of, early, rows, finds: null };
    }
  }
}
