import type { InnerFace, SpokeFamily } from './records';
import { rimSeatDiameterMm } from '#core/tire';
import { mmFromInches } from '#core/units';
import { backspacingMm } from '#core/wheel';

/** What a face is made from where nobody measured it. */
export interface FamilyWheel {
  rimDiameterIn: number;
  rimWidthIn: number;
  offsetMm: number;
  flangeMm: number;
}

/** Wall of a cast barrel, depth of the drop center under the bead seat, both in mm (common practice, no source). */
export const WALL_MM = 6;
export const DROP_CENTRE_MM = 18;
/** Thickness of the spokes where they meet the rim, and radius of the pad, mm (common practice, no source). */
const SPOKE_MM = 30;
const PAD_MM = 75;

/**
 * How far the middle of the spokes' back stands outboard of a straight line from rim to pad, mm (common practice, no
 * source).
 */
export const FAMILY_BOW_MM: Record<SpokeFamily, number> = { flat: 0, curved: 8, domed: 18, deep: -12 };

const POINTS = 12;

/**
 * An inner face by the family of the spokes, for a wheel nobody has measured: assumed, never a reading. Barrel: bead
 * seat less its wall, with a drop center near the back; spokes: from 30 mm inside the outboard bead seat to the pad,
 * bowed by the family. Common practice, no source.
 */
export function familyFace(family: SpokeFamily, wheel: FamilyWheel): InnerFace {
  const { rimDiameterIn, rimWidthIn, offsetMm, flangeMm } = wheel;
  const half = mmFromInches(rimWidthIn) / 2;
  const seat = rimSeatDiameterMm(rimDiameterIn) / 2 - WALL_MM;
  const well = seat - DROP_CENTRE_MM;
  const back = -backspacingMm({ rimWidthIn, offsetMm, flangeMm, convention: 'overall' });
  const rim = half - offsetMm - SPOKE_MM;
  const from = -half - offsetMm;
  const span = rim - from;
  const barrel = [
    { a: back, r: seat },
    { a: from + 0.16 * span, r: seat - 2 },
    { a: from + 0.28 * span, r: well },
    { a: from + 0.5 * span, r: well },
    { a: from + 0.66 * span, r: seat - 5 },
    { a: rim, r: seat - 4 },
  ];
  // The pad stands at a = 0; the spokes rise from it to the rim.
  const [top, foot] = [seat - 10, PAD_MM];
  const spoke = Array.from({ length: POINTS + 1 }, (_, index) => {
    const t = index / POINTS;
    return { a: rim * (1 - t) + 4 * t * (1 - t) * FAMILY_BOW_MM[family], r: top + (foot - top) * t };
  });
  return { barrel, spoke, origin: 'family', family, readOn: { rimWidthIn, offsetMm } };
}
