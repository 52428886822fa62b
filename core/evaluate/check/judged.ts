import type { Contribution, Ranked } from '#core/uncertainty';
import { plusMinusOf, rankedOf, shareOver, spreadLines, touchShare, type Spread, type Sure } from '../spread';
import type { Check } from './check';
import type { Judgement } from './definition';

/** What a check is called, of which axle it is, and in which unit it tells. */
interface Name {
  code: string;
  label: string;
  axle: Check['axle'];
  unit: Check['unit'];
}

/**
 * A check whose working, and how sure it is, are worked out when they are first read: figures are wanted at every
 * nudge, the words behind them only where a row is opened or a report is written out.
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
  readonly #found: Judgement;
  readonly #spread: Spread | undefined;
  #sure: Sure | null | undefined;
  #lines: string[] | undefined;

  constructor({ code, label, axle, unit }: Name, found: Judgement) {
    this.code = code;
    this.label = label;
    this.axle = axle;
    this.value = found.value;
    this.limit = found.limit;
    this.margin = found.margin;
    this.unit = unit;
    this.verdict = found.verdict;
    this.#found = found;
    this.#spread = found.value === null || found.margin === null ? undefined : found.spread;
  }

  get sure(): Sure | null {
    return this.#spread ? ((this.#sure ??= this.#spread.sure()) ?? null) : null;
  }

  get parts(): readonly Contribution[] | null {
    return this.sure?.parts ?? null;
  }

  get restsOn(): readonly Ranked[] | null {
    return this.sure && rankedOf(this.sure);
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
    return (this.#lines ??= [
      ...this.#found.lines(),
      ...(this.sure ? spreadLines(this, this.sure, this.#spread!) : []),
    ]);
  }

  toJSON(): Check {
    const { plusMinus, probability, touchProbability, restsOn, working } = this;
    return { ...this, plusMinus, probability, touchProbability, restsOn, working };
  }
}
