import { FAMILIES, type Family, type OwnErrors } from '#core/fitting';
import { roundTo } from '#core/units';
import type { Calibration } from './calibrate';
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
 * @param fittings how many of them have shown one, by family
 */
export const ownErrorsOf = (
  families: Calibration['families'],
  fittings: Readonly<Partial<Record<Family, number>>>,
): OwnErrors =>
  Object.fromEntries(
    FAMILIES.flatMap((family) => {
      const { n, biasMm } = families[family];
      if (n === 0) return [];
      const shown = fittings[family] ?? 0;
      const scale = roundTo(appliedScale(families[family], shown), 2);
      return [[family, { scale, biasMm: roundTo(biasMm, 1), fittings: shown }] as const];
    }),
  );
