import { contours } from 'd3';
import type { PoseGrid, SweptPart } from '#core/sweep';

/**
 * What a map shows over steer and travel: the least clearance, and the least room left to the limits; mm, row by row
 * from droop up.
 */
export interface ClearanceMap {
  columns: number;
  rows: number;
  clearance: Float32Array;
  margin: Float32Array;
}

/**
 * The map of one part, or of the worst of several: in each pose what is nearest, and what is shortest of its own limit.
 */
export function clearanceMap(
  grid: PoseGrid,
  parts: readonly Pick<SweptPart, 'id' | 'map'>[],
  limitMm: (id: string) => number,
): ClearanceMap | null {
  const mapped = parts.filter(({ map }) => map !== null);
  if (mapped.length === 0) return null;
  const [columns, rows] = [grid.steers.length, grid.travels.length];
  const clearance = new Float32Array(columns * rows).fill(Infinity);
  const margin = new Float32Array(columns * rows).fill(Infinity);
  for (const { id, map } of mapped) {
    const limit = limitMm(id);
    for (let i = 0; i < clearance.length; i++) {
      clearance[i] = Math.min(clearance[i]!, map![i]!);
      margin[i] = Math.min(margin[i]!, map![i]! - limit);
    }
  }
  return { columns, rows, clearance, margin };
}

/** A region of a map as closed rings in shares of its width and height, height from the bottom. */
export type Region = [right: number, up: number][][];

/** Where values are below a level. A map of one column or row is drawn as wide as it must be to be seen. */
export function regionBelow({ columns, rows }: ClearanceMap, values: Float32Array, level: number): Region {
  const [wide, high] = [Math.max(2, columns), Math.max(2, rows)];
  const negated = Array.from({ length: wide * high }, (_, i) => {
    const [column, row] = [Math.min(i % wide, columns - 1), Math.min(Math.floor(i / wide), rows - 1)];
    return -values[row * columns + column]!;
  });
  const share = (at: number, count: number) => Math.min(1, Math.max(0, (at - 0.5) / (count - 1)));
  const { coordinates } = contours().size([wide, high]).contour(negated, -level);
  return coordinates.flatMap((polygon) =>
    polygon.map((ring) => ring.map(([x, y]): [number, number] => [share(x!, wide), share(y!, high)])),
  );
}
