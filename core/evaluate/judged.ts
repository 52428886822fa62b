import {
  combined,
  drawnPlusMinus,
  rankedParts,
  shareAbove,
  shareOfDraws,
  type Contribution,
  type Drawn,
  type Ranked,
} from '#core/uncertainty';
import type { Words } from '#core/units';
import type { Check } from '#core/verdict';
import { spreadLines } from './spreadLines';

/** What a check's value rests on, in its unit. */
export interface Spread {
  parts(): readonly Contribution[] | null;
  /** Where the value is no sum of its parts: what many draws made of it. */
  drawn?: (() => Drawn | undefined) | undefined;
  /** Of a clearance: it touches below 0. */
  contact: boolean;
  words: Words;
}

type Given = Omit<Check, 'working' | 'probability' | 'touchProbability' | 'plusMinus' | 'restsOn'>;

/**
 * A check whose working, and how sure it is, are worked out when they are first read: figures are wanted at every nudge, the words behind them
 * only where a row is opened or a report is written out.
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
  readonly #write: () => string[];
  readonly #spread: Spread | undefined;
  #parts: readonly Contribution[] | null | undefined;
  #lines: string[] | undefined;

  constructor(check: Given, write: () => string[], spread?: Spread) {
    this.code = check.code;
    this.label = check.label;
    this.axle = check.axle;
    this.value = check.value;
    this.limit = check.limit;
    this.margin = check.margin;
    this.unit = check.unit;
    this.verdict = check.verdict;
    this.#write = write;
    this.#spread = check.value === null || check.margin === null ? undefined : spread;
  }

  get parts(): readonly Contribution[] | null {
    return this.#spread ? (this.#parts ??= this.#spread.parts()) : null;
  }

  get restsOn(): readonly Ranked[] | null {
    return this.parts && rankedParts(this.parts);
  }

  get plusMinus(): number | null {
    const drawn = this.#spread?.drawn?.();
    return drawn ? drawnPlusMinus(drawn) : this.parts && combined(this.parts);
  }

  get probability(): number | null {
    const drawn = this.#spread?.drawn?.();
    if (drawn) return shareOfDraws(drawn, this.value! - this.margin!);
    return this.parts && shareAbove(this.margin!, 0, combined(this.parts));
  }

  get touchProbability(): number | null {
    const drawn = this.#spread?.drawn?.();
    if (drawn) return 1 - shareOfDraws(drawn, 0);
    return this.parts && this.#spread!.contact ? 1 - shareAbove(this.value!, 0, combined(this.parts)) : null;
  }

  get working(): string[] {
    return (this.#lines ??= [...this.#write(), ...(this.parts ? spreadLines(this, this.parts, this.#spread!) : [])]);
  }

  toJSON(): Check {
    const { plusMinus, probability, touchProbability, restsOn, working } = this;
    return { ...this, plusMinus, probability, touchProbability, restsOn, working };
  }
}
