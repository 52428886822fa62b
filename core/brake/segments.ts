import type { AxialPoint } from './records';

/** Two places that are as near to each other as two shapes come, and how far apart they are; mm. */
export interface Nearest {
  mm: number;
  one: AxialPoint;
  other: AxialPoint;
}

/** A piece of a line, from one point to the next. */
export type Piece = readonly [AxialPoint, AxialPoint];

/**
 * A line of points as its pieces, each with the next; a closed one ends where it began. Pieces without length are left
 * out.
 */
export function piecesOf(points: readonly AxialPoint[], closed: boolean): Piece[] {
  const pieces: Piece[] = [];
  const last = closed ? points.length : points.length - 1;
  for (let i = 0; i < last; i++) {
    const [from, to] = [points[i]!, points[(i + 1) % points.length]!];
    if (from.a !== to.a || from.r !== to.r) pieces.push([from, to]);
  }
  return pieces;
}

/** The place of a piece that is nearest to a point. */
export function nearestOn(from: AxialPoint, to: AxialPoint, point: AxialPoint): AxialPoint {
  const [da, dr] = [to.a - from.a, to.r - from.r];
  const along = ((point.a - from.a) * da + (point.r - from.r) * dr) / (da * da + dr * dr || 1);
  const t = Math.min(1, Math.max(0, along));
  return { a: from.a + t * da, r: from.r + t * dr };
}

export const apartMm = (one: AxialPoint, other: AxialPoint): number => Math.hypot(one.a - other.a, one.r - other.r);

/**
 * Where on the first piece (0 to 1) it crosses or meets the second, null where it does not; pieces side by side do not
 * cross.
 */
export function crossing([p, q]: Piece, [s, t]: Piece): number | null {
  const [da, dr] = [q.a - p.a, q.r - p.r];
  const [ea, er] = [t.a - s.a, t.r - s.r];
  const across = da * er - dr * ea;
  if (across === 0) return null;
  const [fa, fr] = [s.a - p.a, s.r - p.r];
  const first = (fa * er - fr * ea) / across;
  const second = (fa * dr - fr * da) / across;
  return first >= 0 && first <= 1 && second >= 0 && second <= 1 ? first : null;
}

/** Whether a point lies inside a closed line (even-odd). */
export function isInside(closed: readonly AxialPoint[], { a, r }: AxialPoint): boolean {
  let inside = false;
  for (let i = 0, j = closed.length - 1; i < closed.length; j = i++) {
    const [p, q] = [closed[i]!, closed[j]!];
    if (p.r > r !== q.r > r && a < ((q.a - p.a) * (r - p.r)) / (q.r - p.r) + p.a) inside = !inside;
  }
  return inside;
}

/** The nearest places of two lines that do not cross: an end of a piece is always one of them. */
export function nearestOfLines(one: readonly Piece[], other: readonly Piece[]): Nearest {
  let best: Nearest = { mm: Infinity, one: one[0]![0], other: other[0]![0] };
  const offer = (mine: AxialPoint, theirs: AxialPoint) => {
    const mm = apartMm(mine, theirs);
    if (mm < best.mm) best = { mm, one: mine, other: theirs };
  };
  for (const mine of one)
    for (const theirs of other) {
      if (boxesApart(mine, theirs) >= best.mm) continue;
      const [[p, q], [s, t]] = [mine, theirs];
      offer(p, nearestOn(s, t, p));
      offer(q, nearestOn(s, t, q));
      offer(nearestOn(p, q, s), s);
      offer(nearestOn(p, q, t), t);
    }
  return best;
}

/** A bound below the distance of two pieces: the larger gap between the boxes around them. */
function boxesApart([p, q]: Piece, [s, t]: Piece): number {
  const across = Math.max(Math.min(s.a, t.a) - Math.max(p.a, q.a), Math.min(p.a, q.a) - Math.max(s.a, t.a));
  const along = Math.max(Math.min(s.r, t.r) - Math.max(p.r, q.r), Math.min(p.r, q.r) - Math.max(s.r, t.r));
  return Math.max(across, along);
}
