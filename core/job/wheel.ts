import type { InnerFace } from '#core/brake';
import type { CenteredWheel } from '#core/centering';
import type { FastenedWheel } from '#core/fastener';
import type { SensorSeat } from '#core/sensor';
import type { Measured, Priced } from '#core/units';
import type { WheelPlace, WheelStyle } from '#core/wheel';

/**
 * A wheel: its rim and place on the axle, its pattern, and what bore, lug seats, sensors and brake meet of it. Lengths
 * mm.
 */
export interface Wheel extends WheelPlace, CenteredWheel, FastenedWheel, SensorSeat, Priced {
  rimDiameterIn?: Measured;
  lugCount?: Measured;
  boltCircleMm?: Measured;
  ratingKg?: Measured;
  massKg?: Measured;
  innerFace?: InnerFace | undefined;
  /** How it looks from outside, for pictures alone. */
  style?: WheelStyle | undefined;
  /** Spokes, or holes of a steel disc. */
  spokeCount?: Measured;
}
