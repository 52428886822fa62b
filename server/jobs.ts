import { nanoid } from 'nanoid';
import type { Transaction } from 'sequelize';
import { jobRetorqueFrom } from '#core/fitting';
import type { Origin } from '#core/instrument';
import { AXLES, customerText, type ShopDefaults, type Job, type ReadingRecord } from '#core/job';
import { isCurrent, waitsFor, type RulesMoved } from '#core/standing';
import { soon } from './base/soon';
import { database, read, write } from './database/connection';
import { readShopDefaults } from './shopDefaults';
import { ChangeRow, JobRow, ReadingRow } from './database/models';
import { jobNumber } from './numbers';
import { judged } from './standings';

/** How long a job that is opened waits for what other rules make of it. */
const OPENING_MS = 1000;

/** Somebody has seen what other rules made of a job's verdicts. */
export async function rulesSeen(id: string): Promise<void> {
  await write((transaction) => JobRow.update({ rulesMoved: null }, { where: { id }, silent: true, transaction }));
}

/** A job as its stations need it. */
export interface OpenJob {
  id: string;
  number: string;
  revision: number;
  job: Job;
  updatedAt: string;
  archived: boolean;
  readings: HistoryEntry[];
  undo: string | null;
  redo: string | null;
  /** What other rules made of its verdicts, until somebody has seen it. */
  rulesMoved: RulesMoved | null;
}

/** A reading of the history; its id is the database's. */
export interface HistoryEntry extends ReadingRecord {
  id: number;
  corner: string;
}

/** What stands beside a job and changes with every save. */
export type Mark = Pick<OpenJob, 'revision' | 'updatedAt' | 'undo' | 'redo'>;

/** The job with what a station shows of its history; null when there is none of that id. */
export async function openJob(id: string): Promise<OpenJob | null> {
  await judgedAnew(id);
  return read(async (transaction) => {
    const row = await JobRow.findByPk(id, { transaction });
    return row && describeJob(row, transaction);
  });
}

/** Judges a job whose verdicts were kept under other rules, so that it can say what became of them. */
async function judgedAnew(id: string): Promise<void> {
  await database();
  const row = await JobRow.findByPk(id, { attributes: ['id', 'revision', 'standing'] });
  if (row?.standing && !isCurrent(row.standing)) await soon(judged(row), OPENING_MS);
}

/** Reads everything that belongs to a job's row within one transaction. */
export async function describeJob(row: JobRow, transaction: Transaction): Promise<OpenJob> {
  const where = { jobId: row.id };
  const readings = await ReadingRow.findAll({ where, order: [['id', 'ASC']], transaction });
  return {
    id: row.id,
    number: jobNumber(row.number),
    job: row.document,
    archived: row.archivedAt !== null,
    readings: readings.map(historyEntry),
    ...(await markOf(row, transaction)),
    rulesMoved: row.rulesMoved ?? null,
  };
}

/** Where a job's history stands: what is taken back next, and what is made again. */
export async function markOf({ id, revision, updatedAt }: JobRow, transaction: Transaction): Promise<Mark> {
  const label = async (state: 'done' | 'undone', direction: 'DESC' | 'ASC') => {
    const where = { jobId: id, state };
    const order: [string, string][] = [['revision', direction]];
    return (await ChangeRow.findOne({ attributes: ['label'], where, order, transaction }))?.label ?? null;
  };
  return {
    revision,
    updatedAt: updatedAt.toISOString(),
    undo: await label('done', 'DESC'),
    redo: await label('undone', 'ASC'),
  };
}

export const historyEntry = (row: ReadingRow): HistoryEntry => ({
  id: row.id,
  corner: row.corner,
  key: row.key,
  value: row.value,
  uncertaintyMm: row.uncertaintyMm,
  instrument: row.instrument,
  takenAt: row.takenAt.toISOString(),
  ...originOf(row),
  ...(row.withdrawn ? { withdrawn: true } : {}),
});

/** Where a reading comes from, as far as that is known. */
const originOf = ({ shopInstrument, fromJob }: ReadingRow): Origin => ({
  ...(shopInstrument ? { shopInstrument } : {}),
  ...(fromJob ? { fromJob } : {}),
});

/** What a row keeps beside the document so that lists need not read it. */
export function columnsOf(job: Job) {
  const retorque = jobRetorqueFrom(job);
  const last = job.fittings?.at(-1);
  return {
    title: job.title ?? '',
    car: job.vehicle.label ?? '',
    customer: customerText(job),
    document: job,
    waitsFor: waitsFor(job),
    setupCount: job.setups.length,
    standing: null,
    retorqueFrom: retorque && new Date(retorque.at),
    retorqueOdometerKm: retorque?.odometerKm ?? null,
    isFitted: job.fittings?.some(({ finishedAt }) => finishedAt != null) ?? false,
    comparedFittings: null,
    fittingAt: last && last.finishedAt == null ? new Date(last.startedAt) : null,
  };
}

/** Takes a job in, with the history of readings that its file carries. */
export async function createJob(job: Job): Promise<string> {
  return write(async (transaction) => {
    const last = (await JobRow.max<number | null, JobRow>('number', { transaction })) ?? 0;
    const row = await JobRow.create(
      { id: nanoid(10), number: last + 1, revision: 1, ...columnsOf(withoutReadings(withoutShopDefaults(job))) },
      { transaction },
    );
    await ReadingRow.bulkCreate(
      AXLES.flatMap((corner) =>
        (job.vehicle[corner]?.readings ?? []).map((reading) => ({
          ...reading,
          withdrawn: reading.withdrawn ?? false,
          takenAt: new Date(reading.takenAt),
          jobId: row.id,
          corner,
          revision: 1,
        })),
      ),
      { transaction },
    );
    return row.id;
  });
}

/**
 * The whole job as a file carries it: its document and the history of its readings; null when there is none of that id.
 */
export async function exportJob(id: string): Promise<{ number: string; job: Job } | null> {
  const open = await openJob(id);
  if (!open) return null;
  const job: Job = { ...structuredClone(open.job), ...shopDefaultsOf(await readShopDefaults()) };
  for (const corner of AXLES) {
    const readings = open.readings
      .filter((entry) => entry.corner === corner)
      .map(({ id: _id, corner: _corner, ...reading }) => reading);
    if (readings.length > 0) job.vehicle[corner] = { ...job.vehicle[corner], readings };
  }
  return { number: open.number, job };
}

/** The shop's own terms as a file carries them; left out where it has none. */
const shopDefaultsOf = (house: ShopDefaults): Pick<Job, 'house'> => (Object.keys(house).length > 0 ? { house } : {});

/** A job that comes from another shop is judged by this one's limits. */
function withoutShopDefaults({ house: _, ...job }: Job): Job {
  return job;
}

function withoutReadings(job: Job): Job {
  const vehicle = { ...job.vehicle };
  for (const corner of AXLES) {
    if (!vehicle[corner]?.readings) continue;
    const { readings: _, ...axle } = vehicle[corner];
    vehicle[corner] = axle;
  }
  return { ...job, vehicle };
}

/** A copy of a job, readings and all, under the next number. */
export async function duplicateJob(id: string): Promise<string | null> {
  const original = await exportJob(id);
  if (!original) return null;
  const title = `${original.job.title || 'Untitled'} copy`.slice(0, 120);
  return createJob({ ...original.job, title });
}

/** Puts a job away or brings it back; its data stay as they are. */
export async function archiveJob(id: string, archived: boolean): Promise<boolean> {
  const stamp = { archivedAt: archived ? new Date() : null };
  const [changed] = await write((transaction) => JobRow.update(stamp, { where: { id }, silent: true, transaction }));
  return changed > 0;
}

/** Whether there is any job at all. */
export async function hasJobs(): Promise<boolean> {
  await database();
  return (await JobRow.count()) > 0;
}
