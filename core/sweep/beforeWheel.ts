import { AT_REST, type Placement, type Pose } from '#core/kinematics';
import { travelRange, type Change, type SuspensionGeometry } from '#core/suspension';
import type { PoseRule } from '#core/verdict';
import type { Mount } from './kinds';
import { placementIn } from './place';
import { poseGrid, poseRange, poseRegions, relativePlacer, ROUGH, shortOfLock, type PoseGrid } from './poses';

/** What moves a wheel: without a geometry it only stands. */
export interface Motion {
  geometry: SuspensionGeometry | null;
  change: Change | null;
  /** Which poses count; all where it is left out. */
  poses?: PoseRule | undefined;
}

/** How a part stands before a wheel, and whether anything moves between the two. */
export interface Stand {
  moves: boolean;
  stand(pose: Pose): Placement;
}

/**
 * How a part that moves with `mount` stands before the wheel in a pose; one of the body by as much higher as a change
 * lets the wheel hang.
 */
export function standBefore({ geometry, change }: Motion, mount: Mount): Stand {
  const { bodyRiseMm, restShiftMm } = travelRange({ bumpMm: 0, droopMm: 0 }, change);
  if (geometry && mount !== 'knuckle') {
    const rise = mount === 'body' ? bodyRiseMm : 0;
    return { moves: true, stand: relativePlacer(geometry, mount, rise) };
  }
  const still = Float64Array.from(placementIn(null, AT_REST));
  if (mount === 'body') still[11]! += restShiftMm;
  return { moves: false, stand: () => still };
}

/** A part before the wheel with a rough grid of poses laid out: for looking at one place after another. */
export interface PosedPart extends Stand {
  /** Null where nothing moves: then there is one placement. */
  grid: PoseGrid | null;
  placements: readonly Placement[];
}

/**
 * The same for every range of poses that counts.
 * @param locks whether full lock counts
 */
export function posedParts(motion: Motion, mount: Mount, locks = true): PosedPart[] {
  const { moves, stand } = standBefore(motion, mount);
  const { geometry, change, poses = 'all' } = motion;
  if (!moves || !geometry) return [{ moves, stand, grid: null, placements: [stand(AT_REST)] }];
  const travel = travelRange(geometry, change);
  const whole = poseRange(geometry, travel);
  const [least, most] = (locks ? null : shortOfLock(whole)) ?? whole.steer;
  return poseRegions(whole, travel.restMm, poses).map(({ steer: [from, to], travel: through }) => {
    const grid = poseGrid({ steer: [Math.max(from, least), Math.min(to, most)], travel: through }, ROUGH);
    return { moves, stand, grid, placements: gridPlacements(grid, stand) };
  });
}

/** How a part stands in every pose of a grid, row by row. */
export const gridPlacements = (grid: PoseGrid, stand: (pose: Pose) => Placement): Placement[] =>
  grid.travels.flatMap((travelMm) => grid.steers.map((steerDeg) => stand({ steerDeg, travelMm })));
