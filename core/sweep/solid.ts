import { distanceToSectionMm, type Section } from '#core/section';

// Taken out of their object once: these are asked millions of times in a sweep.
const { sqrt } = Math;

/** One wheel: its section, and where its rim centerline stands out from the hub face, mm. */
export interface SweptBody {
  section: Section;
  centerOut: number;
  /** Its inside looks outboard: the outer wheel of a dual pair. */
  turned?: boolean | undefined;
}

/** A place out from the hub face along a wheel's own axis, + toward its street side. */
export const alongBody = ({ centerOut, turned }: SweptBody, out: number): number =>
  turned ? centerOut - out : out - centerOut;

/** A wheel and tire as solids of revolution about the hub's axis: one section, or the two of a dual pair. */
export interface SweptSolid {
  bodies: readonly SweptBody[];
}

/**
 * Distance in mm from a point of the hub's frame to the solid, negative inside; exact.
 * @param lessThanMm how far off it is known to be less than, inside or out
 */
// eslint-disable-next-line max-params -- asked millions of times a sweep: an object a call would cost more than the sum
export function distanceMm(
  { bodies }: SweptSolid,
  out: number,
  fwd: number,
  up: number,
  lessThanMm = Infinity,
): number {
  const radius = sqrt(fwd * fwd + up * up);
  let least = Infinity;
  for (let i = 0; i < bodies.length; i++) {
    const mm = distanceToSectionMm(bodies[i]!.section, alongBody(bodies[i]!, out), radius, lessThanMm);
    if (mm < least) least = mm;
  }
  return least;
}
