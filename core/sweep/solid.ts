import { distanceLattice, distanceToSectionMm, type Section } from '#core/section';

/** A wheel and tire as solids of revolution about the hub's axis: one section, or the two of a dual pair. */
export interface SweptSolid {
  bodies: readonly { section: Section; centreOut: number }[];
}

/** Distance in mm from a point of the hub's frame to the solid, negative inside; exact. */
export function distanceMm({ bodies }: SweptSolid, out: number, fwd: number, up: number): number {
  const radius = Math.sqrt(fwd * fwd + up * up);
  let least = Infinity;
  for (const { section, centreOut } of bodies)
    least = Math.min(least, distanceToSectionMm(section, out - centreOut, radius));
  return least;
}

/** The same from the lattices of the sections: quick, and near enough to tell which poses are worth an exact look. */
export function quickDistance({ bodies }: SweptSolid): (out: number, fwd: number, up: number) => number {
  const lattices = bodies.map(({ section, centreOut }) => ({ lattice: distanceLattice(section), centreOut }));
  const [first, second] = lattices;
  if (!first) return () => Infinity;
  const one = (of: typeof first, out: number, radius: number) => of.lattice.distance(out - of.centreOut, radius);
  return (out, fwd, up) => {
    const radius = Math.sqrt(fwd * fwd + up * up);
    const least = one(first, out, radius);
    return second ? Math.min(least, one(second, out, radius)) : least;
  };
}
