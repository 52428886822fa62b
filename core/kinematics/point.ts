/**
 * A place in a corner's frame, mm from the hub face's center at rest: out from the car's middle, toward its front, up.
 */
export interface Point3 {
  out: number;
  fwd: number;
  up: number;
}
