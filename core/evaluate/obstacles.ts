import { ruleInForce, type AxleName, type Job } from '#core/job';
import type { Pose } from '#core/kinematics';
import { mountOf, ROAD_DROOP, SHORT_OF_LOCK_DEG, type SweptPart, type Obstacle } from '#core/sweep';
import { formatNumber, type Words } from '#core/units';
import { clearanceVerdict, type Check, type Verdict } from '#core/verdict';
import { Judged } from './judged';
import { limitLine } from './limitLine';
import { obstacleLimit, type ObstacleLimit } from './obstacleLimit';
import type { AxlePart, AxleParts } from './parts';
import type { ObstacleReport } from './report';
import { contactLimit, surely } from './sure/contact';
import type { ObstacleSpreads } from './sure/spreads';
import type { AxleSweeps } from './sweeps';

/** What the parts of an axle are judged by. */
export interface ObstacleCase {
  job: Job;
  axle: AxleName;
  parts: AxleParts;
  tireRadiusMm: number | null;
  /** Where the inside of the candidate's wheel begins, where nobody measured it; null where somebody did. */
  insideAssumed?: { backRadiusMm: number } | null | undefined;
}

/** What of an axle's parts the report tells, in the order they stand in the job; the assumed lip last. */
export const obstacleReports = (
  { job, axle, parts: { parts, resolved }, tireRadiusMm, insideAssumed = null }: ObstacleCase,
  { present, candidate }: AxleSweeps,
  spreads?: () => ObstacleSpreads,
): ObstacleReport[] =>
  parts.map((part) => {
    const { obstacle } = part;
    const found = candidate?.parts.find(({ id }) => id === obstacle.id) ?? null;
    const before = present?.parts.find(({ id }) => id === obstacle.id) ?? null;
    const limit = obstacleLimit(obstacle, job, axle, part.placed, tireRadiusMm);
    const moving = resolved.geometry !== null;
    const clearanceMm = found?.clearanceMm ?? null;
    // Asked only where it can change the verdict: drawing takes longer than the sweep.
    const sureVerdict = (verdict: Verdict): Verdict =>
      spreads && verdict === 'ok' && !limit.rub ? surely(verdict, clearanceMm, spreads()[obstacle.id], job) : verdict;
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
      insideAssumed: insideAssumed !== null && found !== null && found.at.radiusMm < insideAssumed.backRadiusMm,
      verdict: sureVerdict(obstacleVerdict(obstacle, found, limit, moving)),
    };
  });

/** At rest alone a part can be shown to touch, never to clear: nobody knows what the wheel does from there. */
function obstacleVerdict(obstacle: Obstacle, found: SweptPart | null, limit: ObstacleLimit, moving: boolean): Verdict {
  if (!found) return 'unknown';
  const verdict = limit.rub ? rubVerdict(found, limit.rub) : clearanceVerdict(found.clearanceMm, limit.value);
  return moving || verdict === 'fail' || mountOf(obstacle) === 'knuckle' ? verdict : 'unknown';
}

/** Where a rub is accepted, a part that is not touched has all it needs; one that is touched must stay within what was accepted. */
function rubVerdict({ clearanceMm, beforeLockMm }: SweptPart, rub: NonNullable<ObstacleLimit['rub']>): Verdict {
  if (clearanceMm >= 0) return 'ok';
  if (clearanceMm < 0 - rub.mostMm) return 'fail';
  return rub.lockOnly && (beforeLockMm === null || beforeLockMm < 0) ? 'fail' : 'caution';
}

/** The checks of an axle's parts. */
export const obstacleChecks = (
  { job, axle, parts: { parts, resolved }, tireRadiusMm }: ObstacleCase,
  reports: readonly ObstacleReport[],
  sweeps: AxleSweeps,
  words: Words,
  spreads?: () => ObstacleSpreads,
): Check[] =>
  parts.map((part, index) => {
    const report = reports[index]!;
    const limit = obstacleLimit(part.obstacle, job, axle, part.placed, tireRadiusMm);
    const { clearanceMm } = report;
    return new Judged(
      {
        code: `obstacle:${report.id}`,
        label: obstacleLabel(report),
        axle,
        value: clearanceMm,
        limit: limit.value,
        margin: clearanceMm === null ? null : clearanceMm - limit.value,
        unit: 'mm',
        verdict: report.verdict,
      },
      () => {
        if (part.fault !== null) return [`cannot be placed: ${part.fault}`];
        if (!sweeps.candidate)
          return [sweeps.candidate === undefined ? 'not swept yet' : 'not known: wheel, tire and offset are needed'];
        const restMm = resolved.geometry ? sweeps.candidate.restTravelMm : 0;
        const road = ruleInForce('poses', job) === 'road';
        return obstacleLines(part, report, limit, { still: resolved.geometry === null, restMm, road }, words);
      },
      spreads && { sure: () => spreads()[report.id], mostTouch: limit.rub ? 1 : contactLimit(job), words },
    );
  });

/** A part's name with its side, and whether it was made up from the readings at rest. */
export const obstacleLabel = ({ label, side, assumed }: Pick<ObstacleReport, 'label' | 'side' | 'assumed'>): string =>
  `${label}${side ? `, ${side}` : ''}${assumed ? ' (assumed)' : ''}`;

/**
 * A pose in words: straight ahead or so many degrees of lock, at rest or so far up or down.
 * @param restMm where the wheel rests: not where it did before a suspension change
 */
export function poseWords({ steerDeg, travelMm }: Pose, words: Words, restMm = 0): string {
  const moved = travelMm - restMm;
  const degrees = formatNumber(Math.abs(steerDeg), Number.isInteger(steerDeg) ? 0 : 1);
  const steer = Math.abs(steerDeg) < 0.05 ? 'straight ahead' : `steered ${degrees}° leading edge ${steerDeg > 0 ? 'out' : 'in'}`;
  const travel = Math.abs(moved) < 0.05 ? 'at rest' : `${words.length(Math.abs(moved))} ${moved > 0 ? 'up (bump)' : 'down (droop)'}`;
  return `${steer}, ${travel}`;
} // prettier-ignore

interface Rest {
  /** Nobody knows how to move the wheel. */
  still: boolean;
  restMm: number;
  /** Full lock of a hanging wheel does not count. */
  road: boolean;
}

function obstacleLines(part: AxlePart, report: ObstacleReport, limit: ObstacleLimit, { still, restMm: rest, road }: Rest, words: Words): string[] {
  const { clearanceMm, steerDeg, travelMm, baselineClearanceMm, trimMm, restMm } = report;
  const nearest = `nearest ${poseWords({ steerDeg: steerDeg!, travelMm: travelMm! }, words, rest)}: ${words.length(clearanceMm!)}`;
  const lines =
    report.mount === 'knuckle'
      ? [`it turns and travels with the wheel: ${words.length(clearanceMm!)} in every pose`]
      : still
        ? [`at rest ${words.length(clearanceMm!)}`, 'how the wheel moves is not known: the kind of suspension is needed to sweep it']
        : [nearest, `at rest ${words.length(restMm!)}`, ...poseLines(report, road, words)];
  if (report.insideAssumed)
    lines.push('the inside of this wheel was not measured: barrel and spokes are as usual (assumed)');
  if (baselineClearanceMm !== null)
    lines.push(`the present wheel over the same poses: ${words.length(baselineClearanceMm)}`);
  lines.push(limitLine(limit, words.length(limit.value)));
  if (limit.rub && clearanceMm! < 0)
    lines.push(
      limit.rub.lockOnly
        ? `a rub of up to ${words.length(limit.rub.mostMm)} is accepted at full lock only: ${SHORT_OF_LOCK_DEG}° short of it ${report.beforeLockMm === null ? 'not known' : words.length(report.beforeLockMm)}`
        : `a rub of up to ${words.length(limit.rub.mostMm)} is accepted of plastic`,
    );
  if (trimMm! > 0 && report.mount === 'body') lines.push(`${words.length(trimMm!)} would have to give there`);
  if (part.assumed)
    lines.push('nobody measured this lip: an arc from gap to fender and arch gap is taken, 60° to either side of the top');
  return lines;
} // prettier-ignore

/** The ends of steer and travel, each for itself; and what the poses that do not count would bring. */
function poseLines({ lockAtRestMm, bumpMm, droopMm, allPosesMm, clearanceMm }: ObstacleReport, road: boolean, words: Words): string[] {
  const ends =
    lockAtRestMm === null || bumpMm === null || droopMm === null
      ? []
      : [`at ride height lock to lock ${words.length(lockAtRestMm)}; full bump, straight ${words.length(bumpMm)}; full droop, straight ${words.length(droopMm)}`];
  if (!road || allPosesMm === null) return ends;
  const rest = allPosesMm < clearanceMm! - 0.05 ? `; with it ${words.length(allPosesMm)}` : '';
  return [...ends, `full lock beyond ${100 * ROAD_DROOP} % of droop is left out, only a lifted wheel gets there (brief)${rest}`];
} // prettier-ignore
