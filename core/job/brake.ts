import type { Measured } from './measured';

/** A point of a half section: a from the mounting face (+ outboard), r from the hub's axis; mm. */
export interface AxialPoint {
  a: number;
  r: number;
}

/** How a shape became known. `family` is assumed: nobody measured that wheel. */
export type FaceOrigin = 'straightedge' | 'typed' | 'file' | 'family';
export const FACE_ORIGINS: readonly FaceOrigin[] = ['straightedge', 'typed', 'file', 'family'];

/** Shapes of spoke that wheels commonly have, seen from behind. */
export type SpokeFamily = 'flat' | 'curved' | 'domed' | 'deep';

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
  origin?: 'typed' | 'traced' | 'file' | undefined;
}
