import { ruleInForce, type AxleName, type Job } from '#core/job';
import { ROAD_DROOP, SHORT_OF_LOCK_DEG } from '#core/sweep';
import type { Words } from '#core/units';
import { axleCheck, limitLine, type Judgement } from '../check';
import { obstacleLabel, obstacleLimit, poseWords, type AxlePart, type AxleParts, type ObstacleLimit } from '../parts';
import type { ObstacleReport, Sheet } from '../report';
import { contactLimit, type ObstacleSpreads } from '../spread';
import type { AxleSweeps } from '../sweeps';

/** What the parts around a wheel are judged by. */
interface PartCase {
  job: Job;
  axle: AxleName;
  parts: AxleParts;
  sheet: Pick<Sheet, 'obstacles' | 'words'>;
  sweeps: AxleSweeps;
  tireRadiusMm: number | null;
  /** How sure their clearances are; undefined where nobody asks. */
  spreads: (() => ObstacleSpreads) | undefined;
}

/** The clearance of each part around the wheel, over all steering and travel. */
export const obstacle = axleCheck({
  label: 'Part around the wheel',
  group: 'room',
  kind: 'clearance',
  unit: 'mm',
  work: 'room',
  swept: true,
  judge({ job, axle, parts: { parts, resolved }, sheet, sweeps, tireRadiusMm, spreads }: PartCase) {
    const { words } = sheet;
    return parts.map((part, index): Judgement => {
      const report = sheet.obstacles[index]!;
      const limit = obstacleLimit({ obstacle: part.obstacle, terms: job, axle, placed: part.placed, tireRadiusMm });
      const { clearanceMm } = report;
      return {
        part: report.id,
        label: obstacleLabel(report),
        value: clearanceMm,
        limit: limit.value,
        margin: clearanceMm === null ? null : clearanceMm - limit.value,
        verdict: report.verdict,
        lines() {
          if (part.fault !== null) return [`cannot be placed: ${part.fault}`];
          if (!sweeps.candidate)
            return [sweeps.candidate === undefined ? 'not swept yet' : 'not known: wheel, tire and offset are needed'];
          const restMm = resolved.geometry ? sweeps.candidate.restTravelMm : 0;
          const road = ruleInForce('poses', job) === 'road';
          return obstacleLines({
            part,
            report,
            limit,
            rest: { still: resolved.geometry === null, restMm, road },
            words,
          });
        },
        spread: spreads && { sure: () => spreads()[report.id], mostTouch: limit.rub ? 1 : contactLimit(job), words },
      };
    });
  },
});

interface Rest {
  /** Nobody knows how to move the wheel. */
  still: boolean;
  restMm: number;
  /** Full lock of a hanging wheel does not count. */
  road: boolean;
}

function obstacleLines({
  part,
  report,
  limit,
  rest: { still, restMm: rest, road },
  words,
}: {
  part: AxlePart;
  report: ObstacleReport;
  limit: ObstacleLimit;
  rest: Rest;
  words: Words;
}): string[] {
  const { clearanceMm, steerDeg, travelMm, baselineClearanceMm, trimMm, restMm } = report;
  const pose = poseWords({ steerDeg: steerDeg!, travelMm: travelMm! }, words, rest);
  const nearest = `nearest ${pose}: ${words.length(clearanceMm!)}`;
  const lines =
    report.mount === 'knuckle'
      ? [`it moves with the wheel: ${words.length(clearanceMm!)} in every position`]
      : still
        ? [
            `at rest ${words.length(clearanceMm!)}`,
            'how the wheel moves is not known: enter the kind of suspension to sweep it',
          ]
        : [nearest, `at rest ${words.length(restMm!)}`, ...poseLines(report, road, words)];
  if (report.insideAssumed) lines.push('the inside of this wheel is not measured: usual barrel and spokes (assumed)');
  if (baselineClearanceMm !== null)
    lines.push(`the present wheel over the same positions: ${words.length(baselineClearanceMm)}`);
  lines.push(limitLine(limit, words.length(limit.value)));
  if (limit.rub && clearanceMm! < 0)
    lines.push(
      limit.rub.lockOnly
        ? `rub of up to ${words.length(limit.rub.mostMm)} accepted at full lock only: ${SHORT_OF_LOCK_DEG}°` +
            ` short of it ${report.beforeLockMm === null ? 'not known' : words.length(report.beforeLockMm)}`
        : `rub of up to ${words.length(limit.rub.mostMm)} accepted on plastic`,
    );
  if (trimMm! > 0 && report.mount === 'body') lines.push(`${words.length(trimMm!)} must go there`);
  if (part.assumed)
    lines.push(
      'this lip is not measured: assumed as an arc through tuck and fender clearance, 60° to either side of the top',
    );
  return lines;
}

/** The ends of steer and travel, each for itself; and what the poses that do not count would bring. */
function poseLines(
  { lockAtRestMm, bumpMm, droopMm, allPosesMm, clearanceMm }: ObstacleReport,
  road: boolean,
  words: Words,
): string[] {
  const ends =
    lockAtRestMm === null || bumpMm === null || droopMm === null
      ? []
      : [
          `at ride height lock to lock ${words.length(lockAtRestMm)}; full bump, straight` +
            ` ${words.length(bumpMm)}; full droop, straight ${words.length(droopMm)}`,
        ];
  if (!road || allPosesMm === null) return ends;
  const rest = allPosesMm < clearanceMm! - 0.05 ? `; with it ${words.length(allPosesMm)}` : '';
  return [
    ...ends,
    `full lock below ${100 * ROAD_DROOP} % droop is left out, only a lifted wheel gets there (brief)${rest}`,
  ];
}
