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
