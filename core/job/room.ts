import type { Measured } from '#core/units';

/** The gaps around the present wheel at rest, and the car's least height over the ground at that axle, mm. */
export interface Room {
  outboardGapMm?: Measured;
  inboardGapMm?: Measured;
  archGapMm?: Measured;
  groundClearanceMm?: Measured;
  uncertaintyMm?: Measured;
}
