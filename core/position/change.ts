import type { LateralPlace } from './place';

/** How far the outer face moves outboard, mm: in nominal terms ΔW/2 − ΔET. */
export const outerChangeMm = (candidate: LateralPlace, present: LateralPlace): number =>
  candidate.outerMm - present.outerMm;

/** How far the inner face moves inboard, mm: in nominal terms ΔW/2 + ΔET. */
export const innerChangeMm = (candidate: LateralPlace, present: LateralPlace): number =>
  present.innerMm - candidate.innerMm;

/**
 * Change of an axle's track in mm: −2·ΔETe, both sides moving alike; of dual wheels between the middles of the pairs,
 * so plus the change of their spacing.
 */
export const trackChangeMm = (
  effectiveOffsetMm: number,
  presentEffectiveOffsetMm: number,
  dualSpacingChangeMm = 0,
): number => -2 * (effectiveOffsetMm - presentEffectiveOffsetMm) + dualSpacingChangeMm;

/** Change of diameter in percent of the present tire. */
export const diameterChangePct = (diameterMm: number, presentDiameterMm: number): number =>
  100 * (diameterMm / presentDiameterMm - 1);

/**
 * True speed when the speedometer shows `indicated`, had it been exact on the present tire: indicated · D/D0, in the
 * same unit.
 */
export const trueSpeed = (indicated: number, diameterMm: number, presentDiameterMm: number): number =>
  (indicated * diameterMm) / presentDiameterMm;

/** How far the tire alone raises the axle, mm: half the growth in diameter. */
export const rideHeightChangeMm = (diameterMm: number, presentDiameterMm: number): number =>
  (diameterMm - presentDiameterMm) / 2;

/**
 * Scrub radius in mm, + when the contact center stands outboard of the steering axis: −ETe + k − Rl·tan(KPI).
 * @param loadedRadiusMm Rl, from the ground to the wheel's center
 * @param kingpinOffsetMm k, how far the steering axis stands inboard of the hub face at hub height
 */
export const scrubRadiusMm = ({
  effectiveOffsetMm,
  loadedRadiusMm,
  kingpinOffsetMm,
  kingpinInclinationDeg,
}: {
  effectiveOffsetMm: number;
  loadedRadiusMm: number;
  kingpinOffsetMm: number;
  kingpinInclinationDeg: number;
}): number => -effectiveOffsetMm + kingpinOffsetMm - loadedRadiusMm * Math.tan((kingpinInclinationDeg * Math.PI) / 180);
