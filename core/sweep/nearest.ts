import type { Placement } from '#core/kinematics';
import { distanceLattice, latticeDistanceMm, mostReadMm, type DistanceLattice } from '#core/section';
import type { PlacedPart } from './place';
import { distanceMm, type SweptSolid } from './solid';

// Taken out of their object once: these are asked millions of times in a sweep.
const { abs, floor, max, min, sqrt } = Math;

/** Where a part is nearest to a wheel: the distance, and the place in the hub's frame. */
export interface Nearest {
  mm: number;
  out: number;
  fwd: number;
  up: number;
}

/** So few points are looked at exactly at once: a lattice is not worth its making. */
const FEW = 16;
/** How often an interval of an edge is narrowed; each time to 0.62 of it, so 16 mm come to 0.05. */
const NARROWINGS = 12;
const GOLDEN = (sqrt(5) - 1) / 2;
/** More than chords and rounding come to where a distance is bounded by another, mm. */
const SLACK_MM = 0.02;

/** Looks at a part from a solid, pose by pose. */
export interface Looker {
  /** Least distance over the points, from the lattices alone. */
  quick(placement: Placement): number;
  /** Exact least distance over the points. */
  points(placement: Placement): number;
  /** The same with a guess at what lies on the edge beside the nearest point: enough to walk by. */
  beside(placement: Placement): number;
  /** Exact least distance, along the edges between the points too. */
  exact(placement: Placement): number;
  /** The same with its place. */
  nearest(placement: Placement): Nearest;
  /** The place that was found last, in the same placement. */
  found(placement: Placement): Nearest;
}

/** A part before a solid. Nothing is made anew from pose to pose. */
export function lookAt({ xyz, edge }: PlacedPart, solid: SweptSolid): Looker {
  let lattices: readonly DistanceLattice[] | null = null;
  const centers = Float64Array.from(solid.bodies, ({ centerOut }) => centerOut);
  const count = xyz.length / 3;
  const found = new Float64Array(count);
  // The point that the lattices read as the nearest.
  let readNearest = 0;
  // The place that was looked at last, along the part and in the hub's frame.
  let at = 0;
  let out = 0;
  let fwd = 0;
  let up = 0;
  // How far off that was; at first nothing was looked at.
  let off = Infinity;

  const [firstOut, secondOut] = [centers[0]!, centers[1] ?? 0];
  const [firstWay, secondWay] = [solid.bodies[0]?.turned ? -1 : 1, solid.bodies[1]?.turned ? -1 : 1];

  const quick = (p: Placement): number => {
    lattices ??= solid.bodies.map(({ section }) => distanceLattice(section));
    const first = lattices[0];
    const second = lattices[1];
    if (!first) return Infinity;
    // Read once: the loop asks for each of them at every point.
    const [p0, p1, p2, p3] = [p[0]!, p[1]!, p[2]!, p[3]!];
    const [p4, p5, p6, p7] = [p[4]!, p[5]!, p[6]!, p[7]!];
    const [p8, p9, p10, p11] = [p[8]!, p[9]!, p[10]!, p[11]!];
    let least = Infinity;
    for (let i = 0, at3 = 0; i < count; i++, at3 += 3) {
      const x = xyz[at3]!;
      const y = xyz[at3 + 1]!;
      const z = xyz[at3 + 2]!;
      const outward = p0 * x + p1 * y + p2 * z + p3;
      const ahead = p4 * x + p5 * y + p6 * z + p7;
      const over = p8 * x + p9 * y + p10 * z + p11;
      const radius = sqrt(ahead * ahead + over * over);
      let mm = latticeDistanceMm(first, firstWay * (outward - firstOut), radius);
      if (second) mm = min(mm, latticeDistanceMm(second, secondWay * (outward - secondOut), radius));
      found[i] = mm;
      if (mm >= least) continue;
      least = mm;
      readNearest = i;
    }
    return least;
  };

  /** How far the place `place` points along the part is. */
  const look = (p: Placement, place: number): number => {
    const i = min(floor(place), count - 1);
    const t = place - i;
    const j = i + 1 < count ? i + 1 : i;
    const x = xyz[3 * i]! + (xyz[3 * j]! - xyz[3 * i]!) * t;
    const y = xyz[3 * i + 1]! + (xyz[3 * j + 1]! - xyz[3 * i + 1]!) * t;
    const z = xyz[3 * i + 2]! + (xyz[3 * j + 2]! - xyz[3 * i + 2]!) * t;
    const outNow = p[0]! * x + p[1]! * y + p[2]! * z + p[3]!;
    const fwdNow = p[4]! * x + p[5]! * y + p[6]! * z + p[7]!;
    const upNow = p[8]! * x + p[9]! * y + p[10]! * z + p[11]!;
    // No distance changes faster than the way does: what is further off than this need not be looked at.
    const way = sqrt((outNow - out) * (outNow - out) + (fwdNow - fwd) * (fwdNow - fwd) + (upNow - up) * (upNow - up));
    out = outNow;
    fwd = fwdNow;
    up = upNow;
    return (off = distanceMm(solid, out, fwd, up, abs(off) + way + SLACK_MM));
  };

  /** The least between two places of an edge, by golden section; `at` becomes its place. */
  const between = (p: Placement, from: number, to: number): number => {
    let low = from;
    let high = to;
    let left = high - GOLDEN * (high - low);
    let right = low + GOLDEN * (high - low);
    let atLeft = look(p, left);
    let atRight = look(p, right);
    for (let n = 0; n < NARROWINGS; n++)
      if (atLeft < atRight) {
        high = right;
        right = left;
        atRight = atLeft;
        left = high - GOLDEN * (high - low);
        atLeft = look(p, left);
      } else {
        low = left;
        left = right;
        atLeft = atRight;
        right = low + GOLDEN * (high - low);
        atRight = look(p, right);
      }
    at = atLeft < atRight ? left : right;
    return min(atLeft, atRight);
  };

  const points = (p: Placement): number => {
    let least = Infinity;
    let place = 0;
    let doubt = Infinity;
    const take = (i: number): void => {
      const mm = look(p, i);
      if (mm > least || (mm === least && i > place)) return;
      least = mm;
      place = i;
      // What reads as further off than this is further off.
      if (count > FEW) doubt = mostReadMm(mm) + SLACK_MM;
    };
    if (count > FEW) {
      quick(p);
      take(readNearest);
    }
    for (let i = 0; i < count; i++) if (found[i]! <= doubt) take(i);
    at = place;
    return least;
  };

  /** The lowest point of a parabola through the nearest point and its neighbours, looked at exactly. */
  const beside = (p: Placement): number => {
    const least = points(p);
    const place = at;
    if (!edge || place === 0 || place >= count - 1) return least;
    const before = look(p, place - 1);
    const after = look(p, place + 1);
    const bend = before - 2 * least + after;
    if (bend <= 0) return least;
    return min(least, look(p, place + (before - after) / (2 * bend)));
  };

  const exact = (p: Placement): number => {
    let least = points(p);
    if (!edge) return least;
    const middle = at;
    let place = at;
    for (let from = max(0, middle - 1); from < min(middle + 1, count - 1); from++) {
      const mm = between(p, from, from + 1);
      if (mm >= least) continue;
      least = mm;
      place = at;
    }
    at = place;
    return least;
  };

  const foundLast = (p: Placement): Nearest => {
    const mm = look(p, at);
    return { mm, out, fwd, up };
  };
  const nearest = (p: Placement): Nearest => {
    exact(p);
    return foundLast(p);
  };
  return { quick, points, beside, exact, nearest, found: foundLast };
}
