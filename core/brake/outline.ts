import { firstCrossing } from './crossings';
import type { AxialPoint } from './records';

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
