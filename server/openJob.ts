import type { Transaction } from 'sequelize';
import type { InstrumentMark, Origin } from '#core/instrument';
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
  const row = await rowOfJob(id);
  const standing = row && parsed<Standing>(row.standing);
  if (!standing || isCurrent(standing)) return row && openOf(row);
  // Its verdicts were kept under other rules: judged now, it can say what became of them.
  await soon(judged({ id, revision: row.revision, standing }), OPENING_MS);
  const later = await rowOfJob(id);
  return later && openOf(later);
}

/** A job as a write that is under way finds it; null when there is none of that id. */
export async function describeJob(id: string, transaction: Transaction): Promise<OpenJob | null> {
  const row = await rowOfJob(id, transaction);
  return row && openOf(row);
}

/** What is taken back next, and what is made again. */
const STEPS = `
  (SELECT label FROM changes WHERE job_id = jobs.id AND state = 'done' ORDER BY revision DESC LIMIT 1) AS undo,
  (SELECT label FROM changes WHERE job_id = jobs.id AND state = 'undone' ORDER BY revision ASC LIMIT 1) AS redo`;

interface OpenedRow extends Pick<OpenJob, 'id' | 'revision' | 'undo' | 'redo'> {
  number: number;
  document: string;
  updatedAt: string;
  archivedAt: string | null;
  standing: string | null;
  rulesMoved: string | null;
  readings: string;
}

/** A reading within the text of all; thousands of rows would take ten times as long. */
type ReadingTold = [
  id: number,
  corner: string,
  key: string,
  value: number | null,
  uncertaintyMm: number | null,
  instrument: ReadingRecord['instrument'],
  shopInstrument: string | null,
  fromJob: string | null,
  takenAt: string,
  withdrawn: 0 | 1,
];

/** A number to its last digit: in JSON, SQLite itself rounds to fifteen. */
const exactly = (column: string): string =>
  `CASE WHEN ${column} IS NOT NULL THEN json(printf('%!.17g', ${column})) END`;

const OPENED = `
  SELECT id, number, revision, document, updated_at AS "updatedAt", archived_at AS "archivedAt", standing,
    rules_moved AS "rulesMoved", ${STEPS},
    (SELECT json_group_array(json_array(id, corner, key, ${exactly('value')}, ${exactly('uncertainty_mm')}, instrument,
       shop_instrument, from_job, taken_at, withdrawn))
     FROM (SELECT * FROM readings WHERE job_id = jobs.id ORDER BY id)) AS readings
  FROM jobs WHERE id = $1`;

/** A job and its readings, the earliest first, in one statement: all of one state. */
async function rowOfJob(id: string, transaction?: Transaction): Promise<OpenedRow | null> {
  const [row] = await rowsOf<OpenedRow>(OPENED, [id], transaction);
  return row ?? null;
}

const openOf = ({ number, document, archivedAt, standing: _, readings, ...row }: OpenedRow): OpenJob => ({
  ...row,
  number: jobNumber(number),
  job: JSON.parse(document) as Job,
  archived: archivedAt !== null,
  updatedAt: isoDate(row.updatedAt),
  readings: (JSON.parse(readings) as ReadingTold[]).map(entryOf),
  rulesMoved: parsed<RulesMoved>(row.rulesMoved),
});

const parsed = <T>(text: string | null): T | null => (text === null ? null : (JSON.parse(text) as T));

const entryOf = (told: ReadingTold): HistoryEntry => {
  const [id, corner, key, value, uncertaintyMm, instrument, shopInstrument, fromJob, takenAt, withdrawn] = told;
  return historyEntry({
    ...{ id, corner, key, value, uncertaintyMm, instrument, fromJob },
    shopInstrument: parsed<InstrumentMark>(shopInstrument),
    takenAt: new Date(takenAt),
    withdrawn: withdrawn === 1,
  });
};

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
