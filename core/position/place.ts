import { mmFromInches } from '#core/units';

/** Where a wheel and tire stand across the car: mm outboard of the hub face. */
export interface LateralPlace {
  effectiveOffsetMm: number;
  /** Half the wider of tire section and overall rim. */
  extentMm: number;
  /** How far the outer wheel of a dual pair stands outboard of the inner one; 0 for a single wheel. */
  spreadMm: number;
  /** Outermost and innermost place, −ETe ± extent; the outermost of a pair is its outer wheel's. */
  outerMm: number;
  innerMm: number;
}

/** Half the width that meets the car: max(S/2, W/2 + f), the same inboard and outboard. */
export const extentMm = (sectionWidthMm: number, rimWidthIn: number, flangeMm: number): number =>
  Math.max(sectionWidthMm / 2, mmFromInches(rimWidthIn) / 2 + flangeMm);

/**
 * Outermost and innermost place of a wheel and tire against the hub face: the rim centerline stands at −ETe.
 * @param spreadMm distance between the centerlines of a dual pair
 */
export const lateralPlace = (effectiveOffsetMm: number, extent: number, spreadMm = 0): LateralPlace => ({
  effectiveOffsetMm,
  extentMm: extent,
  spreadMm,
  outerMm: -effectiveOffsetMm + spreadMm + extent,
  innerMm: -effectiveOffsetMm - extent,
});
