import type { DrawnLine, DrawnPoint } from './drawn';

const apart = (one: DrawnPoint, other: DrawnPoint): number => Math.hypot(one.x - other.x, one.y - other.y);

/**
 * Joins lines whose ends meet into longer ones, and closes those that come back to their beginning. An end that meets
 * more than one other is left as it is: which way it goes on is not for a program to say.
 */
export function chained(lines: readonly DrawnLine[], join: number): DrawnLine[] {
  const done = lines.filter(({ closed, fault }) => closed || fault !== null);
  const open = lines
    .filter(({ closed, fault }) => !closed && fault === null)
    .map((line) => ({ ...line, points: [...line.points] }));
  const meets = (point: DrawnPoint, but: number) =>
    open.flatMap(({ points }, index) =>
      index === but
        ? []
        : [
            ...(apart(points[0]!, point) <= join ? [{ index, end: 'first' as const }] : []),
            ...(apart(points.at(-1)!, point) <= join ? [{ index, end: 'last' as const }] : []),
          ],
    );
  for (let at = 0; at < open.length;) {
    const line = open[at]!;
    if (line.points.length > 2 && apart(line.points[0]!, line.points.at(-1)!) <= join) {
      open.splice(at, 1);
      done.push({ ...line, points: line.points.slice(0, -1), closed: true });
      continue;
    }
    const behind = meets(line.points.at(-1)!, at);
    const before = behind.length === 1 ? [] : meets(line.points[0]!, at);
    const [next] = behind.length === 1 ? behind : before.length === 1 ? before : [];
    if (!next) {
      at += 1;
      continue;
    }
    const other = open[next.index]!.points;
    if (behind.length !== 1) line.points.reverse();
    const more = next.end === 'first' ? other : other.toReversed();
    line.points.push(...more.slice(1));
    line.name = 'joined pieces';
    open.splice(next.index, 1);
    if (next.index < at) at -= 1;
  }
  return [...done, ...open];
}
