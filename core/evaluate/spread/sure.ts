import type { OwnError } from '#core/fitting';
import {
  combined,
  drawnPlusMinus,
  rankedParts,
  shareAbove,
  shareOfDraws,
  type Contribution,
  type Ranked,
} from '#core/uncertainty';
import type { Words } from '#core/units';

/** How sure a figure is: what it rests on, and what many draws made of it where it is no sum of its parts. */
export interface Sure {
  parts: readonly Contribution[];
  /** The figure in every draw, least first; null where its parts add up, or nobody has drawn. */
  values: readonly number[] | null;
  /** The shop's own error that its ± follows; left out where it does not. */
  own?: OwnError | null | undefined;
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
export const plusMinusOf = (sure: Sure): number => scaleOf(sure) * plainPlusMinus(sure);

/** What it would be by readings and assumptions alone. */
export const plainPlusMinus = ({ parts, values }: Sure): number => (values ? drawnPlusMinus(values) : combined(parts));

const scaleOf = ({ own }: Sure): number => own?.scale ?? 1;

/**
 * Where the shop's own error is wider by s, every draw lies s times as far from the figure: as many are over a
 * threshold as were over one that is s times as near.
 */
const scaledAbout = (value: number, threshold: number, own: OwnError | null | undefined): number =>
  own ? value + (threshold - value) / own.scale : threshold;

/** P(figure ≥ threshold). */
export function shareOver(sure: Sure, value: number, threshold: number): number {
  const at = scaledAbout(value, threshold, sure.own);
  return sure.values ? shareOfDraws(sure.values, at) : shareAbove(value, at, combined(sure.parts));
}

/** What a figure rests on, ranked, with the ± that would be left. */
export function rankedOf(sure: Sure): Ranked[] {
  const scale = scaleOf(sure);
  const ranked = rankedParts(sure.parts);
  return scale === 1 ? ranked : ranked.map((part) => ({ ...part, leftPlusMinus: scale * part.leftPlusMinus }));
}

/** P(contact) of a clearance. */
export const touchShare = (sure: Sure, clearanceMm: number): number => 1 - shareOver(sure, clearanceMm, 0);

/** What one part rests on: readings of other parts have no part in it, nor what moves it by less than can be seen. */
export const onlyOf = (
  parts: readonly Contribution[],
  inputs: readonly { of?: string }[],
  id: string,
): Contribution[] => parts.filter(({ plusMinus }, i) => (inputs[i]!.of ?? id) === id && plusMinus > LEAST_MM);
const LEAST_MM = 0.02;
