import { sectionOf, type Section } from '#core/section';
import type { SweptSolid } from '#core/sweep';
import { rimSeatDiameterMm, serviceEnvelope } from '#core/tire';
import { sectionOfFitted, type Fitted } from './fitted';

/** What a sweep allows for beside the tire as it is new and unloaded. */
export interface Allowance {
  /** In-service growth (UNECE R30). */
  growth: boolean;
  /** How far the sidewalls bulge under load, mm a side. */
  bulgeMm: number;
}

export const NO_ALLOWANCE: Allowance = { growth: false, bulgeMm: 0 };

/** A wheel and tire as the sweep meets them; null while a dimension or the offset is missing. */
export function solidOf(fitted: Fitted, allowance: Allowance = NO_ALLOWANCE): SweptSolid | null {
  const { effectiveOffsetMm, dual } = fitted;
  const section = sectionWith(fitted, allowance);
  if (section === null || effectiveOffsetMm === null || dual?.spacingMm === null) return null;
  const centreOut = -effectiveOffsetMm;
  return {
    bodies: [{ section, centreOut }, ...(dual ? [{ section, centreOut: centreOut + dual.spacingMm! }] : [])],
  };
}

function sectionWith(fitted: Fitted, { growth, bulgeMm }: Allowance): Section | null {
  const section = sectionOfFitted(fitted);
  const { overallDiameterMm, sectionWidthMm, treadWidthMm, wheel } = fitted;
  if (section === null || (!growth && bulgeMm === 0)) return section;
  const seatDiameterMm = rimSeatDiameterMm(wheel.rimDiameterIn!);
  const tire = { overallDiameterMm: overallDiameterMm!, sectionWidthMm: sectionWidthMm! };
  const grown = growth ? serviceEnvelope(tire, seatDiameterMm) : tire;
  return sectionOf(
    {
      overallDiameterMm: grown.overallDiameterMm,
      sectionWidthMm: grown.sectionWidthMm + 2 * bulgeMm,
      treadWidthMm: treadWidthMm!,
    },
    { rimWidthIn: wheel.rimWidthIn!, seatDiameterMm, flangeMm: fitted.flangeMm },
  );
}
