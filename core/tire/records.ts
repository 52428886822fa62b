import type { Measured, Priced } from '#core/units';

/** A tire as it was read off its sidewall, its maker's table, or with a tape. Lengths mm. */
export interface Tire extends Priced {
  size?: string | undefined;
  /** Make and model. */
  label?: string | undefined;
  sectionWidthMm?: Measured;
  /** The rim on which that section was measured or is listed; this wheel where it is left out. */
  testRimIn?: Measured;
  overallDiameterMm?: Measured;
  /** From the ground to the wheel's center, the car standing on it. */
  staticLoadedRadiusMm?: Measured;
  treadWidthMm?: Measured;
  loadIndex?: Measured;
  /** Load index in dual fitment. */
  loadIndexDual?: Measured;
  speed?: string | undefined;
  /** Marked M+S or for severe snow. */
  snow?: boolean | undefined;
  loadRange?: string | undefined;
  /** The maker's least distance between the centerlines of dual tires. */
  minDualSpacingMm?: Measured;
  massKg?: Measured;
}
