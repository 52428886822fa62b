import type { AxialPoint } from './records';
import { apartMm, crossing, isInside, nearestOfLines, nearestOn, piecesOf, type Nearest, type Piece } from './segments';

/** Which way a wheel's metal lies from its inner face: outboard of the spokes, outward of the barrel. */
export type Behind = 'outboard' | 'outward';

/**
 * The room between a brake's outline and a part of a wheel, and where it is least. Lengths mm, places in the hub's half
 * section.
 */
export interface Clearance {
  /** Below 0 the two overlap: the deepest place of the one in the other. */
  mm: number;
  caliper: AxialPoint;
  wheel: AxialPoint;
}

/** Farther than any wheel reaches, mm. */
const FAR_MM = 5000;
/** How exactly an overlap is told, mm. */
const DEPTH_MM = 1e-4;

/**
 * Least distance in mm between a brake's closed outline and a line on a wheel that has metal behind it; below 0, minus
 * the greatest depth of the outline in that metal, measured to the line. Both are half sections of solids that turn
 * around one axis, so the distance in their plane is that in space. Depths are found to 0.0001 mm.
 */
export function clearanceOf(outline: readonly AxialPoint[], line: readonly AxialPoint[], behind: Behind): Clearance {
  const [mine, theirs] = [piecesOf(outline, true), piecesOf(line, false)];
  return deepest({ mine, theirs, line, behind }) ?? apart(mine, theirs);
}

function apart(mine: readonly Piece[], theirs: readonly Piece[]): Clearance {
  const { mm, one, other } = nearestOfLines(mine, theirs);
  return { mm, caliper: one, wheel: other };
}

/** The deepest place of an outline in the metal; null where it is outside. */
function deepest({
  mine,
  theirs,
  line,
  behind,
}: {
  mine: readonly Piece[];
  theirs: readonly Piece[];
  line: readonly AxialPoint[];
  behind: Behind;
}): Clearance | null {
  const far = ({ a, r }: AxialPoint): AxialPoint =>
    behind === 'outboard' ? { a: a + FAR_MM, r } : { a, r: r + FAR_MM };
  const [first, last] = [line[0]!, line.at(-1)!];
  const ends: Piece[] = [
    [first, far(first)],
    [last, far(last)],
  ];
  const metal = [...line, far(last), far(first)];
  let found: Clearance | null = null;
  for (const piece of mine) {
    const [from, to] = piece;
    const stops = [0, 1];
    for (const other of [...theirs, ...ends]) {
      const at = crossing(piece, other);
      if (at !== null) stops.push(at);
    }
    stops.sort((one, other) => one - other);
    for (let i = 0; i + 1 < stops.length; i++) {
      const [start, end] = [between(from, to, stops[i]!), between(from, to, stops[i + 1]!)];
      if (!isInside(metal, between(start, end, 0.5))) continue;
      const place = deepestOn([start, end], theirs, found ? -found.mm : 0);
      if (place && (!found || -place.mm < found.mm)) found = { mm: -place.mm, caliper: place.one, wheel: place.other };
    }
  }
  return found;
}

const between = (from: AxialPoint, to: AxialPoint, t: number): AxialPoint => ({
  a: from.a + t * (to.a - from.a),
  r: from.r + t * (to.r - from.r),
});

/** The nearest place of a line to a point, and the piece it is on. */
function nearestTo(point: AxialPoint, pieces: readonly Piece[]): Nearest & { piece: Piece } {
  let best = { mm: Infinity, one: point, other: point, piece: pieces[0]! };
  for (const piece of pieces) {
    const other = nearestOn(piece[0], piece[1], point);
    const mm = apartMm(point, other);
    if (mm < best.mm) best = { mm, one: point, other, piece };
  }
  return best;
}

/** How far a point is from a piece, mm. */
const farFrom = (point: AxialPoint, [s, t]: Piece): number => apartMm(point, nearestOn(s, t, point));

/**
 * The place of a stretch that is farthest from a line, where it is farther than what is known; halved until nothing
 * deeper can hide. Between two places nothing is deeper than the farther of them is from any one piece, since the
 * distance to a piece is convex.
 */
function deepestOn([from, to]: Piece, pieces: readonly Piece[], known: number): Nearest | null {
  let [best, found]: [number, Nearest | null] = [known, null];
  const open = [[nearestTo(from, pieces), nearestTo(to, pieces)] as const];
  for (let next = open.pop(); next; next = open.pop()) {
    const [start, end] = next;
    for (const place of next) if (place.mm > best) [best, found] = [place.mm, place];
    const most = Math.min(
      Math.max(start.mm, farFrom(end.one, start.piece)),
      Math.max(end.mm, farFrom(start.one, end.piece)),
      (start.mm + end.mm + apartMm(start.one, end.one)) / 2,
    );
    if (most <= best + DEPTH_MM) continue;
    const middle = nearestTo(between(start.one, end.one, 0.5), pieces);
    open.push([start, middle], [middle, end]);
  }
  return found;
}
