import type { Pose } from '#core/kinematics';
import type { PoseGrid } from './poses';

/** A pose with what was found there. */
export interface Found {
  pose: Pose;
  mm: number;
}

/** A sweep's finest steps: a minimum this sharp is off by less than 0.01 mm. */
const ENOUGH = { steerDeg: 0.002, travelMm: 0.005 };
/** How many places a coarse grid may name. */
const MOST_CANDIDATES = 8;

/**
 * The places of a coarse grid that are no higher than their neighbours and could still hold the least, lowest first.
 * @param values row by row, one row a travel
 * @param slack how much lower than a node the least may lie near it
 */
export function coarseMinima(values: ArrayLike<number>, grid: PoseGrid, slack: number): Pose[] {
  const [columns, rows] = [grid.steers.length, grid.travels.length];
  let least = Infinity;
  for (let i = 0; i < values.length; i++) if (values[i]! < least) least = values[i]!;
  const found: { at: number; mm: number }[] = [];
  for (let row = 0; row < rows; row++)
    for (let column = 0; column < columns; column++) {
      const mm = values[row * columns + column]!;
      if (mm <= least + slack && isLow(values, columns, rows, column, row)) found.push({ at: row * columns + column, mm });
    }
  found.sort((one, other) => one.mm - other.mm);
  return found.slice(0, MOST_CANDIDATES).map(({ at }) => ({
    steerDeg: grid.steers[at % columns]!,
    travelMm: grid.travels[Math.floor(at / columns)]!,
  }));
} // prettier-ignore

function isLow(values: ArrayLike<number>, columns: number, rows: number, column: number, row: number): boolean {
  const here = values[row * columns + column]!;
  for (let r = Math.max(0, row - 1); r <= Math.min(rows - 1, row + 1); r++)
    for (let c = Math.max(0, column - 1); c <= Math.min(columns - 1, column + 1); c++)
      if (values[r * columns + c]! < here) return false;
  return true;
}

/**
 * Walks down from a pose of the coarse grid: looks around in ever smaller squares about the lowest place so far, never beyond the range.
 * Needs no slopes, so edges and corners of a profile do not mislead it.
 */
export function refine(start: Pose, grid: PoseGrid, look: (pose: Pose) => number): Found {
  const step = (values: readonly number[]) => (values.length > 1 ? values[1]! - values[0]! : 0);
  let [steerStep, travelStep] = [step(grid.steers), step(grid.travels)];
  let best: Found = { pose: start, mm: look(start) };
  while (steerStep > ENOUGH.steerDeg || travelStep > ENOUGH.travelMm) {
    const { steerDeg, travelMm } = best.pose;
    let moved = false;
    for (const s of steerStep > 0 ? [-1, 0, 1] : [0])
      for (const t of travelStep > 0 ? [-1, 0, 1] : [0]) {
        if (s === 0 && t === 0) continue;
        const pose = {
          steerDeg: within(grid.steer, steerDeg + s * steerStep),
          travelMm: within(grid.travel, travelMm + t * travelStep),
        };
        const mm = look(pose);
        if (mm < best.mm - 1e-9) {
          best = { pose, mm };
          moved = true;
        }
      }
    if (moved) continue;
    steerStep *= 0.5;
    travelStep *= 0.5;
  }
  return best;
}

const within = ([least, most]: readonly [number, number], value: number): number =>
  Math.min(most, Math.max(least, value));
