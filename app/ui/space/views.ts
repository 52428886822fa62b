import { polygonHull } from 'd3';
import { toCorner, type Placement, type Point3 } from '#core/kinematics';
import { tireOutline, type Section } from '#core/section';
import type { SweptSolid, TouchedRegion } from '#core/sweep';

/** The three drawings of a corner. */
export type ViewName = 'behind' | 'side' | 'above';

/** A point of a drawing in mm: to the right and up the page. */
export type Flat = [right: number, up: number];

/**
 * How each drawing looks at the corner: from behind (out to the right), from outside (front to the right), from above (out to the right,
 * front up the page), so that behind and side share the height, behind and above the place across the car.
 */
export const PROJECT: Record<ViewName, (point: Point3) => Flat> = {
  behind: ({ out, up }) => [out, up],
  side: ({ fwd, up }) => [fwd, up],
  above: ({ out, fwd }) => [out, fwd],
};

const TURNS = 72;

/** Outline of a half section all around, axial and radial places from the rim's inboard flange to its outboard one. */
const profilePoints = (section: Section): { a: number; r: number }[] => [
  { a: -section.halfRimMm, r: section.rimRadiusMm },
  ...tireOutline(section, 5),
  { a: section.halfRimMm, r: section.rimRadiusMm },
];

/** A point of a wheel by its place on the section and its clock angle, in the hub's frame. */
const onWheel = (centreOut: number, a: number, r: number, clock: number): Point3 => ({
  out: centreOut + a,
  fwd: r * Math.sin(clock),
  up: r * Math.cos(clock),
});

/** The outlines of a wheel as each drawing sees it in a placement: a solid that is all but convex shows its hull. */
export function silhouettes(solid: SweptSolid, placement: Placement, view: ViewName): Flat[][] {
  return solid.bodies.map(({ section, centreOut }) => {
    const points: Flat[] = [];
    for (const { a, r } of profilePoints(section))
      for (let i = 0; i < TURNS; i++)
        points.push(PROJECT[view](toCorner(placement, onWheel(centreOut, a, r, (2 * Math.PI * i) / TURNS))));
    return polygonHull(points) ?? [];
  });
}

/** The rim's outboard edge as a drawing sees it. */
export const rimEdges = (solid: SweptSolid, placement: Placement, view: ViewName): Flat[][] =>
  solid.bodies.map(({ section, centreOut }) =>
    Array.from({ length: TURNS }, (_, i) =>
      PROJECT[view](
        toCorner(placement, onWheel(centreOut, section.halfRimMm, section.flangeRadiusMm, (2 * Math.PI * i) / TURNS)),
      ),
    ),
  );

/** Where the tire met something, as a patch of its tread and shoulders. */
export function touchedPatch(solid: SweptSolid, region: TouchedRegion, placement: Placement, view: ViewName): Flat[] {
  const points: Flat[] = [];
  const [from, to] = region.clockDeg;
  const steps = Math.max(1, Math.ceil((to - from) / 6));
  for (const { section, centreOut } of solid.bodies) {
    const [least, most] = [region.outMm[0] - centreOut - 4, region.outMm[1] - centreOut + 4];
    for (const { a, r } of tireOutline(section, 12)) {
      if (a < least || a > most || r < section.bellyRadiusMm) continue;
      for (let i = 0; i <= steps; i++) {
        const clock = ((from - 1.5 + ((to - from + 3) * i) / steps) * Math.PI) / 180;
        points.push(PROJECT[view](toCorner(placement, onWheel(centreOut, a, r, clock))));
      }
    }
  }
  return polygonHull(points) ?? [];
}
