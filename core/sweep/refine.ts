import type { Pose } from '#core/kinematics';
import type { PoseGrid } from './poses';

// Taken out of their object once: these are asked millions of times in a sweep.
const { max, min } = Math;

/** A pose with what was found there. */
export interface Found {
  pose: Pose;
  mm: number;
}

/** How many places a coarse grid may name. */
const MOST_CANDIDATES = 8;

/**
 * The places of a coarse grid that are no higher than their neighbours and could still hold the least, lowest first.
 * @param values row by row, one row a travel
 * @param slack how much lower than a node the least may lie near it
 */
export function coarseMinima(values: ArrayLike<number>, grid: PoseGrid, slack: number): Found[] {
  const [columns, rows] = [grid.steers.length, grid.travels.length];
  let least = Infinity;
  for (let i = 0; i < values.length; i++) if (values[i]! < least) least = values[i]!;
  const found: { at: number; mm: number }[] = [];
  for (let row = 0; row < rows; row++)
    for (let column = 0; column < columns; column++) {
      const mm = values[row * columns + column]!;
      if (mm <= least + slack && isLow(values, columns, rows, column, row))
        found.push({ at: row * columns + column, mm });
    }
  found.sort((one, other) => one.mm - other.mm);
  return found.slice(0, MOST_CANDIDATES).map(({ at, mm }) => ({
    mm,
    pose: { steerDeg: grid.steers[at % columns]!, travelMm: grid.travels[Math.floor(at / columns)]! },
  }));
}

// eslint-disable-next-line max-params -- asked millions of times a sweep: an object a call would cost more than the sum
function isLow(values: ArrayLike<number>, columns: number, rows: number, column: number, row: number): boolean {
  const here = values[row * columns + column]!;
  for (let r = max(0, row - 1); r <= min(rows - 1, row + 1); r++)
    for (let c = max(0, column - 1); c <= min(columns - 1, column + 1); c++)
      if (values[r * columns + c]! < here) return false;
  return true;
}

/** What a step must win to be taken, mm: along an all but level valley a walk would go on for ever. */
const WORTH_MM = 5e-4;

/** How fine a walk begins and ends, in shares of the coarse grid's steps. */
export interface Walk {
  from: number;
  to: number;
}

/**
 * Walks down from a pose: looks around in ever smaller squares about the lowest place so far, never beyond the range.
 * Needs no slopes, so edges and corners of a profile do not mislead it.
 */
export function refine({
  start,
  grid,
  walk,
  look,
}: {
  start: Pose;
  grid: PoseGrid;
  walk: Walk;
  look: (pose: Pose) => number;
}): Found {
  const steerStep = step(grid.steers);
  const travelStep = step(grid.travels);
  const inside = { steerDeg: within(grid.steer, start.steerDeg), travelMm: within(grid.travel, start.travelMm) };
  let best: Found = { pose: inside, mm: look(inside) };
  for (let share = walk.from; share > walk.to;) {
    const { steerDeg, travelMm } = best.pose;
    let moved = false;
    for (let s = -1; s <= 1; s++)
      for (let t = -1; t <= 1; t++) {
        const pose = {
          steerDeg: within(grid.steer, steerDeg + s * share * steerStep),
          travelMm: within(grid.travel, travelMm + t * share * travelStep),
        };
        // A step that does not go its way, at an end of the range or where there is none, looks where another one
        // looks.
        if ((s !== 0 && pose.steerDeg === steerDeg) || (t !== 0 && pose.travelMm === travelMm) || (s === 0 && t === 0))
          continue;
        const mm = look(pose);
        if (mm >= best.mm - WORTH_MM) continue;
        best = { pose, mm };
        moved = true;
      }
    if (!moved) share *= 0.5;
  }
  return best;
}

const step = (values: readonly number[]): number => (values.length > 1 ? values[1]! - values[0]! : 0);

const within = ([least, most]: readonly [number, number], value: number): number => min(most, max(least, value));
