import { AT_REST, type Placement, type Pose } from '#core/kinematics';
import { atOnce, type Steps } from '#core/progress';
import { travelRange, type TravelRange } from '#core/suspension';
import { lookAt, type Looker, type Nearest } from './nearest';
import type { PlacedPart } from './place';
import {
  FULL,
  partOfGrid,
  poseGrid,
  poseRange,
  poseRegions,
  ROUGH,
  shortOfLock,
  type PoseGrid,
  type PoseRange,
} from './poses';
import { coarseMinima, refine, type Found, type Walk } from './refine';
import type { SweptSolid } from './solid';
import { gridPlacements, standBefore, type Motion, type Stand } from './beforeWheel';

/** What a sweep is made over. Without a geometry the wheel only stands. */
export interface SweepCase extends Motion {
  solid: SweptSolid;
  parts: readonly PlacedPart[];
  /**
   * What stays further away than this, mm, is told from a rough grid alone: enough to say that it clears. Left out,
   * everything is told exactly.
   */
  enoughMm?: number | undefined;
}

/** Where a part comes nearest over the poses that count. */
export interface SweptPart {
  id: string;
  /** Least distance, negative where it touches; the pose; and the place on the wheel. Mm and degrees. */
  clearanceMm: number;
  pose: Pose;
  at: WheelPlace;
  /** Distance at rest, straight ahead. */
  restMm: number;
  /**
   * Least distance short of either lock by {@link SHORT_OF_LOCK_DEG}, told where it touches; null where it does not, or
   * never steers.
   */
  beforeLockMm: number | null;
  /** Least distance over all poses, those too that do not count. */
  allPosesMm: number;
  /**
   * Least distance at ride height from lock to lock, at full bump and at full droop straight ahead; null where only a
   * verdict was asked for.
   */
  lockAtRestMm: number | null;
  bumpMm: number | null;
  droopMm: number | null;
  /**
   * Distance in every pose of the grid, row by row; null for a part that moves with the wheel or a wheel that only
   * stands.
   */
  map: Float32Array | null;
  /** Clock angles and axial places at which the wheel touches it in some pose of the grid; null where it never does. */
  touched: TouchedRegion | null;
}

/** A place on the wheel: clock angle (0 top, + front), distance from the axis, mm out from the hub face. */
export interface WheelPlace {
  clockDeg: number;
  radiusMm: number;
  outMm: number;
}

export interface TouchedRegion {
  clockDeg: [number, number];
  outMm: [number, number];
}

/** A swept wheel; `grid` is null where the wheel only stands. */
export interface Swept {
  grid: PoseGrid | null;
  restTravelMm: number;
  parts: SweptPart[];
}

/** Rows of poses looked at between two signs of progress. */
const ROWS_A_STEP = 8;
/** Below this the map is looked at exactly, mm. */
const NEAR_MM = 12;
/**
 * How much lower than a node a minimum may lie next to it: half a cell of the full grid, as far as a point of the wheel
 * moves in it.
 */
const CELL_SLACK_MM = 9;

/**
 * Sweeps a wheel through all steer and travel past the parts around it, part by part. Coarse over a grid of 61 × 41
 * poses, then exactly around every minimum the grid leaves open; the least distance is within 0.1 mm of the true one.
 * @returns a generator that yields the share done, for progress and for stopping, and returns the result
 */
export function* sweepSteps({ solid, parts, geometry, change, poses = 'all', enoughMm }: SweepCase): Steps<Swept> {
  const travel = travelRange(geometry ?? { bumpMm: 0, droopMm: 0 }, change);
  const grid = geometry ? poseGrid(poseRange(geometry, travel), enoughMm === undefined ? FULL : ROUGH) : null;
  const regions = grid ? poseRegions(grid, travel.restMm, poses) : [];
  const swept: SweptPart[] = [];
  const placements = new Map<string, Placement[]>();
  for (const [done, part] of parts.entries()) {
    const looker = lookAt(part, solid);
    const { moves, stand } = standBefore({ geometry, change }, part.mount);
    if (!grid || !moves) {
      swept.push(stillPart(part, looker, stand));
    } else {
      const stands = placements.get(part.mount) ?? gridPlacements(grid, stand);
      placements.set(part.mount, stands);
      const mapped = yield* mapRows({ looker, grid, stands, shareDone: (share) => (done + share) / parts.length });
      swept.push(
        finish({
          part,
          looked: { looker, grid, stand, map: mapped.map },
          regions,
          travelRange: travel,
          touched: mapped.touched,
          enoughMm,
        }),
      );
    }
    yield (done + 1) / parts.length;
  }
  return { grid, restTravelMm: travel.restMm, parts: swept };
}

/** The same at one go. */
export const sweep = (one: SweepCase): Swept => atOnce(sweepSteps(one));

/** A part that never moves against the wheel: one look is all. */
function stillPart(part: PlacedPart, looker: Looker, stand: Stand['stand']): SweptPart {
  const nearest = looker.nearest(stand(AT_REST));
  const at = wheelPlace(nearest);
  const touched: TouchedRegion | null =
    nearest.mm < 0 ? { clockDeg: [at.clockDeg, at.clockDeg], outMm: [at.outMm, at.outMm] } : null;
  return {
    id: part.id,
    clearanceMm: nearest.mm,
    pose: AT_REST,
    at,
    restMm: nearest.mm,
    beforeLockMm: null,
    allPosesMm: nearest.mm,
    lockAtRestMm: nearest.mm,
    bumpMm: nearest.mm,
    droopMm: nearest.mm,
    map: null,
    touched,
  };
}

interface Mapped {
  map: Float32Array;
  touched: TouchedRegion | null;
}

function* mapRows({
  looker,
  grid,
  stands,
  shareDone,
}: {
  looker: Looker;
  grid: PoseGrid;
  stands: readonly Placement[];
  shareDone: (ofThis: number) => number;
}): Steps<Mapped> {
  const map = new Float32Array(stands.length);
  const columns = grid.steers.length;
  let touched: TouchedRegion | null = null;
  for (let i = 0; i < stands.length; i++) {
    const quick = looker.quick(stands[i]!);
    if (quick > NEAR_MM) map[i] = quick;
    else {
      map[i] = looker.points(stands[i]!);
      if (map[i]! < 0) touched = widened(touched, wheelPlace(looker.found(stands[i]!)));
    }
    if ((i + 1) % (ROWS_A_STEP * columns) === 0) yield shareDone(i / stands.length);
  }
  return { map, touched };
}

/** Walks of a minimum: first over the points alone, then along the edges too, to a hundredth of a millimeter. */
const FIRST: Walk = { from: 0.5, to: 0.1 };
const FINE: Walk = { from: 0.1, to: 0.002 };

/** A part that was looked at in every pose of a grid. */
interface Looked {
  looker: Looker;
  grid: PoseGrid;
  stand: (pose: Pose) => Placement;
  map: Float32Array;
}

function finish({
  part,
  looked,
  regions,
  travelRange: { restMm: restTravelMm, leastMm, mostMm },
  touched,
  enoughMm,
}: {
  part: PlacedPart;
  looked: Looked;
  regions: readonly PoseRange[];
  travelRange: TravelRange;
  touched: TouchedRegion | null;
  enoughMm: number | undefined;
}): SweptPart {
  const { looker, stand, grid, map } = looked;
  const slack = enoughMm === undefined ? CELL_SLACK_MM : 2 * CELL_SLACK_MM;
  const lows = regions.map((region) => leastIn({ looked, region, slack, enoughMm }));
  const best = lows.reduce((least, one) => (one.mm < least.mm ? one : least));
  const { pose } = best;
  const nearest = looker.nearest(stand(pose));
  const at = wheelPlace(nearest);
  const straight = (travelMm: number): number => looker.exact(stand({ steerDeg: 0, travelMm }));
  const exactly = enoughMm === undefined;
  return {
    id: part.id,
    clearanceMm: nearest.mm,
    pose,
    at,
    restMm: straight(restTravelMm),
    beforeLockMm: nearest.mm < 0 ? leastBeforeLock(looked, regions) : null,
    allPosesMm:
      regions.length > 1 ? looker.exact(stand(leastIn({ looked, region: grid, slack, enoughMm }).pose)) : nearest.mm,
    lockAtRestMm: exactly ? leastAtRest(looked, restTravelMm) : null,
    bumpMm: exactly ? straight(mostMm) : null,
    droopMm: exactly ? straight(leastMm) : null,
    map,
    touched: nearest.mm < 0 ? widened(touched, at) : touched,
  };
}

/** The least over a range of the poses looked at; what stays further away than enough is told from the grid. */
function leastIn({
  looked,
  region,
  slack,
  enoughMm,
}: {
  looked: Looked;
  region: PoseRange;
  slack: number;
  enoughMm: number | undefined;
}): Found {
  const { grid, at } = region === looked.grid ? { grid: looked.grid, at: null } : partOfGrid(looked.grid, region);
  const values = at ? Float32Array.from(at, (i) => looked.map[i]!) : looked.map;
  const starts = coarseMinima(values, grid, slack);
  const far = enoughMm !== undefined && starts[0]!.mm > enoughMm + slack;
  return far ? starts[0]! : leastOf({ starts, grid, looker: looked.looker, stand: looked.stand });
}

/** How far to either side of where it rests a wheel counts as at ride height, mm (common practice, no source). */
const AT_RIDE_HEIGHT_MM = 10;

/** The least distance at ride height from lock to lock. */
function leastAtRest({ looker, grid, stand, map }: Looked, restMm: number): number {
  const [least, most] = grid.travel;
  const travel = [Math.max(least, restMm - AT_RIDE_HEIGHT_MM), Math.min(most, restMm + AT_RIDE_HEIGHT_MM)] as const;
  if (travel[0] > travel[1]) return looker.exact(stand({ steerDeg: 0, travelMm: restMm }));
  const part = partOfGrid(grid, { steer: grid.steer, travel });
  const [start] = coarseMinima(
    Float32Array.from(part.at, (i) => map[i]!),
    part.grid,
    0,
  );
  const low = refine({ start: start!.pose, grid: part.grid, walk: FIRST, look: (at) => looker.points(stand(at)) });
  return looker.exact(stand(low.pose));
}

/**
 * The least distance over the poses that count and are not at full lock; null for a wheel that does not steer as far.
 */
function leastBeforeLock(looked: Looked, regions: readonly PoseRange[]): number | null {
  const steer = shortOfLock(looked.grid);
  if (!steer) return null;
  const least = regions.map(({ steer: [from, to], travel }) => {
    const region: PoseRange = { steer: [Math.max(from, steer[0]), Math.min(to, steer[1])], travel };
    return looked.looker.nearest(
      looked.stand(leastIn({ looked, region, slack: 2 * CELL_SLACK_MM, enoughMm: undefined }).pose),
    ).mm;
  });
  return Math.min(...least);
}

/** How much nearer a part of an edge may be than the points on either side of it, mm. */
const EDGE_SLACK_MM = 3;
/** Walks that come together this closely, in degrees and mm, have found one place. */
const SAME = { steerDeg: 0.4, travelMm: 1 };

/** The least around several starts: all of them walked roughly, those that could still hold it finely. */
function leastOf({
  starts,
  grid,
  looker,
  stand,
}: {
  starts: readonly Found[];
  grid: PoseGrid;
  looker: Looker;
  stand: (pose: Pose) => Placement;
}): Found {
  const rough = starts
    .map(({ pose }) => refine({ start: pose, grid, walk: FIRST, look: (at) => looker.points(stand(at)) }))
    .sort((one, other) => one.mm - other.mm);
  const apart = rough.filter(
    ({ pose }, index) =>
      !rough.slice(0, index).some((other) => isNear(other.pose, pose)) &&
      rough[index]!.mm <= rough[0]!.mm + EDGE_SLACK_MM,
  );
  return apart
    .map(({ pose }) => refine({ start: pose, grid, walk: FINE, look: (at) => looker.beside(stand(at)) }))
    .reduce((best, one) => (one.mm < best.mm ? one : best));
}

const isNear = (one: Pose, other: Pose): boolean =>
  Math.abs(one.steerDeg - other.steerDeg) < SAME.steerDeg && Math.abs(one.travelMm - other.travelMm) < SAME.travelMm;

const wheelPlace = ({ out, fwd, up }: Nearest): WheelPlace => ({
  clockDeg: (Math.atan2(fwd, up) * 180) / Math.PI,
  radiusMm: Math.hypot(fwd, up),
  outMm: out,
});

function widened(region: TouchedRegion | null, { clockDeg, outMm }: WheelPlace): TouchedRegion {
  if (!region) return { clockDeg: [clockDeg, clockDeg], outMm: [outMm, outMm] };
  const clock = region.clockDeg;
  // The shorter way round, so that a region over the bottom does not run over the top.
  const middle = (clock[0] + clock[1]) / 2;
  const near = clockDeg + 360 * Math.round((middle - clockDeg) / 360);
  return {
    clockDeg: [Math.min(clock[0], near), Math.max(clock[1], near)],
    outMm: [Math.min(region.outMm[0], outMm), Math.max(region.outMm[1], outMm)],
  };
}

/** How far each part is from the wheel in one pose, mm; exact. */
export function clearancesAt({ solid, parts, geometry, change }: SweepCase, pose: Pose): Record<string, number> {
  return Object.fromEntries(
    parts.map((part) => [
      part.id,
      lookAt(part, solid).exact(standBefore({ geometry, change }, part.mount).stand(pose)),
    ]),
  );
}
