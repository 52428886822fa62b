import type { AxialPoint } from '#core/brake';
import ClipperLib from 'clipper-lib';

/** Closed lines of a flat shape, mm. */
export type Region = AxialPoint[][];

/** The cutter counts in whole numbers: ten-thousandths of a millimeter. */
const PER_MM = 1e4;
/** How far an arc of a grown corner may leave its circle, mm. */
const ARC_MM = 0.02;

const { PolyFillType, ClipType, PolyType, JoinType, EndType } = ClipperLib;
const whole = (region: Region) =>
  region.map((line) => line.map(({ a, r }) => ({ X: Math.round(a * PER_MM), Y: Math.round(r * PER_MM) })));
const back = (paths: { X: number; Y: number }[][]): Region =>
  paths.map((path) => path.map(({ X, Y }) => ({ a: X / PER_MM, r: Y / PER_MM })));
/** Lines turned the same way round, as the cutter wants them. */
const even = (region: Region) => ClipperLib.Clipper.SimplifyPolygons(whole(region), PolyFillType.pftNonZero);

/** A shape with a margin all around it; outer corners become arcs. */
export function grown(region: Region, marginMm: number): Region {
  if (marginMm === 0) return region;
  const offset = new ClipperLib.ClipperOffset(2, ARC_MM * PER_MM);
  offset.AddPaths(even(region), JoinType.jtRound, EndType.etClosedPolygon);
  const solution: { X: number; Y: number }[][] = [];
  offset.Execute(solution, marginMm * PER_MM);
  return back(solution);
}

function combined(type: number, one: Region, other: Region): Region {
  const clipper = new ClipperLib.Clipper();
  clipper.AddPaths(even(one), PolyType.ptSubject, true);
  clipper.AddPaths(even(other), PolyType.ptClip, true);
  const solution: { X: number; Y: number }[][] = [];
  clipper.Execute(type, solution, PolyFillType.pftNonZero, PolyFillType.pftNonZero);
  return back(solution);
}

export const union = (one: Region, other: Region): Region => combined(ClipType.ctUnion, one, other);
export const intersection = (one: Region, other: Region): Region => combined(ClipType.ctIntersection, one, other);

/** A rectangle from one corner to the other. */
export const box = ({
  fromA,
  fromR,
  toA,
  toR,
}: {
  fromA: number;
  fromR: number;
  toA: number;
  toR: number;
}): AxialPoint[] => [
  { a: fromA, r: fromR },
  { a: toA, r: fromR },
  { a: toA, r: toR },
  { a: fromA, r: toR },
];
