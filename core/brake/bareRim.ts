import { mmFromInches } from '#core/units';
import { rimSeatDiameterMm } from '#core/tire';
import type { Clearance } from './clearance';
import type { AxialPoint } from './records';

/** A wheel of which nobody knows more than its rim, and where that stands. */
export interface BareRim {
  rimDiameterIn: number;
  rimWidthIn: number;
  effectiveOffsetMm: number;
}

/**
 * Where a brake reaches a rim whatever the wheel is like inside: the metal under the tire's bead lies at the bead
 * seat's radius all across the rim's width, W/2 to either side of the rim centerline, −ETe from the hub face. Null
 * where the brake stays under it, which says nothing yet. Rim diameters by ISO 4000-1 (from memory).
 * @param outline of the brake, from the hub face and the axis, mm
 */
export function reachedRim(
  outline: readonly AxialPoint[],
  { rimDiameterIn, rimWidthIn, effectiveOffsetMm }: BareRim,
): Clearance | null {
  const seatMm = rimSeatDiameterMm(rimDiameterIn) / 2;
  const halfMm = mmFromInches(rimWidthIn) / 2;
  const under = outline.filter(({ a }) => Math.abs(a + effectiveOffsetMm) <= halfMm);
  const highest = under.reduce<AxialPoint | null>((most, one) => (most === null || one.r > most.r ? one : most), null);
  if (highest === null || highest.r <= seatMm) return null;
  return { mm: seatMm - highest.r, caliper: highest, wheel: { a: highest.a, r: seatMm } };
}
