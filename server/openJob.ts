import type { Transaction } from 'sequelize';
import type { Job } from '#core/job';
import { isCurrent, type RulesMoved, type Standing } from '#core/standing';
import { soon } from './base/soon';
import { rowsOf } from './database/connection';
import { isoDate } from './database/dates';
import type { JobRow } from './database/models';
import { jobNumber } from './numbers';
import { READINGS_TOLD, readingsOf, type HistoryEntry } from './readings';
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

const OPENED = `
  SELECT id, number, revision, document, updated_at AS "updatedAt", archived_at AS "archivedAt", standing,
    rules_moved AS "rulesMoved", ${STEPS},
    ${READINGS_TOLD} AS readings
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
  readings: readingsOf(readings),
  rulesMoved: parsed<RulesMoved>(row.rulesMoved),
});

const parsed = <T>(text: string | null): T | null => (text === null ? null : (JSON.parse(text) as T));

/** Where a job's history stands. */
export async function markOf({ id, revision, updatedAt }: JobRow, transaction: Transaction): Promise<Mark> {
  const sql = `SELECT ${STEPS} FROM jobs WHERE id = $1`;
  const [steps] = await rowsOf<Pick<Mark, 'undo' | 'redo'>>(sql, [id], transaction);
  return { revision, updatedAt: updatedAt.toISOString(), ...steps! };
}
