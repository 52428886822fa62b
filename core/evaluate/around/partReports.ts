import type { Job, AxleName } from '#core/job';
import { mountOf, type Obstacle, type SweptPart } from '#core/sweep';
import { clearanceVerdict, type Verdict } from '#core/verdict';
import { insideOf, type WheelInside } from '../fit';
import { obstacleLimit, type AxleParts, type ObstacleLimit } from '../parts';
import type { ObstacleReport } from '../report';
import { surely, type ObstacleSpreads } from '../spread';
import type { AxleSweeps } from '../sweeps';

/** What the parts of an axle are judged by. */
export interface ObstacleCase {
  job: Job;
  axle: AxleName;
  parts: AxleParts;
  sweeps: AxleSweeps;
  tireRadiusMm: number | null;
  /** The wheel that is swept. */
  candidate: WheelInside;
}

/** What of an axle's parts the report tells, in the order they stand in the job; the assumed lip last. */
export function obstacleReports(one: ObstacleCase, spreads?: () => ObstacleSpreads): ObstacleReport[] {
  const { job, axle, parts, sweeps, tireRadiusMm } = one;
  const moving = parts.resolved.geometry !== null;
  const assumedBackMm = sweeps.candidate ? assumedBackRadiusMm(one.candidate) : null;
  return parts.parts.map((part): ObstacleReport => {
    const { obstacle } = part;
    const found = sweeps.candidate?.parts.find(({ id }) => id === obstacle.id) ?? null;
    const before = sweeps.present?.parts.find(({ id }) => id === obstacle.id) ?? null;
    const limit = obstacleLimit({ obstacle, terms: job, axle, placed: part.placed, tireRadiusMm });
    const clearanceMm = found?.clearanceMm ?? null;
    // Asked only where it can change the verdict: drawing takes longer than the sweep.
    const sureVerdict = (verdict: Verdict): Verdict =>
      spreads && verdict === 'ok' && !limit.rub
        ? surely({ verdict, clearanceMm, sure: () => spreads()[obstacle.id] }, job)
        : verdict;
    return {
      id: obstacle.id,
      label: obstacle.label ?? obstacle.id,
      side: obstacle.side ?? null,
      mount: mountOf(obstacle),
      assumed: part.assumed,
      swept: found !== null && (moving || mountOf(obstacle) === 'knuckle'),
      clearanceMm,
      steerDeg: found?.pose.steerDeg ?? null,
      travelMm: found?.pose.travelMm ?? null,
      restMm: found?.restMm ?? null,
      beforeLockMm: found?.beforeLockMm ?? null,
      allPosesMm: found?.allPosesMm ?? null,
      lockAtRestMm: found?.lockAtRestMm ?? null,
      bumpMm: found?.bumpMm ?? null,
      droopMm: found?.droopMm ?? null,
      baselineClearanceMm: before?.clearanceMm ?? null,
      limitMm: limit.value,
      trimMm: clearanceMm === null ? null : Math.max(0, limit.value - clearanceMm),
      insideAssumed: assumedBackMm !== null && found !== null && found.at.radiusMm < assumedBackMm,
      verdict: sureVerdict(obstacleVerdict({ obstacle, found, limit, moving })),
    };
  });
}

/** Where the inside of a wheel begins, where nobody measured it; null where somebody did. */
function assumedBackRadiusMm(wheel: WheelInside): number | null {
  const inside = insideOf(wheel);
  return inside?.assumed ? Math.max(...inside.barrel.map(({ r }) => r)) : null;
}

/** At rest alone a part can be shown to touch, never to clear: nobody knows what the wheel does from there. */
function obstacleVerdict({
  obstacle,
  found,
  limit,
  moving,
}: {
  obstacle: Obstacle;
  found: SweptPart | null;
  limit: ObstacleLimit;
  moving: boolean;
}): Verdict {
  if (!found) return 'unknown';
  const verdict = limit.rub ? rubVerdict(found, limit.rub) : clearanceVerdict(found.clearanceMm, limit.value);
  return moving || verdict === 'fail' || mountOf(obstacle) === 'knuckle' ? verdict : 'unknown';
}

/**
 * Where a rub is accepted, a part that is not touched has all it needs; one that is touched must stay within what was
 * accepted.
 */
function rubVerdict({ clearanceMm, beforeLockMm }: SweptPart, rub: NonNullable<ObstacleLimit['rub']>): Verdict {
  if (clearanceMm >= 0) return 'ok';
  if (clearanceMm < 0 - rub.mostMm) return 'fail';
  return rub.lockOnly && (beforeLockMm === null || beforeLockMm < 0) ? 'fail' : 'caution';
}
