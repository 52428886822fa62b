import type { RulesMoved, Standing, WaitsFor } from '#core/standing';
import { soon } from './base/soon';
import { bound, rowsOf } from './database/connection';
import { isoDate } from './database/dates';
import { parsed } from './database/parsed';
import { isDamaged } from './damaged';
import { foundBy } from './jobSearch';
import { jobNumber } from './numbers';
import { isTooLong, judged } from './standings';

export interface JobListItem {
  id: string;
  number: string;
  title: string;
  car: string;
  updatedAt: string;
  archived: boolean;
  setups: number;
  /** Where it stands; being judged, not to be judged in the time there is, or damaged on the disk. */
  standing: Standing | 'judging' | 'too long' | 'damaged';
  /** What other rules made of its verdicts, until somebody has seen it. */
  rulesMoved: RulesMoved | null;
}

export interface JobListQuery {
  search: string;
  waitsFor: WaitsFor | null;
  archived: boolean;
  sort: 'updated' | 'number' | 'title' | 'car';
  descending: boolean;
  page: number;
}

export const PAGE_SIZE = 25;

/** How long a list waits for jobs that are being judged. */
const WAIT_MS = 400;

/** What a row of the list shows; its document stays on the disk, and what is damaged of the rest is none. */
const LISTED = `
  SELECT id, number, title, car, revision, setup_count AS setups, archived_at IS NOT NULL AS archived,
    updated_at AS "updatedAt", CASE WHEN json_valid(standing) THEN standing END AS standing,
    CASE WHEN json_valid(rules_moved) THEN rules_moved END AS "rulesMoved"
  FROM jobs`;

interface ListedRow extends Pick<JobListItem, 'id' | 'title' | 'car' | 'updatedAt' | 'setups'> {
  number: number;
  revision: number;
  archived: 0 | 1;
  standing: string | null;
  rulesMoved: string | null;
}

const COLUMNS = { updated: 'updated_at', number: 'number', title: 'title', car: 'car' } as const;

/** One page of the bench. */
export async function listJobs(query: JobListQuery): Promise<{ jobs: JobListItem[]; total: number }> {
  const { values, bind } = bound();
  const where = [
    `archived_at IS ${query.archived ? 'NOT ' : ''}NULL`,
    ...(query.waitsFor ? [`waits_for = ${bind(query.waitsFor)}`] : []),
    ...foundBy(query.search, bind),
  ].join(' AND ');
  const direction = query.descending ? 'DESC' : 'ASC';
  // Both one way, as an index has them: else the rows are sorted again, on the last page all of them.
  const order = `${COLUMNS[query.sort]} ${direction}, number ${direction}`;
  const [rows, [counted]] = await Promise.all([
    rowsOf<ListedRow>(
      `${LISTED} WHERE ${where} ORDER BY ${order} LIMIT ${PAGE_SIZE} OFFSET ${(query.page - 1) * PAGE_SIZE}`,
      values,
    ),
    rowsOf<{ total: number }>(`SELECT count(*) AS total FROM jobs WHERE ${where}`, values),
  ]);
  return { jobs: await listItems(rows), total: counted!.total };
}

/** Rows of the bench by their ids, for whoever waits until they are judged; those that are gone are left out. */
export const listedJobs = async (ids: readonly string[]): Promise<JobListItem[]> =>
  listItems(await rowsOf<ListedRow>(`${LISTED} WHERE id IN (SELECT value FROM json_each($1))`, [JSON.stringify(ids)]));

function listItems(rows: readonly ListedRow[]): Promise<JobListItem[]> {
  const until = Date.now() + WAIT_MS;
  return Promise.all(rows.map((row) => listItem(row, until)));
}

async function listItem({ revision, ...row }: ListedRow, until: number): Promise<JobListItem> {
  const { id } = row;
  const of = { id, revision, standing: parsed<Standing>(row.standing) };
  const now = isDamaged(id) ? null : await soon(judged(of), until - Date.now());
  return {
    ...row,
    number: jobNumber(row.number),
    updatedAt: isoDate(row.updatedAt),
    archived: row.archived === 1,
    standing: isDamaged(id) ? 'damaged' : (now?.standing ?? (isTooLong(of) ? 'too long' : 'judging')),
    rulesMoved: now?.moved ?? parsed<RulesMoved>(row.rulesMoved),
  };
}
