import { AT_REST, type Pose } from '#core/kinematics';
import { travelRange } from '#core/suspension';
import {
  coarseMinima,
  lookAt,
  poseRange,
  poseRegions,
  refine,
  standBefore,
  type Found,
  type Motion,
  type PlacedPart,
  type PoseGrid,
  type PoseRange,
  type Swept,
  type SweptSolid,
} from '#core/sweep';

/** Points of an edge that stay this much further away than its nearest are left out of the draws, mm. */
const NEAR_MM = 25;

const WALK = { from: 0.5, to: 0.1 };

const STARTS = 2;

/**
 * A low that begins this much further away than the lowest so far is not walked down: a low falls by less than half a
 * step of the grid, mm.
 */
const WALK_WITHIN_MM = 12;

/** A low so few steps of the grid from where the edge was nearest is the same low. */
const BESIDE_STEPS = 2;

/**
 * The points of an edge that can come nearest in a draw: those near the wheel in the pose where the edge was nearest.
 */
export function nearPoints({
  part,
  solid,
  motion,
  nominal,
}: {
  part: PlacedPart;
  solid: SweptSolid;
  motion: Motion;
  nominal: Swept;
}): number[] {
  const count = part.xyz.length / 3;
  const found = nominal.parts.find(({ id }) => id === part.id)!;
  const placement = standBefore(motion, part.mount).stand(found.pose);
  const mm = Array.from({ length: count }, (_, i) =>
    lookAt({ ...part, xyz: part.xyz.slice(3 * i, 3 * i + 3), edge: false }, solid).points(placement),
  );
  const most = Math.min(...mm) + NEAR_MM;
  const inside = mm.flatMap((value, i) => (value <= most ? [i] : []));
  // Without gaps, so that neighbours stay neighbours.
  return Array.from({ length: inside.at(-1)! - inside[0]! + 1 }, (_, i) => inside[0]! + i);
}

/** Where the sweep of the car as it was read came low: where it was nearest, and lows elsewhere. */
export function startsOf({ grid, parts }: Swept, id: string): Pose[] {
  const part = parts.find((one) => one.id === id)!;
  if (!grid || !part.map) return [part.pose];
  const beside = (value: number, other: number, values: readonly number[]) =>
    values.length < 2 || Math.abs(value - other) <= BESIDE_STEPS * (values[1]! - values[0]!);
  const elsewhere = coarseMinima(part.map, grid, NEAR_MM)
    .map(({ pose }) => pose)
    .filter(
      ({ steerDeg, travelMm }) =>
        !beside(steerDeg, part.pose.steerDeg, grid.steers) || !beside(travelMm, part.pose.travelMm, grid.travels),
    );
  return [part.pose, ...elsewhere.slice(0, STARTS)];
}

/** Least distance of a part in one draw. */
export function nearest({
  part,
  solid,
  motion,
  starts,
  swept: { grid, restTravelMm },
  walk,
}: {
  part: PlacedPart;
  solid: SweptSolid;
  motion: Motion;
  starts: readonly Pose[];
  swept: Swept;
  walk: boolean;
}): number {
  const { geometry, change, poses = 'all' } = motion;
  const looker = lookAt(part, solid);
  const { moves, stand } = standBefore(motion, part.mount);
  if (!moves || !grid || !geometry) return looker.exact(stand(AT_REST));
  const travel = travelRange(geometry, change);
  const range = poseRange(geometry, travel);
  // A pose stays in its range of poses: what the rule leaves out as the car was read it leaves out in every draw.
  const before = poseRegions(grid, restTravelMm, poses);
  const after = poseRegions(range, travel.restMm, poses);
  let least: Found | null = null;
  for (const pose of starts) {
    const at = Math.max(
      0,
      before.findIndex((region) => holds(region, pose)),
    );
    const [from, to] = [before[at]!, after[Math.min(at, after.length - 1)]!];
    const start = within(to, pose, from);
    const look = (one: Pose): number => looker.points(stand(one));
    const mm = look(start);
    if (least && mm > least.mm + WALK_WITHIN_MM) continue;
    const low: Found = walk ? refine({ start, grid: stepped(to, grid), walk: WALK, look }) : { pose: start, mm };
    if (!least || low.mm < least.mm) least = low;
  }
  return looker.exact(stand(least!.pose));
}

const holds = ({ steer, travel }: PoseRange, { steerDeg, travelMm }: Pose): boolean =>
  steerDeg >= steer[0] - 1e-6 &&
  steerDeg <= steer[1] + 1e-6 &&
  travelMm >= travel[0] - 1e-6 &&
  travelMm <= travel[1] + 1e-6;

/** A range of poses with steps as large as the grid's. */
function stepped(range: PoseRange, grid: PoseGrid): PoseGrid {
  const few = (values: readonly number[], [from, to]: readonly [number, number]) =>
    values.length > 1 && to > from ? [from, from + values[1]! - values[0]!] : [from];
  return { ...range, steers: few(grid.steers, range.steer), travels: few(grid.travels, range.travel) };
}

/** A pose at the same share of another range: a lock stays a lock. */
function within(range: PoseRange, { steerDeg, travelMm }: Pose, grid: PoseRange): Pose {
  const moved = (value: number, [from, to]: readonly [number, number], [least, most]: readonly [number, number]) =>
    to > from ? least + ((value - from) / (to - from)) * (most - least) : least;
  return {
    steerDeg: moved(steerDeg, grid.steer, range.steer),
    travelMm: moved(travelMm, grid.travel, range.travel),
  };
}
