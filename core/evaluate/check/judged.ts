import { rankedParts, type Contribution, type Ranked } from '#core/uncertainty';
import { plusMinusOf, shareOver, spreadLines, touchShare, type Spread, type Sure } from '../spread';
import type { Check } from './check';

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
  #sure: Sure | null | undefined;
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

  get sure(): Sure | null {
    return this.#spread ? ((this.#sure ??= this.#spread.sure()) ?? null) : null;
  }

  get parts(): readonly Contribution[] | null {
    return this.sure?.parts ?? null;
  }

  get restsOn(): readonly Ranked[] | null {
    return this.parts && rankedParts(this.parts);
  }

  get plusMinus(): number | null {
    return this.sure && plusMinusOf(this.sure);
  }

  get probability(): number | null {
    return this.sure && shareOver(this.sure, this.value!, this.value! - this.margin!);
  }

  get touchProbability(): number | null {
    return this.sure && this.#spread!.mostTouch !== null ? touchShare(this.sure, this.value!) : null;
  }

  get working(): string[] {
    return (this.#lines ??= [...this.#write(), ...(this.sure ? spreadLines(this, this.sure, this.#spread!) : [])]);
  }

  toJSON(): Check {
    const { plusMinus, probability, touchProbability, restsOn, working } = this;
    return { ...this, plusMinus, probability, touchProbability, restsOn, working };
  }
}
