import type { AxialPoint } from './records';
import { crossing, piecesOf, type Piece } from './segments';

/** Points nearer than this are one and the same, mm. */
const SAME_MM = 1e-6;

const same = (one: AxialPoint, other: AxialPoint): boolean =>
  Math.abs(one.a - other.a) < SAME_MM && Math.abs(one.r - other.r) < SAME_MM;

/** An outline without points that stand twice, and without its first point again at the end. */
export const withoutRepeats = (outline: readonly AxialPoint[]): AxialPoint[] =>
  outline
    .filter((point, index) => index === 0 || !same(point, outline[index - 1]!))
    .filter((point, index, kept) => index === 0 || index < kept.length - 1 || !same(point, kept[0]!));

/** Area inside a closed outline in mm², the shoelace formula: positive counter-clockwise in (a, r). */
export function outlineAreaMm2(outline: readonly AxialPoint[]): number {
  let twice = 0;
  outline.forEach(({ a, r }, index) => {
    const next = outline[(index + 1) % outline.length]!;
    twice += a * next.r - next.a * r;
  });
  return twice / 2;
}

/**
 * What is wrong with a closed outline: fewer than three corners, no area, or an edge that crosses another.
 * @returns null for one that is in order
 */
export function outlineFault(outline: readonly AxialPoint[]): string | null {
  const points = withoutRepeats(outline);
  if (points.length < 3) return 'needs at least three corners';
  const crossed = firstCrossing(points, true);
  if (crossed)
    return `crosses itself: the edge behind point ${crossed[0] + 1} meets the one behind point ${crossed[1] + 1}`;
  if (Math.abs(outlineAreaMm2(points)) < 1) return 'has no area';
  return null;
}

/** The first two pieces of a line that meet and are not neighbours, by their places in it. */
export function firstCrossing(points: readonly AxialPoint[], closed: boolean): [number, number] | null {
  const pieces = piecesOf(points, closed);
  // In order of where they begin, so that only pieces that share some of the axis are looked at.
  const order = pieces
    .map(([p, q], index) => ({ index, from: Math.min(p.a, q.a), to: Math.max(p.a, q.a) }))
    .sort((one, other) => one.from - other.from);
  let found: [number, number] | null = null;
  for (let i = 0; i < order.length; i++)
    for (let j = i + 1; j < order.length && order[j]!.from <= order[i]!.to; j++) {
      const [first, second] = [order[i]!.index, order[j]!.index].sort((one, other) => one - other) as [number, number];
      const neighbours = second - first === 1 || (closed && first === 0 && second === pieces.length - 1);
      const [one, other] = [pieces[first]!, pieces[second]!];
      const meet = neighbours ? foldsBack(pieces, first, second) : crossing(one, other) !== null || overlap(one, other);
      if (meet && (!found || first < found[0] || (first === found[0] && second < found[1]))) found = [first, second];
    }
  return found;
}

/** Neighbours share a corner; they meet beyond it only where the line turns back on itself. */
function foldsBack(pieces: readonly Piece[], first: number, second: number): boolean {
  const [one, other] = second - first === 1 ? [pieces[first]!, pieces[second]!] : [pieces[second]!, pieces[first]!];
  const [da, dr] = [one[1].a - one[0].a, one[1].r - one[0].r];
  const [ea, er] = [other[1].a - other[0].a, other[1].r - other[0].r];
  return Math.abs(da * er - dr * ea) <= 1e-9 * Math.hypot(da, dr) * Math.hypot(ea, er) && da * ea + dr * er < 0;
}

/** Pieces on one straight line that share some of it. */
function overlap([p, q]: Piece, [s, t]: Piece): boolean {
  const [da, dr] = [q.a - p.a, q.r - p.r];
  const length = Math.hypot(da, dr);
  const off = (x: AxialPoint) => Math.abs(da * (x.r - p.r) - dr * (x.a - p.a)) / length;
  if (off(s) > SAME_MM || off(t) > SAME_MM) return false;
  const along = (x: AxialPoint) => (da * (x.a - p.a) + dr * (x.r - p.r)) / length;
  return Math.max(along(s), along(t)) > -SAME_MM && Math.min(along(s), along(t)) < length + SAME_MM;
}
