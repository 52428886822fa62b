import type { Measured } from '#core/units';

/** The gaps around the present wheel at rest, mm. */
export interface Room {
  outboardGapMm?: Measured;
  inboardGapMm?: Measured;
  archGapMm?: Measured;
  uncertaintyMm?: Measured;
}
