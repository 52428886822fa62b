import type { Measured } from '#core/units';

/** A point of a half section: a from the mounting face (+ outboard), r from the hub's axis; mm. */
export interface AxialPoint {
  a: number;
  r: number;
}

/** How a shape became known. `family` is assumed: nobody measured that wheel. */
export const FACE_ORIGINS = ['straightedge', 'typed', 'file', 'family'] as const;
export type FaceOrigin = (typeof FACE_ORIGINS)[number];

/** How a brake's outline became known. */
export const OUTLINE_ORIGINS = ['typed', 'traced', 'file'] as const;
export type OutlineOrigin = (typeof OUTLINE_ORIGINS)[number];

/** Shapes of spoke that wheels commonly have, seen from behind. */
export const SPOKE_FAMILIES = ['flat', 'curved', 'domed', 'deep'] as const;
export type SpokeFamily = (typeof SPOKE_FAMILIES)[number];

/** Where balance weights stick to the barrel, from a to a, and how far they stand off it; mm. */
export interface WeightZone {
  fromMm: number;
  toMm: number;
  heightMm: number;
}

/** The inside of a wheel, as a brake sees it: a from the wheel's mounting face. */
export interface InnerFace {
  /** From the back flange outward. */
  barrel?: AxialPoint[] | undefined;
  /** The back of the spokes, from the rim toward the hub. */
  spoke?: AxialPoint[] | undefined;
  weights?: WeightZone[] | undefined;
  origin?: FaceOrigin | undefined;
  family?: SpokeFamily | undefined;
  /** The wheel it was read on: a wheel of another width or offset has another inside. */
  readOn?: { rimWidthIn: number; offsetMm: number } | undefined;
}

/** The brake behind a wheel: a from the hub's mounting face. */
export interface Caliper {
  label?: string | undefined;
  /** Closed: its last point is joined to its first. */
  outline?: AxialPoint[] | undefined;
  rotorDiameterMm?: Measured;
  origin?: OutlineOrigin | undefined;
  /** What was read on the car, as far as it is; an outline that was traced comes from it. */
  reach?: ReachReadings | undefined;
}

/** Readings of a brake with a straightedge across the hub face; what is missing is not read yet. Lengths mm. */
export interface ReachReadings {
  /** The place of its back, from the hub face. */
  backMm?: Measured;
  /** How far it reaches outboard of the face at a radius, from the hub outward. */
  rows?: ReachReading[] | undefined;
}

/** The reach at a radius, as far as it is read; mm. */
export interface ReachReading {
  radiusMm?: Measured;
  reachMm?: Measured;
}
