import type { AxialPoint } from './records';
import { crossing, piecesOf, type Piece } from './segments';

/** Points nearer than this are one and the same, mm. */
const SAME_MM = 1e-6;
/** Pieces nearer than this at the sweep line have no order that could be relied on, mm. */
const NEAR_MM = 1e-5;
/** The line is swept across a turned plane, so that pieces along either axis are not parallel to it; radians. */
const TURN = 0.7391;

/** The first two pieces of a line that meet and are not neighbours, by their places in it. */
export function firstCrossing(points: readonly AxialPoint[], closed: boolean): [number, number] | null {
  const pieces = piecesOf(points, closed);
  // Telling that nothing meets takes n log n steps; which two meet first is asked only where something may.
  return pieces.length < 4 || mayMeet(pieces, closed) ? firstOfAll(pieces, closed) : null;
}

/** Which pieces of a line of so many are neighbours. */
const neighboursIn =
  (count: number, closed: boolean) =>
  (one: number, other: number): boolean =>
    Math.abs(one - other) === 1 || (closed && Math.abs(one - other) === count - 1);

/** Whether two pieces meet: neighbours beyond their corner, all others anywhere. */
function meet(pieces: readonly Piece[], [first, second]: readonly [number, number], neighbours: boolean): boolean {
  const [one, other] = [pieces[first]!, pieces[second]!];
  return neighbours ? foldsBack(pieces, first, second) : crossing(one, other) !== null || overlap(one, other);
}

/** The first pair of all, by comparing those that share some of the axis. */
function firstOfAll(pieces: readonly Piece[], closed: boolean): [number, number] | null {
  const order = pieces
    .map(([p, q], index) => ({ index, from: Math.min(p.a, q.a), to: Math.max(p.a, q.a) }))
    .sort((one, other) => one.from - other.from);
  const neighbours = neighboursIn(pieces.length, closed);
  let found: [number, number] | null = null;
  for (let i = 0; i < order.length; i++)
    for (let j = i + 1; j < order.length && order[j]!.from <= order[i]!.to; j++) {
      const [first, second] = [order[i]!.index, order[j]!.index].sort((one, other) => one - other) as [number, number];
      if (found && (first > found[0] || (first === found[0] && second >= found[1]))) continue;
      if (meet(pieces, [first, second], neighbours(first, second))) found = [first, second];
    }
  return found;
}

/** A piece as the sweep line meets it: from its left end to its right one, in the turned plane. */
interface Swept {
  index: number;
  u0: number;
  v0: number;
  u1: number;
  slope: number;
}

/**
 * Whether any pieces of a line may meet: false only where certainly none do. A line sweeps over the ends of the pieces
 * and keeps those it crosses in order; the first two that meet stand beside each other before they do (Shamos and Hoey,
 * Geometric intersection problems, 1976). Where the order itself is in doubt the answer is true.
 */
function mayMeet(pieces: readonly Piece[], closed: boolean): boolean {
  const count = pieces.length;
  const neighbours = neighboursIn(count, closed);
  for (let at = 0; at < count; at++) {
    const next = (at + 1) % count;
    if ((next > at || closed) && next !== at && foldsBack(pieces, Math.min(at, next), Math.max(at, next))) return true;
  }
  const swept = pieces.map(sweptOf);
  if (swept.some(({ slope }) => Math.abs(slope) > 1e9 || Number.isNaN(slope))) return true;
  // An end is passed a little late, so that pieces which all but touch there are seen beside each other.
  const events = swept
    .flatMap((piece) => [
      { at: piece.u0, piece, begins: true },
      { at: piece.u1 + NEAR_MM, piece, begins: false },
    ])
    .sort((one, other) => one.at - other.at || Number(other.begins) - Number(one.begins));
  const active: Swept[] = [];
  const meets = (one: Swept | undefined, other: Swept | undefined): boolean =>
    one !== undefined &&
    other !== undefined &&
    !neighbours(one.index, other.index) &&
    meet(pieces, [one.index, other.index], false);
  for (const { piece, begins } of events) {
    if (!begins) {
      const at = active.indexOf(piece);
      active.splice(at, 1);
      if (meets(active[at - 1], active[at])) return true;
      continue;
    }
    let [low, high] = [0, active.length];
    while (low < high) {
      const middle = (low + high) >> 1;
      const side = sideOf(piece, active[middle]!, neighbours(piece.index, active[middle]!.index));
      if (side === null) return true;
      if (side < 0) high = middle;
      else low = middle + 1;
    }
    active.splice(low, 0, piece);
    if (meets(active[low - 1], piece) || meets(piece, active[low + 1])) return true;
  }
  return false;
}

function sweptOf([p, q]: Piece, index: number): Swept {
  const [c, s] = [Math.cos(TURN), Math.sin(TURN)];
  const turned = ({ a, r }: AxialPoint) => ({ u: a * c + r * s, v: r * c - a * s });
  const [from, to] = [turned(p), turned(q)];
  const [left, right] = from.u <= to.u ? [from, to] : [to, from];
  return { index, u0: left.u, v0: left.v, u1: right.u, slope: (right.v - left.v) / (right.u - left.u) };
}

/** On which side of another a piece begins: − below, + above; null where that cannot be said. */
function sideOf(piece: Swept, other: Swept, neighbours: boolean): number | null {
  const apart = piece.v0 - (other.v0 + other.slope * (piece.u0 - other.u0));
  if (Math.abs(apart) > NEAR_MM * (1 + Math.abs(other.slope))) return apart;
  if (!neighbours) return null;
  // They share this corner: where both go on from it, by the way they take; one that ends here stands on either side.
  return Math.abs(other.u0 - piece.u0) < NEAR_MM ? piece.slope - other.slope || null : 1;
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
