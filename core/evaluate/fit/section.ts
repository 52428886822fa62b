import { sectionOf, type Section } from '#core/section';
import { GROWTH, rimSeatDiameterMm, serviceEnvelope } from '#core/tire';
import type { Fitted } from './fitted';
import { insideOf, type InsideAsk } from './inside';

/** What a sweep, or a drawing, allows for beside the tire as it is new and unloaded. */
export interface Allowance {
  /** In-service growth (UNECE R30); the tread widens with its section. */
  growth: boolean;
  /** How far the sidewalls bulge under load, mm a side. */
  bulgeMm: number;
}

export const NO_ALLOWANCE: Allowance = { growth: false, bulgeMm: 0 };

/** The section to draw and to sweep; null while a dimension is missing. */
export function sectionOfFitted(
  fitted: Fitted,
  { growth, bulgeMm }: Allowance = NO_ALLOWANCE,
  inside: InsideAsk = {},
): Section | null {
  const { overallDiameterMm, sectionWidthMm, treadWidthMm: tread, wheel } = fitted;
  if (overallDiameterMm === null || sectionWidthMm === null || tread === null) return null;
  if (wheel.rimWidthIn == null || wheel.rimDiameterIn == null) return null;
  const seatDiameterMm = rimSeatDiameterMm(wheel.rimDiameterIn);
  if (overallDiameterMm <= seatDiameterMm) return null;
  const asNew = { overallDiameterMm, sectionWidthMm };
  const tire = growth ? serviceEnvelope(asNew, seatDiameterMm) : asNew;
  return sectionOf(
    {
      overallDiameterMm: tire.overallDiameterMm,
      sectionWidthMm: tire.sectionWidthMm + 2 * bulgeMm,
      treadWidthMm: growth ? GROWTH.width * tread : tread,
    },
    { rimWidthIn: wheel.rimWidthIn, seatDiameterMm, flangeMm: fitted.flangeMm },
    insideOf(fitted, inside),
  );
}
