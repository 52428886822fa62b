import { groupsOf, kindOf, kindSpread, PLACE_KEYS, takenOver, type KindSpread, type TakeOverGroup } from '#core/alike';
import { AXLES, type Job, type Vehicle } from '#core/job';
import { READING_KEYS } from '#formats/fields';
import { bound, database, rowsOf } from './database/connection';
import { isoDate } from './database/dates';
import { JobRow, ReadingRow } from './database/models';
import { historyEntryOf } from './readings';
import { withWords } from './jobSearch';
import { jobNumber } from './numbers';

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

/** A job with its car, as a list of cars needs it. */
interface MeasuredJob {
  id: string;
  number: number;
  title: string;
  car: string;
  updatedAt: string;
  document: Job;
}

/** Jobs whose car's label has all the words of a text in it, the latest first. */
async function jobsLike(text: string): Promise<MeasuredJob[]> {
  const { values, bind } = bound();
  const having = withWords(kindOf(text), 'car', bind);
  if (!having) return [];
  const rows = await rowsOf<Omit<MeasuredJob, 'document'> & { document: string }>(
    `SELECT id, number, title, car, updated_at AS "updatedAt", document FROM jobs
     WHERE ${having} AND json_valid(document) ORDER BY updated_at DESC LIMIT ${MOST_LOOKED_AT}`,
    values,
  );
  return rows.map(({ document, ...row }) => ({ ...row, document: JSON.parse(document) as Job }));
}

/** Cars that were measured before under a label like this one; those of the same kind first, then the latest. */
export async function carsLike(text: string): Promise<MeasuredCar[]> {
  const kind = kindOf(text);
  const rows = (await jobsLike(text)).filter(({ document }) => groupsOf(document.vehicle).length > 0);
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
    groups: groupsOf(row.document.vehicle),
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
  jobs: readonly Pick<MeasuredJob, 'id' | 'document'>[],
  keys: readonly string[],
): Promise<Vehicle[]> {
  const where = { jobId: jobs.map(({ id }) => id), key: [...keys] };
  const rows = await ReadingRow.findAll({ where, order: [['id', 'ASC']] });
  return jobs.map(({ id, document }) => {
    const vehicle = { ...document.vehicle };
    for (const axle of AXLES) {
      const own = rows.filter(({ jobId, corner }) => jobId === id && corner === axle).map(historyEntryOf);
      if (own.length > 0) vehicle[axle] = { ...vehicle[axle], readings: own };
    }
    return vehicle;
  });
}

/** What is taken over of a car into a new job; null where its job is gone. */
export async function carOf(jobId: string, chosen: readonly TakeOverGroup[]): Promise<Job['vehicle'] | null> {
  await database();
  const row = await JobRow.findByPk(jobId);
  if (!row) return null;
  const { plusMinusMm } = await spreadOf(row.car);
  const source = {
    vehicle: (await measured([row], READING_KEYS))[0]!,
    number: jobNumber(row.number),
    at: row.updatedAt.toISOString(),
    plusMinusMm,
    readingKeys: READING_KEYS,
  };
  return takenOver(source, chosen);
}
