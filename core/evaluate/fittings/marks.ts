import { DomainError } from '#core/errors';
import { placeOfCorner, type Corner, type Mark } from '#core/fitting';
import type { Job, Setup } from '#core/job';
import { AT_REST, inverted, toCorner, type Point3, type Pose } from '#core/kinematics';
import {
  clearancesAt,
  gapPoint,
  mountOf,
  placementIn,
  readingPose,
  standBefore,
  standsOn,
  type Obstacle,
  type ObstacleKind,
  type PlacedPart,
  type SweepCase,
} from '#core/sweep';
import { roundTo } from '#core/units';
import { axleParts, candidateCase, placedAnew } from '../parts';

/** Where a mark was found: on the wheel of a setup, at a corner. */
export interface MarkedCorner {
  job: Job;
  setup: Setup;
  corner: Corner;
}

/** A part near a mark, in the pose that the mark was made in. */
export interface MarkedPart {
  id: string;
  label: string;
  /** Nobody measured it: it is made from the readings at rest. */
  isAssumed: boolean;
  /** How far it was predicted to be from the wheel in that pose, mm. */
  clearanceMm: number;
  /** How far it is thought to be from the mark itself, mm. */
  fromMarkMm: number;
}

/** What a mark says of a place, ± mm at 95 % (common practice, no source). */
const MARK_PLUS_MINUS_MM = 2;

type MarkPlace = Pick<Mark, 'surface' | 'clockDeg' | 'axialMm' | 'steerDeg' | 'travelMm'>;

function caseAt({ job, setup, corner }: MarkedCorner): SweepCase | null {
  return candidateCase(job, setup, placeOfCorner(corner).axle);
}

/** The place of a mark in the hub's frame of the wheel that it is on. @throws DomainError beyond the tread's edge */
const markPoint = (mark: MarkPlace, { solid }: SweepCase): Point3 => gapPoint({ ...mark, gapMm: 0 }, solid);

/**
 * The parts that stand on the side of a corner, the one nearest to the mark first. Empty where no part is placed.
 * @throws DomainError where the mark is not on the wheel
 */
export function partsAtMark(at: MarkedCorner, mark: MarkPlace): MarkedPart[] {
  const swept = caseAt(at);
  if (!swept) return [];
  const { axle, side } = placeOfCorner(at.corner);
  const { parts } = axleParts(at.job.vehicle, axle);
  const [point, pose] = [markPoint(mark, swept), readingPose(mark)];
  const clearances = clearancesAt(swept, pose);
  return parts
    .flatMap(({ obstacle, assumed, placed }) => {
      if (!placed || !standsOn(obstacle, side)) return [];
      const clearanceMm = clearances[obstacle.id];
      if (clearanceMm === undefined) return [];
      const label = obstacle.label || obstacle.kind || obstacle.id;
      const fromMarkMm = fromPartMm(placed, swept, { pose, point });
      return [{ id: obstacle.id, label, isAssumed: assumed, clearanceMm, fromMarkMm }];
    })
    .sort((one, other) => one.fromMarkMm - other.fromMarkMm);
}

/** How far a part is from a place in the hub's frame in a pose, mm. */
function fromPartMm(part: PlacedPart, motion: SweepCase, { pose, point }: { pose: Pose; point: Point3 }): number {
  const stand = standBefore(motion, part.mount).stand(pose);
  const { out, fwd, up } = toCorner(inverted(stand), point);
  const { xyz, edge } = part;
  let least = Infinity;
  for (let i = 0; i < xyz.length; i += 3) {
    const j = edge && i + 3 < xyz.length ? i + 3 : i;
    least = Math.min(least, fromSegmentMm([out, fwd, up], xyz.subarray(i, i + 3), xyz.subarray(j, j + 3)));
  }
  return least;
}

function fromSegmentMm(point: readonly number[], from: ArrayLike<number>, to: ArrayLike<number>): number {
  const way = [0, 1, 2].map((k) => to[k]! - from[k]!);
  const long = way.reduce((sum, one) => sum + one * one, 0);
  const along = long === 0 ? 0 : way.reduce((sum, one, k) => sum + one * (point[k]! - from[k]!), 0) / long;
  const t = Math.min(1, Math.max(0, along));
  return Math.hypot(...way.map((one, k) => from[k]! + t * one - point[k]!));
}

/** The place of a mark in the corner's frame at rest, where a part that moves with `mount` would be to make it. */
function partPoint(at: MarkedCorner, mark: MarkPlace, mount: PlacedPart['mount']): Point3 {
  const swept = caseAt(at) ?? caseWithout(at);
  const inMount = toCorner(inverted(standBefore(swept, mount).stand(readingPose(mark))), markPoint(mark, swept));
  const rounded = ({ out, fwd, up }: Point3): Point3 => ({
    out: roundTo(out, 2),
    fwd: roundTo(fwd, 2),
    up: roundTo(up, 2),
  });
  return rounded(mount === 'body' ? inMount : toCorner(placementIn(swept.geometry, AT_REST), inMount));
}

/** How often a gap is corrected by what is left of the clearance; each time by nearly all of it. */
const MOST_STEPS = 40;
const ENOUGH_MM = 0.01;

/**
 * A part as a mark has it: its reading corrected so that it touches the wheel of the setup in the pose of the mark. A
 * part that is told by points gets one more where the mark is.
 * @throws DomainError where the mark is not on the wheel, or the wheel is not known
 */
export function correctedByMark(at: MarkedCorner, mark: MarkPlace, obstacle: Obstacle): Obstacle {
  const { gap, points, ...rest } = obstacle;
  const gapMm = gap ? touchingGapMm(at, mark, obstacle) : null;
  if (gap && gapMm !== null)
    return { ...rest, gap: { ...gap, gapMm, uncertaintyMm: MARK_PLUS_MINUS_MM, instrument: null } };
  const point = partPoint(at, mark, mountOf(obstacle));
  return { ...rest, points: points && points.length > 1 ? withPoint(points, point) : [point] };
}

/** The gap with which a part touches in the pose of a mark; null where no gap along its reading does. */
function touchingGapMm(at: MarkedCorner, mark: MarkPlace, obstacle: Obstacle): number | null {
  const swept = caseAt(at);
  const { present, resolved } = axleParts(at.job.vehicle, placeOfCorner(at.corner).axle);
  if (!swept || !obstacle.gap) return null;
  let { gapMm } = obstacle.gap;
  for (let step = 0; step < MOST_STEPS; step++) {
    const placed = placedAnew({ ...obstacle, gap: { ...obstacle.gap, gapMm } }, present, resolved.geometry);
    if (!placed) return null;
    const left = clearancesAt({ ...swept, parts: [placed] }, readingPose(mark))[obstacle.id]!;
    if (Math.abs(left) <= ENOUGH_MM) return roundTo(gapMm, 2);
    gapMm -= left;
    if (Math.abs(gapMm) > MOST_GAP_MM) return null;
  }
  return null;
}

/** No gap is read that is larger. */
const MOST_GAP_MM = 300;

/** An edge with one more corner, in the piece that it lengthens least. */
function withPoint(points: readonly Point3[], point: Point3): Point3[] {
  const apart = (one: Point3, other: Point3) => Math.hypot(one.out - other.out, one.fwd - other.fwd, one.up - other.up);
  const longer = points.slice(1).map((to, i) => {
    const from = points[i]!;
    return apart(from, point) + apart(point, to) - apart(from, to);
  });
  const at = longer.indexOf(Math.min(...longer)) + 1;
  return points.toSpliced(at, 0, point);
}

/** A part of its own where a mark was found. @throws DomainError as above */
export const partFromMark = (
  at: MarkedCorner,
  mark: MarkPlace,
  part: { id: string; label: string; kind: ObstacleKind },
): Obstacle => ({
  ...part,
  side: placeOfCorner(at.corner).side,
  points: [partPoint(at, mark, mountOf(part))],
});

/** The wheel of a setup where nothing stands around it yet. */
function caseWithout({ job, setup, corner }: MarkedCorner): SweepCase {
  const { axle } = placeOfCorner(corner);
  const alone = { ...job.vehicle, [axle]: { ...job.vehicle[axle], obstacles: [FAR] } };
  const swept = candidateCase({ ...job, vehicle: alone }, setup, axle);
  if (!swept) throw new DomainError('the wheel of this setup is not known yet', 'mark');
  return swept;
}
const FAR: Obstacle = { id: 'far', kind: 'frame', points: [{ out: 0, fwd: 0, up: 3000 }] };
