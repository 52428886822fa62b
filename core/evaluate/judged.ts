import type { Check } from '#core/verdict';

/**
 * A check whose working is written when it is first read: figures are wanted at every nudge, the words behind them only where a row is
 * opened or a report is written out.
 */
export class Judged implements Check {
  readonly code: string;
  readonly label: string;
  readonly axle: Check['axle'];
  readonly value: number | null;
  readonly limit: number | null;
  readonly margin: number | null;
  readonly unit: Check['unit'];
  readonly verdict: Check['verdict'];
  readonly probability = null;
  readonly #write: () => string[];
  #lines: string[] | undefined;

  constructor(check: Omit<Check, 'working' | 'probability'>, write: () => string[]) {
    this.code = check.code;
    this.label = check.label;
    this.axle = check.axle;
    this.value = check.value;
    this.limit = check.limit;
    this.margin = check.margin;
    this.unit = check.unit;
    this.verdict = check.verdict;
    this.#write = write;
  }

  get working(): string[] {
    return (this.#lines ??= this.#write());
  }

  toJSON(): Check {
    return { ...this, working: this.working };
  }
}
