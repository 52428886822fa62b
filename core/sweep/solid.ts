import { distanceToSectionMm, type Section } from '#core/section';

// Taken out of their object once: these are asked millions of times in a sweep.
const { sqrt } = Math;

/** A wheel and tire as solids of revolution about the hub's axis: one section, or the two of a dual pair. */
export interface SweptSolid {
  bodies: readonly { section: Section; centreOut: number }[];
}

/** Distance in mm from a point of the hub's frame to the solid, negative inside; exact. */
export function distanceMm({ bodies }: SweptSolid, out: number, fwd: number, up: number): number {
  const radius = sqrt(fwd * fwd + up * up);
  let least = Infinity;
  for (let i = 0; i < bodies.length; i++) {
    const mm = distanceToSectionMm(bodies[i]!.section, out - bodies[i]!.centreOut, radius);
    if (mm < least) least = mm;
  }
  return least;
}
