import { ruleInForce, type AxleName, type Job } from '#core/job';
import { speedOfSymbolKmh, wheelsOnAxle } from '#core/load';
import type { Words } from '#core/units';
import type { Check, Verdict } from '#core/verdict';
import type { Fitted } from './fitted';
import { Judged } from './judged';
import { capacityLines, type LoadCase } from './loadFigures';

/** Whether tires and wheels carry the axle, and run as fast as the car: load ratings never go down. */
export const loadChecks = (
  job: Job,
  axle: AxleName,
  load: LoadCase,
  candidate: Fitted,
  present: Fitted,
  words: Words,
): Check[] => [
  tireLoad(axle, load, candidate, words),
  wheelLoad(axle, load, candidate.wheel.ratingKg ?? null, words),
  speed(job, axle, candidate, present, words),
];

/** Halves of a hundredth of a kg do not decide over a load. */
const SLACK_KG = 1e-6;

function tireVerdict({ capacity, needKg, present }: LoadCase): Verdict {
  if (!capacity) return 'unknown';
  const lower = present !== null && capacity.kg < present.kg - SLACK_KG;
  if (needKg === null) return lower ? 'fail' : 'unknown';
  if (capacity.kg < needKg - SLACK_KG) return 'fail';
  return lower ? 'caution' : 'ok';
}

function tireLoad(axle: AxleName, load: LoadCase, { service }: Fitted, words: Words): Check {
  const kg = (value: number) => words.measure('mass', value);
  const { capacity, needKg, present, axleRatingKg, dual } = load;
  return new Judged(
    {
      code: 'load',
      label: 'Tire load',
      axle,
      value: capacity?.kg ?? null,
      limit: needKg,
      margin: capacity && needKg !== null ? capacity.kg - needKg : null,
      unit: 'kg',
      verdict: tireVerdict(load),
    },
    () => {
      const lines = capacity ? capacityLines(capacity, service, words) : missingIndex(load, service.loadRange);
      if (needKg === null) lines.push('not known: the axle rating, from the plate');
      else if (capacity)
        lines.push(`${wheelsOnAxle(dual)} × ${kg(capacity.kg)} = ${kg(wheelsOnAxle(dual) * capacity.kg)} for an axle of ${kg(axleRatingKg!)}`); // prettier-ignore
      if (capacity && present && capacity.kg < present.kg - SLACK_KG)
        lines.push(`less than the ${kg(present.kg)} of the tires on the car now: load ratings never go down`);
      if (service.extraLoad) lines.push('reinforced: it carries this only at its higher pressure');
      return lines;
    },
  );
}

const missingIndex = ({ dual }: LoadCase, loadRange: string | null): string[] => [
  dual ? 'not known: the dual load index, the second figure of 107/105' : 'not known: the load index of the tire',
  ...(loadRange ? [`load range ${loadRange} is a strength of the casing, not a load: the index says it`] : []),
];

function wheelLoad(
  axle: AxleName,
  { needKg, axleRatingKg, dual }: LoadCase,
  ratingKg: number | null,
  words: Words,
): Check {
  const kg = (value: number) => words.measure('mass', value);
  const known = needKg !== null && ratingKg !== null;
  return new Judged(
    {
      code: 'wheel-rating',
      label: 'Wheel rating',
      axle,
      value: ratingKg,
      limit: needKg,
      margin: known ? ratingKg - needKg : null,
      unit: 'kg',
      verdict: known ? (ratingKg < needKg - SLACK_KG ? 'fail' : 'ok') : 'unknown',
    },
    () => [
      ...(ratingKg === null ? ["not known: the wheel's rating, stamped behind a spoke or in its paper"] : []),
      ...(needKg === null ? ['not known: the axle rating, from the plate'] : []),
      ...(known
        ? [`${wheelsOnAxle(dual)} × ${kg(ratingKg)} = ${kg(wheelsOnAxle(dual) * ratingKg)} for an axle of ${kg(axleRatingKg!)}`] // prettier-ignore
        : []),
    ],
  );
}

/** The car's own top speed is what a tire must stand; where nobody gave it, what is on the car now says what it needs. */
function speed(job: Job, axle: AxleName, candidate: Fitted, present: Fitted, words: Words): Check {
  const topSpeedKmh = job.vehicle.topSpeedKmh ?? null;
  const [symbol, now] = [candidate.service.speed, present.service.speed];
  const winter = ruleInForce('winter', job) !== 'none' && candidate.tire.snow === true;
  const value = speedOfSymbolKmh(symbol);
  const need = topSpeedKmh ?? speedOfSymbolKmh(now);
  const known = value !== null && need !== null;
  const text = (kmh: number) => words.measure('speed', kmh);
  return new Judged(
    {
      code: 'speed-rating',
      label: 'Speed rating',
      axle,
      value,
      limit: need,
      margin: known ? value - need : null,
      unit: 'km/h',
      verdict: known ? (value >= need ? 'ok' : winter ? 'caution' : 'fail') : 'unknown',
    },
    () => [
      value === null ? 'not known: the speed rating of the tire' : `${symbol} is ${text(value)}`,
      topSpeedKmh !== null
        ? `the car runs ${text(topSpeedKmh)}`
        : need === null
          ? "not known: the car's top speed, or the symbol of its present tires"
          : `the tires on the car now are ${now}, ${text(need)}; the car's own top speed would decide`,
      ...(known && value < need && winter
        ? [`winter tires: lower rating, ${text(value)} at most; notice in the driver's view where the code asks it`]
        : []),
    ],
  );
}
