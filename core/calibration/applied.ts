import { FAMILIES, type OwnErrors } from '#core/fitting';
import { roundTo } from '#core/units';
import { calibrationOf, type FittedError } from './calibrate';
import type { Estimate } from './estimate';

/** From so many fittings on the ± may become smaller, and how small. */
const TRUSTED_FITTINGS = 20;
const LEAST_SCALE = 0.7;

/**
 * What the ± of new predictions are multiplied by: max(1, s) at once, s but never below 0.7 from 20 fittings on. The
 * bias is named, never applied.
 */
export const appliedScale = ({ scale }: Pick<Estimate, 'scale'>, fittings: number): number =>
  Math.max(fittings >= TRUSTED_FITTINGS ? LEAST_SCALE : 1, scale);

/**
 * The shop's own error as its ± follow it, of every family that has shown one. Rounded, so that a verdict does not turn
 * with the third decimal.
 * @param fittingOf tells the fittings apart
 */
export function ownErrorsOf<T extends FittedError>(seen: readonly T[], fittingOf: (one: T) => string): OwnErrors {
  const { families } = calibrationOf(seen);
  return Object.fromEntries(
    FAMILIES.flatMap((family) => {
      const { n, biasMm } = families[family];
      if (n === 0) return [];
      const fittings = new Set(seen.filter((one) => one.family === family).map(fittingOf)).size;
      const scale = roundTo(appliedScale(families[family], fittings), 2);
      return [[family, { scale, biasMm: roundTo(biasMm, 1), fittings }] as const];
    }),
  );
}
