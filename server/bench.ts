import { literal, Op, type WhereOptions } from 'sequelize';
import type { Literal } from 'sequelize/types/utils';
import type { RulesMoved, Standing, WaitsFor } from '#core/standing';
import { soon } from './base/soon';
import { database } from './database/connection';
import { JobRow } from './database/models';
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

const readable = (column: string) => literal(`CASE WHEN json_valid(${column}) THEN ${column} END`);

/** What a row of the list shows; its document stays on the disk. */
const LISTED = [
  ...(['id', 'number', 'title', 'car', 'revision', 'setupCount', 'archivedAt', 'updatedAt'] as const),
  [readable('standing'), 'standing'] as [Literal, string],
  [readable('rules_moved'), 'rulesMoved'] as [Literal, string],
];

/** One page of the bench. */
export async function listJobs(query: JobListQuery): Promise<{ jobs: JobListItem[]; total: number }> {
  await database();
  const where: WhereOptions[] = [{ archivedAt: query.archived ? { [Op.ne]: null } : null }];
  if (query.waitsFor) where.push({ waitsFor: query.waitsFor });
  where.push(...foundBy(query.search));
  const direction = query.descending ? 'DESC' : 'ASC';
  const column = { updated: 'updatedAt', number: 'number', title: 'title', car: 'car' }[query.sort];
  const { rows, count } = await JobRow.findAndCountAll({
    attributes: LISTED,
    where: { [Op.and]: where },
    // Both one way, as an index has them: else the rows are sorted again, on the last page all of them.
    order: [
      [column, direction],
      ['number', direction],
    ],
    limit: PAGE_SIZE,
    offset: (query.page - 1) * PAGE_SIZE,
  });
  return { jobs: await listItems(rows), total: count };
}

/** Rows of the bench by their ids, for whoever waits until they are judged; those that are gone are left out. */
export async function listedJobs(ids: readonly string[]): Promise<JobListItem[]> {
  await database();
  return listItems(await JobRow.findAll({ attributes: LISTED, where: { id: [...ids] } }));
}

function listItems(rows: readonly JobRow[]): Promise<JobListItem[]> {
  const until = Date.now() + WAIT_MS;
  return Promise.all(rows.map((row) => listItem(row, until)));
}

async function listItem(row: JobRow, until: number): Promise<JobListItem> {
  const now = isDamaged(row.id) ? null : await soon(judged(row), until - Date.now());
  return {
    id: row.id,
    number: jobNumber(row.number),
    title: row.title,
    car: row.car,
    updatedAt: row.updatedAt.toISOString(),
    archived: row.archivedAt !== null,
    setups: row.setupCount,
    standing: isDamaged(row.id) ? 'damaged' : (now?.standing ?? (isTooLong(row) ? 'too long' : 'judging')),
    rulesMoved: now?.moved ?? row.rulesMoved ?? null,
  };
}
