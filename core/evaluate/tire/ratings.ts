import { ruleInForce, type Job } from '#core/job';
import { speedOfSymbolKmh, wheelsOnAxle } from '#core/load';
import type { Verdict } from '#core/verdict';
import { axleCheck, FITS } from '../check';
import type { Fitted } from '../fit';
import type { Sheet } from '../report';
import { capacityLines, type LoadCase } from './load';

/** Halves of a hundredth of a kg do not decide over a load. */
const SLACK_KG = 1e-6;

function tireVerdict({ capacity, needKg, present }: LoadCase): Verdict {
  if (!capacity) return 'unknown';
  const lower = present !== null && capacity.kg < present.kg - SLACK_KG;
  if (needKg === null) return lower ? 'fail' : 'unknown';
  if (capacity.kg < needKg - SLACK_KG) return 'fail';
  return lower ? 'caution' : 'ok';
}

interface LoadCheckCase {
  load: LoadCase;
  candidate: Fitted;
  sheet: Pick<Sheet, 'words'>;
}

/** Whether the tires carry the axle, and no less than those on the car now: load ratings never go down. */
export const tireLoad = axleCheck({
  label: 'Tire load',
  group: 'tire',
  kind: 'rating',
  unit: 'kg',
  judge({ load, candidate: { service }, sheet: { words } }: LoadCheckCase) {
    const kg = (value: number) => words.measure('mass', value);
    const { capacity, needKg, present, axleRatingKg, dual } = load;
    return {
      value: capacity?.kg ?? null,
      limit: needKg,
      margin: capacity && needKg !== null ? capacity.kg - needKg : null,
      verdict: tireVerdict(load),
      lines() {
        const lines = capacity ? capacityLines(capacity, service, words) : missingIndex(load, service.loadRange);
        if (needKg === null) lines.push('not known: the axle rating, from the plate');
        else if (capacity) lines.push(carriedLine(capacity.kg));
        if (capacity && present && capacity.kg < present.kg - SLACK_KG)
          lines.push(`less than the ${kg(present.kg)} of the tires on the car now: load ratings never go down`);
        if (service.extraLoad) lines.push('reinforced: it carries this only at its higher pressure');
        return lines;
      },
    };
    function carriedLine(each: number): string {
      const wheels = wheelsOnAxle(dual);
      return `${wheels} × ${kg(each)} = ${kg(wheels * each)} for an axle of ${kg(axleRatingKg!)}`;
    }
  },
});

const missingIndex = ({ dual }: LoadCase, loadRange: string | null): string[] => [
  dual ? 'not known: the dual load index, the second figure of 107/105' : 'not known: the load index of the tire',
  ...(loadRange ? [`load range ${loadRange} rates the casing, not the load: the load index counts`] : []),
];

/** Whether the wheels carry the axle. */
export const wheelRating = axleCheck({
  label: 'Wheel rating',
  group: 'tire',
  kind: 'rating',
  unit: 'kg',
  judge({ load, candidate, sheet: { words } }: LoadCheckCase) {
    const kg = (value: number) => words.measure('mass', value);
    const { needKg, axleRatingKg, dual } = load;
    const ratingKg = candidate.wheel.ratingKg ?? null;
    const known = needKg !== null && ratingKg !== null;
    const wheels = wheelsOnAxle(dual);
    return {
      value: ratingKg,
      limit: needKg,
      margin: known ? ratingKg - needKg : null,
      verdict: known ? (ratingKg < needKg - SLACK_KG ? 'fail' : 'ok') : 'unknown',
      lines: () => [
        ...(ratingKg === null ? ["not known: the wheel's rating, stamped behind a spoke or in its papers"] : []),
        ...(needKg === null ? ['not known: the axle rating, from the plate'] : []),
        ...(known
          ? [`${wheels} × ${kg(ratingKg)} = ${kg(wheels * ratingKg)} for an axle of ${kg(axleRatingKg!)}`]
          : []),
      ],
    };
  },
});

interface SpeedCase {
  job: Job;
  candidate: Fitted;
  present: Fitted;
  sheet: Pick<Sheet, 'words'>;
}

/**
 * The car's own top speed is what a tire must stand; where nobody gave it, what is on the car now says what it needs.
 */
export const speedRating = axleCheck({
  label: 'Speed rating',
  group: 'tire',
  kind: 'rating',
  unit: 'km/h',
  words: FITS,
  judge({ job, candidate, present, sheet: { words } }: SpeedCase) {
    const topSpeedKmh = job.vehicle.topSpeedKmh ?? null;
    const [symbol, now] = [candidate.service.speed, present.service.speed];
    const winter = ruleInForce('winter', job) !== 'none' && candidate.tire.snow === true;
    const value = speedOfSymbolKmh(symbol);
    const need = topSpeedKmh ?? speedOfSymbolKmh(now);
    const known = value !== null && need !== null;
    const text = (kmh: number) => words.measure('speed', kmh);
    return {
      value,
      limit: need,
      margin: known ? value - need : null,
      verdict: known ? (value >= need ? 'ok' : winter ? 'caution' : 'fail') : 'unknown',
      lines: () => [
        value === null ? 'not known: the speed rating of the tire' : `${symbol} is ${text(value)}`,
        topSpeedKmh !== null
          ? `the car runs ${text(topSpeedKmh)}`
          : need === null
            ? "not known: the car's top speed, or the speed rating of its present tires"
            : `the tires on the car now are ${now}, ${text(need)}; the car's own top speed would decide`,
        ...(known && value < need && winter
          ? [`winter tires: lower rating, ${text(value)} at most; notice in the driver's view where the code asks it`]
          : []),
      ],
    };
  },
});
