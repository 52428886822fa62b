import { polygonHull } from 'd3';
import { toCorner, type Placement, type Point3 } from '#core/kinematics';
import { tireOutline, type Section } from '#core/section';
import type { SweptSolid, TouchedRegion } from '#core/sweep';

/** The three drawings of a corner. */
export type ViewName = 'behind' | 'side' | 'above';

/** A point of a drawing in mm: to the right and up the page. */
export type Flat = [right: number, up: number];

/**
 * How each drawing looks at the corner: from behind (out to the right), from outside (front to the right), from above
 * (out to the right, front up the page), so that behind and side share the height, behind and above the place across
 * the car.
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
const onWheel = ({ centerOut, a, r, clock }: { centerOut: number; a: number; r: number; clock: number }): Point3 => ({
  out: centerOut + a,
  fwd: r * Math.sin(clock),
  up: r * Math.cos(clock),
});

/**
 * In how many directions an outline is asked for its furthest point: around the drawing, and around a circle about the
 * axis as it is drawn.
 */
const DIRECTIONS = 180;

/**
 * Directions of a drawing that tell an outline, given how the axis lies in it: evenly spread, and close where a circle
 * is seen from its side.
 */
function directions(axisRight: number, axisUp: number): number[] {
  const leans = Math.atan2(axisUp, axisRight);
  const flat = Math.sqrt(Math.max(0, 1 - axisRight ** 2 - axisUp ** 2));
  const turns = Array.from({ length: DIRECTIONS }, (_, i) => (2 * Math.PI * i) / DIRECTIONS);
  return [...turns, ...turns.map((turn) => leans + Math.atan2(flat * Math.sin(turn), Math.cos(turn)))]
    .map((turn) => (turn + 4 * Math.PI) % (2 * Math.PI))
    .sort((one, other) => one - other);
}

/**
 * The outlines of a wheel as each drawing sees it in a placement: a solid that is all but convex shows its hull. Seen
 * in a direction u of the drawing, a circle of radius r about the axis at a reaches furthest at a along the axis and r
 * along what of u is square to it; of all circles of the profile the furthest is the outline's point there.
 */
export function silhouettes(solid: SweptSolid, placement: Placement, view: ViewName): Flat[][] {
  const project = PROJECT[view];
  const [centerRight, centerUp] = project(toCorner(placement, { out: 0, fwd: 0, up: 0 }));
  const [tipRight, tipUp] = project(toCorner(placement, { out: 1, fwd: 0, up: 0 }));
  const [axisRight, axisUp] = [tipRight - centerRight, tipUp - centerUp];
  const turns = directions(axisRight, axisUp);
  return solid.bodies.map(({ section, centerOut }) => {
    const profile = profilePoints(section);
    return turns.map((turn): Flat => {
      const [right, up] = [Math.cos(turn), Math.sin(turn)];
      const along = right * axisRight + up * axisUp;
      const square = Math.sqrt(Math.max(0, 1 - along * along));
      let furthest = profile[0]!;
      for (const one of profile)
        if (one.a * along + one.r * square > furthest.a * along + furthest.r * square) furthest = one;
      const [place, reach] = [centerOut + furthest.a, square > 1e-6 ? furthest.r / square : 0];
      return [
        centerRight + place * axisRight + reach * (right - along * axisRight),
        centerUp + place * axisUp + reach * (up - along * axisUp),
      ];
    });
  });
}

const ROWS: readonly (keyof Point3)[] = ['out', 'fwd', 'up'];

/**
 * The least and the most that a wheel reaches along a direction of the corner's frame: of a circle of radius r about
 * the axis, whose share along the direction is s, r·√(1 − s²) to either side of its center.
 */
export function reaches(solid: SweptSolid, placement: Placement, along: keyof Point3): [least: number, most: number] {
  const row = 4 * ROWS.indexOf(along);
  const [share, shift] = [placement[row]!, placement[row + 3]!];
  const square = Math.sqrt(Math.max(0, 1 - share * share));
  let [least, most] = [Infinity, -Infinity];
  for (const { section, centerOut } of solid.bodies)
    for (const { a, r } of profilePoints(section)) {
      const center = shift + share * (centerOut + a);
      least = Math.min(least, center - r * square);
      most = Math.max(most, center + r * square);
    }
  return [least, most];
}

/** The rim's outboard edge as a drawing sees it. */
export const rimEdges = (solid: SweptSolid, placement: Placement, view: ViewName): Flat[][] =>
  solid.bodies.map(({ section, centerOut }) =>
    Array.from({ length: TURNS }, (_, i) =>
      PROJECT[view](
        toCorner(
          placement,
          onWheel({ centerOut, a: section.halfRimMm, r: section.flangeRadiusMm, clock: (2 * Math.PI * i) / TURNS }),
        ),
      ),
    ),
  );

/**
 * The inside of a hollow wheel, cut where a drawing looks at it: over and under the hub from behind, ahead and behind
 * of it from above. From outside it is hidden.
 */
export function hollowCuts(solid: SweptSolid, placement: Placement, view: ViewName): Flat[][] {
  if (view === 'side') return [];
  const clocks = view === 'behind' ? [0, Math.PI] : [Math.PI / 2, -Math.PI / 2];
  return solid.bodies.flatMap(({ section, centerOut, turned }) =>
    clocks.map((clock) =>
      (section.hollow?.line ?? []).map(({ a, r }) =>
        PROJECT[view](toCorner(placement, onWheel({ centerOut, a: turned ? -a : a, r, clock }))),
      ),
    ),
  );
}

/** Where the tire met something, as a patch of its tread and shoulders. */
export function touchedPatch({
  solid,
  region,
  placement,
  view,
}: {
  solid: SweptSolid;
  region: TouchedRegion;
  placement: Placement;
  view: ViewName;
}): Flat[] {
  const points: Flat[] = [];
  const [from, to] = region.clockDeg;
  const steps = Math.max(1, Math.ceil((to - from) / 6));
  for (const { section, centerOut } of solid.bodies) {
    const [least, most] = [region.outMm[0] - centerOut - 4, region.outMm[1] - centerOut + 4];
    for (const { a, r } of tireOutline(section, 12)) {
      if (a < least || a > most || r < section.bellyRadiusMm) continue;
      for (let i = 0; i <= steps; i++) {
        const clock = ((from - 1.5 + ((to - from + 3) * i) / steps) * Math.PI) / 180;
        points.push(PROJECT[view](toCorner(placement, onWheel({ centerOut, a, r, clock }))));
      }
    }
  }
  return polygonHull(points) ?? [];
}
