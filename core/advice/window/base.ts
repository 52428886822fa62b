import { ruleInForce, type AxleName, type Job, type SetupOnAxle } from '#core/job';
import type { Point3 } from '#core/kinematics';
import { partPaths, type PartPath, type Span } from '#core/window';
import {
  asSureAsShown,
  coverOf,
  fitPresent,
  obstacleLimit,
  axleParts,
  type AxlePart,
  obstacleSlopes,
  plusMinusOf,
  sureMm,
} from '#core/evaluate';

/** What a window of an axle is made over, the same for all its rows. */
export interface WindowBase extends SetupOnAxle {
  /** Offsets of interest, mm. */
  offsets: Span;
  /** Parts with their paths before the wheel, one for each limit that holds them. */
  paths: { part: AxlePart; path: PartPath; shortOfLock: boolean }[];
  /**
   * Parts around which nothing is known of how the wheel moves, and readings that are missing: no row is shown to hold
   * against them.
   */
  missing: string[];
  /** How much clearance it takes for each part to be clear of doubt, mm, by its id. */
  sure: ReadonlyMap<string, number>;
}

/** Lays out what all rows share: where every part is, in every pose. */
export function windowBase({ job, setup, axle, offsets }: SetupOnAxle & { offsets: Span }): WindowBase {
  const { parts, resolved } = axleParts(job.vehicle, axle);
  const motion = {
    geometry: resolved.geometry,
    change: setup.suspensionChange?.[axle] ?? null,
    poses: ruleInForce('poses', job),
  };
  const paths = parts.flatMap((part) => {
    if (!part.placed) return [];
    const { rub } = obstacleLimit({ obstacle: part.obstacle, terms: job, axle, placed: part.placed, tireRadiusMm: 0 });
    const { placed } = part;
    const paths = (shortOfLock: boolean) =>
      partPaths(placed, motion, !shortOfLock).map((path) => ({ part, path, shortOfLock }));
    return rub?.lockOnly ? [...paths(false), ...paths(true)] : paths(false);
  });
  const spreads = Object.entries(asSureAsShown(obstacleSlopes(job, setup, axle), job));
  const sure = new Map(spreads.map(([id, one]) => [id, sureMm(plusMinusOf(one), job)]));
  return { job, setup, axle, offsets, paths, missing: missingOf(job, axle), sure };
}

function missingOf(job: Job, axle: AxleName): string[] {
  const { room } = job.vehicle[axle] ?? {};
  const { parts, resolved } = axleParts(job.vehicle, axle);
  const present = fitPresent(job.vehicle, axle);
  return [
    ...(present.place ? [] : ['the present wheel and tire']),
    ...(room?.outboardGapMm == null ? ['the present tuck'] : []),
    ...(room?.inboardGapMm == null ? ['the inner clearance'] : []),
    ...(room?.archGapMm == null ? ['the fender clearance'] : []),
    ...(resolved.geometry ? [] : ['how the wheel moves: the kind of suspension']),
    ...parts.flatMap(({ obstacle, placed }) => (placed ? [] : [`where ${obstacle.label ?? obstacle.id} is`])),
    ...(coverIsOpen(job, axle) ? ['the fender lip over the whole arc that must be covered'] : []),
  ];
}

/** Whether cover is asked for where nobody measured the lip. */
function coverIsOpen(job: Job, axle: AxleName): boolean {
  if (ruleInForce('cover', job) === 'none') return false;
  const lips = shapedLips(job, axle);
  return lips.length === 0 || lips.some((points) => coverOf(points, () => 0, 0).openDeg > 0);
}

export const shapedLips = (job: Job, axle: AxleName): Point3[][] =>
  axleParts(job.vehicle, axle).parts.flatMap(({ obstacle }) =>
    obstacle.kind === 'fender-lip' && obstacle.points ? [obstacle.points] : [],
  );
