import { composed, inverted, placer, type Placement, type Pose } from '#core/kinematics';
import type { SuspensionGeometry, TravelRange } from '#core/suspension';
import type { PoseRule } from '#core/verdict';
import type { Mount } from './kinds';

/** How many steers and travels a sweep looks at first; a rough one is asked only what comes near. */
export const FULL = { steers: 61, travels: 41 } as const;
export const ROUGH = { steers: 31, travels: 21 } as const;

/** Where steer and travel run, degrees and mm. */
export interface PoseRange {
  steer: readonly [number, number];
  travel: readonly [number, number];
}

/** The poses of a sweep in rows of one travel, and how the wheel stands in each. */
export interface PoseGrid extends PoseRange {
  steers: readonly number[];
  travels: readonly number[];
}

export const poseRange = (geometry: SuspensionGeometry, travel: TravelRange): PoseRange => ({
  steer: [0 - geometry.lockInDeg, geometry.lockOutDeg],
  travel: [travel.leastMm, travel.mostMm],
});

/** Beyond this share of droop a wheel at full lock is a lifted wheel's (common practice, no source). */
export const ROAD_DROOP = 0.6;
/** How far short of a lock a wheel no longer counts as fully turned, degrees (common practice, no source). */
export const SHORT_OF_LOCK_DEG = 3;

/** Steer as far as it goes without being fully turned, degrees; null for a wheel that does not steer as far. */
export function shortOfLock({ steer: [least, most] }: PoseRange): PoseRange['steer'] | null {
  const [from, to] = [least + SHORT_OF_LOCK_DEG, most - SHORT_OF_LOCK_DEG];
  return from < to ? [from, to] : null;
}

/** The poses that count, as ranges that together hold them. @param restMm where the wheel rests */
export function poseRegions(range: PoseRange, restMm: number, rule: PoseRule): PoseRange[] {
  const [least, most] = range.travel;
  const steer = shortOfLock(range);
  const hangs = restMm + ROAD_DROOP * (least - restMm);
  if (rule === 'all' || !steer || hangs <= least || hangs >= most) return [range];
  return [
    { steer: range.steer, travel: [hangs, most] },
    { steer, travel: [least, hangs] },
  ];
}

/** Evenly spread over its range; a range without extent is one pose. */
const spread = ([from, to]: readonly [number, number], count: number): number[] =>
  to > from ? Array.from({ length: count }, (_, i) => from + ((to - from) * i) / (count - 1)) : [from];

export const poseGrid = (
  range: PoseRange,
  { steers, travels }: { steers: number; travels: number } = FULL,
): PoseGrid => ({
  ...range,
  steers: spread(range.steer, steers),
  travels: spread(range.travel, travels),
});

/**
 * The part of a grid that lies in a range, with a node at either end where there is one near; the ends are the range's.
 */
export function partOfGrid(grid: PoseGrid, { steer, travel }: PoseRange): { grid: PoseGrid; at: number[] } {
  const columns = within(grid.steers, steer);
  const rows = within(grid.travels, travel);
  return {
    grid: { steer, travel, steers: columns.map((i) => grid.steers[i]!), travels: rows.map((i) => grid.travels[i]!) },
    at: rows.flatMap((row) => columns.map((column) => row * grid.steers.length + column)),
  };
}

/** Which of evenly spread values lie in a range, and those half a step beside it. */
function within(values: readonly number[], [from, to]: readonly [number, number]): number[] {
  const half = values.length > 1 ? (values[1]! - values[0]!) / 2 + 1e-9 : Infinity;
  return values.flatMap((value, i) => (value >= from - half && value <= to + half ? [i] : []));
}

/**
 * How a part stands as the wheel sees it, pose by pose: the map from the part's frame to the hub's frame. For a body
 * part this is the inverse of the wheel's placement; an arm travels along and does not steer.
 * @param bodyRiseMm how far a body lift raises the part
 */
export function relativePlacer(
  geometry: SuspensionGeometry,
  mount: Mount,
  bodyRiseMm: number,
): (pose: Pose) => Placement {
  const place = placer(geometry);
  return (pose) => {
    const placed = place(pose);
    const relative = inverted(placed, placed);
    if (mount === 'arm') return composed(relative, place({ steerDeg: 0, travelMm: pose.travelMm }));
    for (let row = 0; row < 12; row += 4) relative[row + 3]! += relative[row + 2]! * bodyRiseMm;
    return relative;
  };
}
