import type { LateralPlace } from './place';

/**
 * Where the fender's lip stands, mm outboard of the hub face: the present outermost place plus the gap read to the
 * fender.
 */
export const fenderOutMm = (present: LateralPlace, outboardGapMm: number): number => present.outerMm + outboardGapMm;

/** Where the nearest inboard part stands, mm outboard of the hub face (negative: inboard). */
export const innerPartOutMm = (present: LateralPlace, inboardGapMm: number): number => present.innerMm - inboardGapMm;

/** Poke in mm: how far the candidate reaches past the fender lip; negative is tuck. */
export const pokeMm = (candidate: LateralPlace, fenderOut: number): number => candidate.outerMm - fenderOut;

/** Gap in mm between the candidate's innermost place and the nearest inboard part; negative touches. */
export const inboardGapMm = (candidate: LateralPlace, innerPartOut: number): number => candidate.innerMm - innerPartOut;

/**
 * Gap in mm between tread top and fender lip: the present gap less half the growth in diameter, plus what the
 * suspension change raises the body by.
 */
export const archGapMm = ({
  presentGapMm,
  diameterMm,
  presentDiameterMm,
  suspensionRiseMm,
}: {
  presentGapMm: number;
  diameterMm: number;
  presentDiameterMm: number;
  suspensionRiseMm: number;
}): number => presentGapMm - (diameterMm - presentDiameterMm) / 2 + suspensionRiseMm;

/**
 * How far a suspension change opens the arch over a wheel at rest, mm; lowering is negative. A spring or strut-top lift
 * lets the wheel hang lower against the body, a body lift raises the body: at rest all three open the arch by their own
 * measure.
 */
export const archRiseMm = (change: { mm: number } | null): number => change?.mm ?? 0;
