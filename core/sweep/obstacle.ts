import type { Origin } from '#core/instrument';
import type { Point3 } from '#core/kinematics';
import type { Instrument } from '#core/uncertainty';
import type { Measured } from '#core/units';
import type { GapReading, Part } from './place';

/** The sides of a car. */
export const SIDES = ['left', 'right'] as const;
export type Side = (typeof SIDES)[number];

/** A gap read on the present wheel in a stated pose, with what it was read with. */
export interface ObstacleGap extends GapReading, Origin {
  uncertaintyMm?: Measured;
  instrument?: Instrument | null | undefined;
}

/**
 * A part of the car that a wheel may near: placed by a gap to the present wheel, or by one point or the corners of an
 * edge, in the corner's frame, at rest. What it moves with is as its kind usually does where it is left out.
 */
export interface Obstacle extends Part {
  label?: string | undefined;
  /** The side it stands on; both where it is left out. */
  side?: Side | undefined;
  limitMm?: Measured;
  /** Held by clips or screws alone; and what it leaves open when it is off. */
  removable?: boolean | undefined;
  leavesOpen?: string | undefined;
  gap?: ObstacleGap | undefined;
  points?: Point3[] | undefined;
}

/** Whether something that may stand on one side or on both stands on this one. */
export const standsOn = ({ side }: { side?: Side | undefined }, on: Side): boolean => (side ?? on) === on;
