import { combined, drawnPlusMinus, shareAbove, shareOfDraws, type Contribution } from '#core/uncertainty';
import type { Words } from '#core/units';

/** How sure a figure is: what it rests on, and what many draws made of it where it is no sum of its parts. */
export interface Sure {
  parts: readonly Contribution[];
  /** The figure in every draw, least first; null where its parts add up, or nobody has drawn. */
  values: readonly number[] | null;
}

/** How sure the clearance of each part is, by its id. */
export type ObstacleSpreads = Readonly<Record<string, Sure>>;

/** What a check's value rests on, in its unit. */
export interface Spread {
  sure(): Sure | null | undefined;
  /**
   * Of a clearance: it touches below 0. With the most chance of that with which it still clears, as a share; null for
   * other figures.
   */
  mostTouch: number | null;
  words: Words;
}

/** ± at 95 %, in the figure's unit. */
export const plusMinusOf = ({ parts, values }: Sure): number => (values ? drawnPlusMinus(values) : combined(parts));

/** P(figure ≥ threshold). */
export const shareOver = ({ parts, values }: Sure, value: number, threshold: number): number =>
  values ? shareOfDraws(values, threshold) : shareAbove(value, threshold, combined(parts));

/** P(contact) of a clearance. */
export const touchShare = (sure: Sure, clearanceMm: number): number => 1 - shareOver(sure, clearanceMm, 0);

/** What one part rests on: readings of other parts have no part in it, nor what moves it by less than can be seen. */
export const onlyOf = (
  parts: readonly Contribution[],
  inputs: readonly { of?: string }[],
  id: string,
): Contribution[] => parts.filter(({ plusMinus }, i) => (inputs[i]!.of ?? id) === id && plusMinus > LEAST_MM);
const LEAST_MM = 0.02;
