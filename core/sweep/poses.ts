import { composed, inverted, placer, type Placement, type Pose } from '#core/kinematics';
import type { SuspensionGeometry, TravelRange } from '#core/suspension';
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
 * How a part stands as the wheel sees it, pose by pose: the map from the part's frame to the hub's frame. For a body part this is the inverse
 * of the wheel's placement; an arm travels along and does not steer.
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
