import type { Transaction } from 'sequelize';
import { isCurrent, type RulesMoved, type Standing } from '#core/standing';
import { openJobOf, openJobText, type OpenJob } from '#formats/openJob';
import { soon } from './base/soon';
import { rowsOf } from './database/connection';
import { isoDate } from './database/dates';
import type { JobRow } from './database/models';
import { parsed } from './database/parsed';
import { jobNumber } from './numbers';
import { READINGS_TOLD } from './readings';
import { judged } from './standings';

/** How long a job that is opened waits for what other rules make of it. */
const OPENING_MS = 1000;

/** What stands beside a job and changes with every save. */
export type Mark = Pick<OpenJob, 'revision' | 'updatedAt' | 'undo' | 'redo'>;

/** A job as one text, for those who need no more of it than its name. */
export interface ToldJob {
  number: string;
  title: string;
  /** How the car is called; its number where it has no name. */
  car: string;
  revision: number;
  /** Read by `openJobOf`. */
  text: string;
}

/**
 * The job with what a station shows of its history; null when there is none of that id.
 * @throws SyntaxError where its document is damaged
 */
export async function openJob(id: string): Promise<OpenJob | null> {
  const told = await toldJob(id);
  return told && openJobOf(told.text);
}

/** The same as one text: a job with thousands of readings takes no longer than any other. */
export async function toldJob(id: string): Promise<ToldJob | null> {
  const row = await rowOfJob(id);
  const standing = row && parsed<Standing>(row.standing);
  if (!standing || isCurrent(standing)) return row && toldOf(row);
  // Its verdicts were kept under other rules: judged now, it can say what became of them.
  await soon(judged({ id, revision: row.revision, standing }), OPENING_MS);
  const later = await rowOfJob(id);
  return later && toldOf(later);
}

/** A job as a write that is under way finds it; null when there is none of that id. */
export async function describeJob(id: string, transaction: Transaction): Promise<OpenJob | null> {
  const row = await rowOfJob(id, transaction);
  return row && openJobOf(toldOf(row).text);
}

/** What is taken back next, and what is made again. */
const STEPS = `
  (SELECT label FROM changes WHERE job_id = jobs.id AND state = 'done' ORDER BY revision DESC LIMIT 1) AS undo,
  (SELECT label FROM changes WHERE job_id = jobs.id AND state = 'undone' ORDER BY revision ASC LIMIT 1) AS redo`;

interface OpenedRow extends Pick<OpenJob, 'id' | 'revision' | 'undo' | 'redo'> {
  number: number;
  title: string;
  car: string;
  document: string;
  isSound: 0 | 1;
  updatedAt: string;
  archivedAt: string | null;
  standing: string | null;
  rulesMoved: string | null;
  readings: string;
}

const OPENED = `
  SELECT id, number, title, car, revision, document, json_valid(document) AS "isSound",
    updated_at AS "updatedAt", archived_at AS "archivedAt", standing,
    rules_moved AS "rulesMoved", ${STEPS},
    ${READINGS_TOLD} AS readings
  FROM jobs WHERE id = $1`;

/** A job and its readings, the earliest first, in one statement: all of one state. */
async function rowOfJob(id: string, transaction?: Transaction): Promise<OpenedRow | null> {
  const [row] = await rowsOf<OpenedRow>(OPENED, [id], transaction);
  return row ?? null;
}

function toldOf({ title, car, document, isSound, archivedAt, standing: _, readings, ...row }: OpenedRow): ToldJob {
  if (!isSound) throw new SyntaxError(`the document of job ${row.id} is no JSON`);
  const number = jobNumber(row.number);
  const beside = {
    ...row,
    number,
    archived: archivedAt !== null,
    updatedAt: isoDate(row.updatedAt),
    rulesMoved: parsed<RulesMoved>(row.rulesMoved),
  };
  const text = openJobText(beside, { job: document, readings });
  return { number, title, car: car || number, revision: row.revision, text };
}

/** Where a job's history stands. */
export async function markOf({ id, revision, updatedAt }: JobRow, transaction: Transaction): Promise<Mark> {
  const sql = `SELECT ${STEPS} FROM jobs WHERE id = $1`;
  const [steps] = await rowsOf<Pick<Mark, 'undo' | 'redo'>>(sql, [id], transaction);
  return { revision, updatedAt: updatedAt.toISOString(), ...steps! };
}
