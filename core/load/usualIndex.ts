import { mmFromInches } from '#core/units';
import { sectionHeightMm, type TireSize } from '#core/tire';

/** How far the estimate may be off, in indices. */
export const USUAL_INDEX_SPREAD = 2;

/** Indices that a reinforced (XL) tire of a size has above the usual one (tire and rim tables, from memory). */
export const XL_STEP = 4;

/**
 * The load index a standard tire of a metric passenger size usually has, as an estimate: 26.5·ln SN + 32.4·ln H + 25·ln
 * d − 354.6, lengths in mm. Fitted to 77 rows of the tire and rim tables from 13 to 20 in (from memory), all within 2
 * indices; the sidewall decides.
 * @returns null for sizes of another kind, whose index follows their load range
 */
export function usualLoadIndex(size: TireSize): number | null {
  if (size.system !== 'metric' || size.prefix === 'LT' || size.prefix === 'T' || size.prefix === 'ST') return null;
  const index =
    26.5 * Math.log(size.nominalWidthMm) +
    32.4 * Math.log(sectionHeightMm(size)) +
    25 * Math.log(mmFromInches(size.rimDiameterIn)) -
    354.6;
  return Math.round(index);
}
