import type { DrawnLine, DrawnPoint } from './drawn';

const apart = (one: DrawnPoint, other: DrawnPoint): number => Math.hypot(one.x - other.x, one.y - other.y);

interface Open {
  line: DrawnLine;
  points: DrawnPoint[];
  /** It was closed, or went into another. */
  gone: boolean;
}

interface End {
  of: Open;
  point: DrawnPoint;
}

/** The ends of lines by where they lie, so that those near a place are found without looking at all. */
class Ends {
  readonly #cells = new Map<string, Set<End>>();
  readonly #of = new Map<Open, readonly End[]>();
  readonly #join: number;

  constructor(join: number) {
    this.#join = join;
  }

  #cell(point: DrawnPoint, across = 0, up = 0): string {
    return `${Math.floor(point.x / this.#join) + across} ${Math.floor(point.y / this.#join) + up}`;
  }

  add(of: Open): void {
    const ends = [
      { of, point: of.points[0]! },
      { of, point: of.points.at(-1)! },
    ];
    this.#of.set(of, ends);
    for (const end of ends) {
      const key = this.#cell(end.point);
      const cell = this.#cells.get(key);
      if (cell) cell.add(end);
      else this.#cells.set(key, new Set([end]));
    }
  }

  remove(of: Open): void {
    for (const end of this.#of.get(of) ?? []) this.#cells.get(this.#cell(end.point))?.delete(end);
    this.#of.delete(of);
  }

  /** The ends of other lines that meet a place; two are enough to know that it is more than one. */
  meeting(point: DrawnPoint, but: Open): End[] {
    const found: End[] = [];
    for (let across = -1; across <= 1; across++)
      for (let up = -1; up <= 1; up++)
        for (const end of this.#cells.get(this.#cell(point, across, up)) ?? [])
          if (end.of !== but && apart(end.point, point) <= this.#join && found.push(end) > 1) return found;
    return found;
  }
}

/**
 * Joins lines whose ends meet into longer ones, and closes those that come back to their beginning. An end that meets
 * more than one other is left as it is: which way it goes on is not for a program to say.
 */
export function chained(lines: readonly DrawnLine[], join: number): DrawnLine[] {
  const done = lines.filter(({ closed, fault }) => closed || fault !== null);
  const open: Open[] = lines
    .filter(({ closed, fault }) => !closed && fault === null)
    .map((line) => ({ line, points: [...line.points], gone: false }));
  const ends = new Ends(join);
  for (const one of open) ends.add(one);
  for (const one of open) {
    while (!one.gone) {
      const { points, line } = one;
      if (points.length > 2 && apart(points[0]!, points.at(-1)!) <= join) {
        ends.remove(one);
        one.gone = true;
        done.push({ ...line, points: points.slice(0, -1), closed: true });
        break;
      }
      const behind = ends.meeting(points.at(-1)!, one);
      const before = behind.length === 1 ? [] : ends.meeting(points[0]!, one);
      const [next] = behind.length === 1 ? behind : before.length === 1 ? before : [];
      if (!next) break;
      const other = next.of;
      ends.remove(one);
      ends.remove(other);
      if (behind.length !== 1) points.reverse();
      const fromFirst = next.point === other.points[0];
      for (let at = 1; at < other.points.length; at++)
        points.push(fromFirst ? other.points[at]! : other.points[other.points.length - 1 - at]!);
      one.line = { ...line, name: 'joined pieces' };
      other.gone = true;
      ends.add(one);
    }
  }
  return [...done, ...open.flatMap(({ line, points, gone }) => (gone ? [] : { ...line, points }))];
}
