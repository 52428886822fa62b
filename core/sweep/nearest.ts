import type { Placement } from '#core/kinematics';
import type { PlacedPart } from './place';
import { distanceMm, quickDistance, type SweptSolid } from './solid';

/** Where a part is nearest to a wheel: the distance, and the place in the hub's frame. */
export interface Nearest {
  mm: number;
  out: number;
  fwd: number;
  up: number;
}

/** How far a lattice may be off, twice: points within it of the least are looked at exactly. */
const DOUBT_MM = 1.6;
/** How often an interval of an edge is narrowed; each time to 0.62 of it, so 10 mm come to 0.01. */
const NARROWINGS = 14;
const GOLDEN = (Math.sqrt(5) - 1) / 2;

/** Looks at a part from a solid, pose by pose. */
export interface Looker {
  /** Least distance over the points, from the lattices alone. */
  quick(placement: Placement): number;
  /** Exact least distance; along edges between their points too. */
  exact(placement: Placement): Nearest;
}

/** A part before a solid. */
export function lookAt(part: PlacedPart, solid: SweptSolid): Looker {
  const { xyz, edge } = part;
  const quickAt = quickDistance(solid);
  const count = xyz.length / 3;
  const found = new Float64Array(count);

  const quick = (p: Placement): number => {
    let least = Infinity;
    for (let i = 0; i < count; i++) {
      const x = xyz[3 * i]!;
      const y = xyz[3 * i + 1]!;
      const z = xyz[3 * i + 2]!;
      const mm = quickAt(
        p[0]! * x + p[1]! * y + p[2]! * z + p[3]!,
        p[4]! * x + p[5]! * y + p[6]! * z + p[7]!,
        p[8]! * x + p[9]! * y + p[10]! * z + p[11]!,
      );
      found[i] = mm;
      if (mm < least) least = mm;
    }
    return least;
  };

  /** The place `at` points along the part, in the hub's frame, and how far it is. */
  const look = (p: Placement, at: number): Nearest => {
    const i = Math.min(Math.floor(at), count - 1);
    const t = at - i;
    const next = Math.min(i + 1, count - 1);
    const along = (k: number) => xyz[3 * i + k]! + (xyz[3 * next + k]! - xyz[3 * i + k]!) * t;
    const [x, y, z] = [along(0), along(1), along(2)];
    const out = p[0]! * x + p[1]! * y + p[2]! * z + p[3]!;
    const fwd = p[4]! * x + p[5]! * y + p[6]! * z + p[7]!;
    const up = p[8]! * x + p[9]! * y + p[10]! * z + p[11]!;
    return { mm: distanceMm(solid, out, fwd, up), out, fwd, up };
  };

  /** The least between two places of an edge, by golden section. */
  const between = (p: Placement, from: number, to: number): Nearest => {
    let [low, high] = [from, to];
    let [left, right] = [high - GOLDEN * (high - low), low + GOLDEN * (high - low)];
    let [atLeft, atRight] = [look(p, left), look(p, right)];
    for (let n = 0; n < NARROWINGS; n++)
      if (atLeft.mm < atRight.mm) {
        [high, right, atRight] = [right, left, atLeft];
        left = high - GOLDEN * (high - low);
        atLeft = look(p, left);
      } else {
        [low, left, atLeft] = [left, right, atRight];
        right = low + GOLDEN * (high - low);
        atRight = look(p, right);
      }
    return atLeft.mm < atRight.mm ? atLeft : atRight;
  };

  const exact = (p: Placement): Nearest => {
    const least = quick(p);
    let best: Nearest | null = null;
    let at = 0;
    for (let i = 0; i < count; i++) {
      if (found[i]! > least + DOUBT_MM) continue;
      const one = look(p, i);
      if (!best || one.mm < best.mm) {
        best = one;
        at = i;
      }
    }
    if (!edge) return best!;
    for (const [from, to] of [[at - 1, at], [at, at + 1]] as const) {
      if (from < 0 || to > count - 1) continue;
      const one = between(p, from, to);
      if (one.mm < best!.mm) best = one;
    }
    return best!;
  }; // prettier-ignore
  return { quick, exact };
}
