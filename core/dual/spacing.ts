/**
 * Dual wheels: two wheels of one offset, disc on disc. The inner one sits on the hub with its rim inboard, the outer
 * one turned over with its rim outboard, so that their mounting faces look away from each other.
 */
export interface DualParts {
  /** Offset of the wheel, ET: the hub-side face outboard of the rim centerline. */
  offsetMm: number;
  /** Thickness of one disc at its mounting pad. */
  padThicknessMm: number;
  /** A spacer between the two discs. */
  spacerMm: number;
}

/** Distance between the two rim centerlines, mm: 2·(ET + p) + spacer. (ET + p is what wheel makers call the outset.) */
export const dualSpacingMm = ({ offsetMm, padThicknessMm, spacerMm }: DualParts): number =>
  2 * (offsetMm + padThicknessMm) + spacerMm;

/** Gap between the sidewalls that face each other, mm: spacing less section width. Negative: they overlap. */
export const dualGapMm = (spacingMm: number, sectionWidthMm: number): number => spacingMm - sectionWidthMm;

/**
 * Where the centerline of the outer wheel stands, mm outboard of the hub face: the inner wheel's −ETe and the spacing.
 * @param effectiveOffsetMm of the inner wheel
 */
export const outerCenterMm = (effectiveOffsetMm: number, spacingMm: number): number => -effectiveOffsetMm + spacingMm;

/** Least spacer between the discs, mm, that brings the gap to its minimum; 0 where it is there already. */
export const spacerForGapMm = (gapMm: number, leastGapMm: number): number => Math.max(0, leastGapMm - gapMm);

/**
 * The gap that must stay between sidewalls, mm: what the tire maker's least dual spacing leaves, or the shop default
 * where nobody looked it up (common practice, no source).
 */
export function leastDualGapMm(
  minDualSpacingMm: number | null,
  sectionWidthMm: number,
  shopMm: number,
): { mm: number; origin: 'maker' | 'house' } {
  return minDualSpacingMm === null
    ? { mm: shopMm, origin: 'house' }
    : { mm: minDualSpacingMm - sectionWidthMm, origin: 'maker' };
}

/**
 * Thickness in mm of a front hub extension that puts a wheel of another offset where the present one stands: t = ET −
 * ETe.
 * @returns null where the wheel needs none
 */
export const extensionMm = (offsetMm: number, presentEffectiveOffsetMm: number): number | null =>
  offsetMm - presentEffectiveOffsetMm > 0.5 ? offsetMm - presentEffectiveOffsetMm : null;
