import { normalShare } from './normal';
import { sigmaOf } from './sigma';

/** Something a figure rests on, and by how much that moves it: ± at 95 %, in the figure's own unit. */
export interface Contribution {
  name: string;
  plusMinus: number;
  /** Nobody said how exact it is: the usual figure stands in. */
  assumed: boolean;
}

/** ± at 95 % of a figure that is a sum of independent parts: the root of the sum of their squares. */
export const combined = (parts: readonly Contribution[]): number =>
  Math.sqrt(parts.reduce((sum, { plusMinus }) => sum + plusMinus * plusMinus, 0));

/**
 * P(true value ≥ threshold) for a figure with a normal error: Φ((value − threshold) / σ), σ = ± / 1.96. Without error
 * it is 0 or 1.
 */
export function shareAbove(value: number, threshold: number, plusMinus: number): number {
  if (plusMinus === 0) return value >= threshold ? 1 : 0;
  return normalShare((value - threshold) / sigmaOf(plusMinus));
}

/** A contribution with its share of the square of the whole, and the ± that were left if it were exact. */
export interface Ranked extends Contribution {
  share: number;
  leftPlusMinus: number;
}

/**
 * What a figure rests on, ranked by how much an exact reading of each would narrow it; what moves nothing is left out.
 */
export function rankedParts(parts: readonly Contribution[]): Ranked[] {
  const all = combined(parts) ** 2;
  return parts
    .filter(({ plusMinus }) => plusMinus > 0)
    .map((part) => ({
      ...part,
      share: part.plusMinus ** 2 / all,
      leftPlusMinus: Math.sqrt(Math.max(0, all - part.plusMinus ** 2)),
    }))
    .sort((one, other) => other.share - one.share);
}
