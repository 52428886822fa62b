import type { Transaction } from 'sequelize';
import type { Origin } from '#core/instrument';
import type { Job, ReadingRecord } from '#core/job';
import { isCurrent, type RulesMoved, type Standing } from '#core/standing';
import { soon } from './base/soon';
import { rowsOf } from './database/connection';
import { isoDate } from './database/dates';
import type { JobRow, ReadingRow } from './database/models';
import { jobNumber } from './numbers';
import { judged } from './standings';

/** How long a job that is opened waits for what other rules make of it. */
const OPENING_MS = 1000;

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
  const rows = await rowsOfJob(id);
  const [job] = rows;
  const standing = job && parsed<Standing>(job.standing);
  if (!standing || isCurrent(standing)) return openOf(rows);
  // Its verdicts were kept under other rules: judged now, it can say what became of them.
  await soon(judged({ id, revision: job.revision, standing }), OPENING_MS);
  return openOf(await rowsOfJob(id));
}

/** A job as a write that is under way finds it. */
export const describeJob = async (id: string, transaction: Transaction): Promise<OpenJob | null> =>
  openOf(await rowsOfJob(id, transaction));

/** What is taken back next, and what is made again. */
const STEPS = `
  (SELECT label FROM changes WHERE job_id = jobs.id AND state = 'done' ORDER BY revision DESC LIMIT 1) AS undo,
  (SELECT label FROM changes WHERE job_id = jobs.id AND state = 'undone' ORDER BY revision ASC LIMIT 1) AS redo`;

/** A row of what a job is opened with: one of its readings, or none, and beside each the job. */
interface OpenedRow extends Pick<OpenJob, 'id' | 'revision' | 'undo' | 'redo'> {
  number: number;
  updatedAt: string;
  archivedAt: string | null;
  /** What is long stands in the first row alone. */
  document: string | null;
  standing: string | null;
  rulesMoved: string | null;
  reading: number | null;
  corner: string;
  key: string;
  value: number | null;
  uncertaintyMm: number | null;
  instrument: ReadingRecord['instrument'];
  shopInstrument: string | null;
  fromJob: string | null;
  takenAt: string;
  withdrawn: 0 | 1;
}

const inFirst = (column: string): string => `CASE WHEN readings.id IS "first" THEN ${column} END AS "${column}"`;

/** A job and its readings, the earliest first, in one statement: all of one state. */
const rowsOfJob = (id: string, transaction?: Transaction): Promise<OpenedRow[]> =>
  rowsOf<OpenedRow>(
    `WITH job AS MATERIALIZED (
       SELECT id, number, revision, updated_at AS "updatedAt", archived_at AS "archivedAt", standing,
         rules_moved AS "rulesMoved", document, ${STEPS},
         (SELECT min(readings.id) FROM readings WHERE job_id = jobs.id) AS "first"
       FROM jobs WHERE id = $1
     )
     SELECT job.id, number, job.revision, "updatedAt", "archivedAt", undo, redo,
       ${['document', 'standing', 'rulesMoved'].map(inFirst).join(', ')},
       readings.id AS reading, corner, key, value, uncertainty_mm AS "uncertaintyMm", instrument,
       shop_instrument AS "shopInstrument", from_job AS "fromJob", taken_at AS "takenAt", withdrawn
     FROM job LEFT JOIN readings ON readings.job_id = job.id ORDER BY readings.id`,
    [id],
    transaction,
  );

function openOf(rows: readonly OpenedRow[]): OpenJob | null {
  const [first] = rows;
  if (!first) return null;
  const { id, revision, number, undo, redo } = first;
  return {
    id,
    number: jobNumber(number),
    job: JSON.parse(first.document!) as Job,
    archived: first.archivedAt !== null,
    readings: rows.flatMap(({ reading, ...row }) => (reading === null ? [] : historyEntryOf(reading, row))),
    revision,
    updatedAt: isoDate(first.updatedAt),
    undo,
    redo,
    rulesMoved: parsed<RulesMoved>(first.rulesMoved),
  };
}

const parsed = <T>(text: string | null): T | null => (text === null ? null : (JSON.parse(text) as T));

const historyEntryOf = (id: number, row: Omit<OpenedRow, 'id' | 'reading'>): HistoryEntry =>
  historyEntry({
    ...row,
    id,
    shopInstrument: parsed(row.shopInstrument),
    takenAt: new Date(row.takenAt),
    withdrawn: row.withdrawn === 1,
  });

/** Where a job's history stands. */
export async function markOf({ id, revision, updatedAt }: JobRow, transaction: Transaction): Promise<Mark> {
  const sql = `SELECT ${STEPS} FROM jobs WHERE id = $1`;
  const [steps] = await rowsOf<Pick<Mark, 'undo' | 'redo'>>(sql, [id], transaction);
  return { revision, updatedAt: updatedAt.toISOString(), ...steps! };
}

/** A row of a reading, as its model has it. */
type ReadingKept = Pick<ReadingRow, 'id' | 'corner' | keyof ReadingRecord>;

export const historyEntry = (row: ReadingKept): HistoryEntry => ({
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
const originOf = ({ shopInstrument, fromJob }: ReadingKept): Origin => ({
  ...(shopInstrument ? { shopInstrument } : {}),
  ...(fromJob ? { fromJob } : {}),
});
