import { inchesFromMm } from '#core/units';
import { backspacingMm, offsetFromBackspacingMm } from './backspacing';

/** A wheel by width, offset and overall backspacing. */
export interface WheelFromRoom {
  rimWidthIn: number;
  offsetMm: number;
  backspacingOverallMm: number;
}

/**
 * The widest wheel for a room to spare on each side of the present one: W + Δin + Δout, BS + Δin.
 * @param present the wheel that is on the car: nominal width in inches, offset in mm
 * @param spareMm room to spare inboard and outboard, mm (negative takes room away)
 * @param flangeMm flange thickness a side, the same on both wheels
 */
export function wheelFromRoom(
  present: { rimWidthIn: number; offsetMm: number },
  spareMm: { inboard: number; outboard: number },
  flangeMm: number,
): WheelFromRoom {
  const rimWidthIn = present.rimWidthIn + inchesFromMm(spareMm.inboard + spareMm.outboard);
  const backspacing =
    backspacingMm({ rimWidthIn: present.rimWidthIn, offsetMm: present.offsetMm, flangeMm, convention: 'overall' }) +
    spareMm.inboard;
  return {
    rimWidthIn,
    offsetMm: offsetFromBackspacingMm({ rimWidthIn, backspacing, flangeMm, convention: 'overall' }),
    backspacingOverallMm: backspacing,
  };
}
