import { groupsOf, kindOf, kindSpread, PLACE_KEYS, takenOver, type KindSpread, type TakeOverGroup } from '#core/alike';
import { AXLES, type Job, type Vehicle } from '#core/job';
import { READING_KEYS } from '#formats/fields';
import { entryOf, type ReadingTold } from '#formats/openJob';
import { bound, rowsOf } from './database/connection';
import { isoDate } from './database/dates';
import { withWords } from './jobSearch';
import { jobNumber } from './numbers';
import { readingsOf } from './readings';

/** A car that was measured in an earlier job. */
export interface MeasuredCar {
  /** Of its job. */
  id: string;
  number: string;
  title: string;
  car: string;
  at: string;
  /** What of it can be taken over. */
  groups: TakeOverGroup[];
  /** How far another car of its kind may differ. */
  spread: KindSpread;
}

/** No more cars than this are offered. */
const MOST_CARS = 6;
/** So many of the latest jobs that a label fits are looked at, and so many cars are held against each other. */
const MOST_LOOKED_AT = 50;

/** A job with its car; the rest of its document stays with the database. */
interface MeasuredJob {
  id: string;
  number: number;
  title: string;
  car: string;
  updatedAt: string;
  vehicle: Vehicle;
}

const MEASURED = `
  SELECT id, number, title, car, updated_at AS "updatedAt", json_extract(document, '$.vehicle') AS vehicle
  FROM jobs WHERE json_valid(document)`;

const measuredJobs = async (where: string, values: readonly unknown[]): Promise<MeasuredJob[]> =>
  (await rowsOf<Omit<MeasuredJob, 'vehicle'> & { vehicle: string }>(`${MEASURED} AND ${where}`, values)).map(
    ({ vehicle, ...row }) => ({ ...row, vehicle: JSON.parse(vehicle) as Vehicle }),
  );

/** Jobs whose car's label has all the words of a text in it, the latest first. */
async function jobsLike(text: string): Promise<MeasuredJob[]> {
  const { values, bind } = bound();
  const having = withWords(kindOf(text), 'car', bind);
  if (!having) return [];
  // Of those alone are documents read.
  const latest = `SELECT id FROM jobs WHERE ${having} ORDER BY updated_at DESC LIMIT ${MOST_LOOKED_AT}`;
  return measuredJobs(`id IN (${latest}) ORDER BY updated_at DESC`, values);
}

/** Cars that were measured before under a label like this one; those of the same kind first, then the latest. */
export async function carsLike(text: string): Promise<MeasuredCar[]> {
  const kind = kindOf(text);
  const rows = (await jobsLike(text)).filter(({ vehicle }) => groupsOf(vehicle).length > 0);
  const isOfKind = (row: MeasuredJob) => kindOf(row.car) === kind;
  const offered = rows.toSorted((one, other) => Number(isOfKind(other)) - Number(isOfKind(one))).slice(0, MOST_CARS);
  const spreads = new Map<string, KindSpread>();
  for (const { car } of offered) if (!spreads.has(kindOf(car))) spreads.set(kindOf(car), await spreadOf(car));
  return offered.map((row) => ({
    id: row.id,
    number: jobNumber(row.number),
    title: row.title,
    car: row.car,
    at: isoDate(row.updatedAt),
    groups: groupsOf(row.vehicle),
    spread: spreads.get(kindOf(row.car))!,
  }));
}

/** How far the cars that the shop has measured under one label differ. */
async function spreadOf(label: string): Promise<KindSpread> {
  const rows = (await jobsLike(label)).filter(({ car }) => kindOf(car) === kindOf(label));
  return kindSpread(await measured(rows, PLACE_KEYS));
}

/** Cars with the history of their readings, or of those that are asked for. */
async function measured(
  jobs: readonly Pick<MeasuredJob, 'id' | 'vehicle'>[],
  keys: readonly string[],
): Promise<Vehicle[]> {
  const rows = await rowsOf<{ id: string; readings: string }>(
    `SELECT id, ${readingsOf('$2')} AS readings FROM jobs WHERE id IN (SELECT value FROM json_each($1))`,
    [JSON.stringify(jobs.map(({ id }) => id)), JSON.stringify(keys)],
  );
  const told = new Map(rows.map(({ id, readings }) => [id, readings]));
  return jobs.map(({ id, vehicle: car }) => {
    const history = (JSON.parse(told.get(id) ?? '[]') as ReadingTold[]).map(entryOf);
    const vehicle = { ...car };
    for (const axle of AXLES) {
      const own = history.filter(({ corner }) => corner === axle);
      if (own.length > 0) vehicle[axle] = { ...vehicle[axle], readings: own };
    }
    return vehicle;
  });
}

/** What is taken over of a car into a new job; null where its job is gone. */
export async function carOf(jobId: string, chosen: readonly TakeOverGroup[]): Promise<Job['vehicle'] | null> {
  const [row] = await measuredJobs('id = $1', [jobId]);
  if (!row) return null;
  const { plusMinusMm } = await spreadOf(row.car);
  const source = {
    vehicle: (await measured([row], READING_KEYS))[0]!,
    number: jobNumber(row.number),
    at: isoDate(row.updatedAt),
    plusMinusMm,
    readingKeys: READING_KEYS,
  };
  return takenOver(source, chosen);
}
