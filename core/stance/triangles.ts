import type { SectionPoint } from '#core/section';

/** Twice the area of a triangle; positive where it runs counterclockwise. */
const turn = (p: SectionPoint, q: SectionPoint, s: SectionPoint): number =>
  (q.a - p.a) * (s.r - p.r) - (s.a - p.a) * (q.r - p.r);

/** Twice the area within a closed line; positive where it runs counterclockwise with a to the right and r up. */
export const turnOf = (line: readonly SectionPoint[]): number =>
  line.reduce((sum, { a, r }, at) => {
    const next = line[(at + 1) % line.length]!;
    return sum + a * next.r - next.a * r;
  }, 0);

/**
 * A simple closed line cut in triangles by its ears (Meisters 1975), each running as the line does.
 * @returns the places of their corners in the line
 */
export function cutInTriangles(line: readonly SectionPoint[]): number[][] {
  const way = Math.sign(turnOf(line)) || 1;
  const left = line.map((_, at) => at);
  const triangles: number[][] = [];
  while (left.length > 3) {
    const ear = left.findIndex((_, at) => isEar(line, left, { at, way }));
    const at = Math.max(0, ear);
    triangles.push(cornersAt(left, at));
    left.splice(at, 1);
  }
  return [...triangles, left];
}

const cornersAt = (left: readonly number[], at: number): number[] => [
  left[(at + left.length - 1) % left.length]!,
  left[at]!,
  left[(at + 1) % left.length]!,
];

function isEar(
  line: readonly SectionPoint[],
  left: readonly number[],
  { at, way }: { at: number; way: number },
): boolean {
  const corners = cornersAt(left, at);
  const [p, q, s] = corners.map((index) => line[index]!) as [SectionPoint, SectionPoint, SectionPoint];
  if (way * turn(p, q, s) <= 0) return false;
  return !left.some((index) => {
    const one = line[index]!;
    return (
      !corners.includes(index) && way * turn(p, q, one) >= 0 && way * turn(q, s, one) >= 0 && way * turn(s, p, one) >= 0
    );
  });
}
