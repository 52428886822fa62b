import { group as grouped } from 'd3';

interface Point {
  id: string;
  offsetMm: number;
  rimWidthIn: number;
}

/** How wide a point is: nearer ones of a row would hide each other. */
const POINT_PX = 22;

/** How far each point of a row that would hide another is moved up or down from its row, px. */
export function fanOf(points: readonly Point[], x: (mm: number) => number): ReadonlyMap<string, number> {
  const moved = new Map<string, number>();
  const rows = grouped(points, ({ rimWidthIn }) => rimWidthIn);
  for (const row of rows.values()) {
    const ordered = [...row].sort((a, b) => a.offsetMm - b.offsetMm);
    let group: Point[] = [];
    const close = () => {
      if (group.length > 1) group.forEach(({ id }, at) => moved.set(id, (at - (group.length - 1) / 2) * POINT_PX));
      group = [];
    };
    for (const point of ordered) {
      const last = group.at(-1);
      if (last && Math.abs(x(point.offsetMm) - x(last.offsetMm)) >= POINT_PX) close();
      group.push(point);
    }
    close();
  }
  return moved;
}
