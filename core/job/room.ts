import type { Point3 } from '#core/kinematics';
import type { SurfaceName } from '#core/section';
import type { KnownSuspension } from '#core/suspension';
import type { Mount, ObstacleKind } from '#core/sweep';
import type { Instrument, Measured } from './measured';

export interface Room {
  outboardGapMm?: Measured;
  inboardGapMm?: Measured;
  archGapMm?: Measured;
  uncertaintyMm?: Measured;
}

export type Suspension = KnownSuspension;

/** A part of the car that a wheel may near: placed by a gap to the present wheel, or by coordinates. */
export interface Obstacle {
  id: string;
  label?: string | undefined;
  kind?: ObstacleKind | undefined;
  /** The side it stands on; both where it is left out. */
  side?: Side | undefined;
  /** What it moves with; as its kind usually does where it is left out. */
  mount?: Mount | undefined;
  limitMm?: Measured;
  /** Held by clips or screws alone; and what it leaves open when it is off. */
  removable?: boolean | undefined;
  leavesOpen?: string | undefined;
  gap?: ObstacleGap | undefined;
  /** One point, or the corners of an edge; in the corner's frame, at rest. */
  points?: Point3[] | undefined;
}

export type Side = 'left' | 'right';

/** A gap read on the present wheel in a stated pose. */
export interface ObstacleGap {
  surface: SurfaceName;
  clockDeg: number;
  gapMm: number;
  axialMm?: Measured;
  /** Of a gap to the spokes: at which radius of the wheel; halfway up where it is left out. */
  radiusMm?: Measured;
  steerDeg?: Measured;
  travelMm?: Measured;
  uncertaintyMm?: Measured;
  instrument?: Instrument | null | undefined;
}
