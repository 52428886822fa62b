import { literal, Op, type WhereOptions } from 'sequelize';
import type { Literal } from 'sequelize/types/utils';
import type { RulesMoved, Standing, WaitsFor } from '#core/standing';
import { database } from './database/connection';
import { JobRow } from './database/models';
import { jobNumber } from './numbers';
import { isTooLong, judged, soon } from './standings';

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

/** A row of the list: its documents stay on the disk, but for what is read of them where they can be read. */
type ListRow = JobRow & { setupCount: number | null };
const readable = (column: string) => literal(`CASE WHEN json_valid(${column}) THEN ${column} END`);

const LISTED = {
  exclude: ['document', 'standing', 'rulesMoved', 'fittingErrors'],
  include: [
    [readable('standing'), 'standing'],
    [readable('rules_moved'), 'rulesMoved'],
    [literal(`CASE WHEN json_valid(document) THEN json_array_length(document, '$.setups') END`), 'setupCount'],
  ] as [Literal, string][],
};

/** One page of the bench. */
export async function listJobs(query: JobListQuery): Promise<{ jobs: JobListItem[]; total: number }> {
  await database();
  const where: WhereOptions[] = [{ archivedAt: query.archived ? { [Op.ne]: null } : null }];
  if (query.waitsFor) where.push({ waitsFor: query.waitsFor });
  const words = query.search.toLowerCase().split(/\s+/).filter(Boolean);
  for (const word of words) {
    const like = `%${word.replace(/[\\%_]/g, '\\$&')}%`;
    const number = /^(?:sk-?)?0*(\d+)$/.exec(word)?.[1];
    const columns = ['title', 'car', 'customer'].map((column) =>
      literal(`lower(${column}) LIKE ${JobRow.sequelize!.escape(like)} ESCAPE '\\'`),
    );
    where.push({ [Op.or]: [...columns, ...(number ? [{ number: Number(number) }] : [])] });
  }
  const column = { updated: 'updatedAt', number: 'number', title: 'title', car: 'car' }[query.sort];
  const { rows, count } = await JobRow.findAndCountAll({
    attributes: LISTED,
    where: { [Op.and]: where },
    order: [
      [column, query.descending ? 'DESC' : 'ASC'],
      ['number', 'ASC'],
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
  return Promise.all((rows as readonly ListRow[]).map((row) => listItem(row, until)));
}

async function listItem(row: ListRow, until: number): Promise<JobListItem> {
  const setups = row.get('setupCount') as number | null;
  const now = setups === null ? null : await soon(judged(row), until - Date.now());
  return {
    id: row.id,
    number: jobNumber(row.number),
    title: row.title,
    car: row.car,
    updatedAt: row.updatedAt.toISOString(),
    archived: row.archivedAt !== null,
    setups: setups ?? 0,
    standing: setups === null ? 'damaged' : (now?.standing ?? (isTooLong(row) ? 'too long' : 'judging')),
    rulesMoved: now?.moved ?? row.rulesMoved ?? null,
  };
}
