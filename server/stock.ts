import type { Transaction } from 'sequelize';
import type { CostCase } from '#core/cost';
import { orderOf, type OrderLine, type Taken } from '#core/order';
import type { ShelfItem } from '#core/shelf';
import { wordsIn, type Words } from '#core/units';
import { rowsOf, write } from './database/connection';
import { ShelfRow, TakenRow } from './database/models';
import { exportJob } from './jobs';
import { jobNumber } from './numbers';

/** A setup of a job whose parts are meant. */
export interface SetupParts {
  jobId: string;
  setupId: string;
}

/** What is put by or used of an item, for one setup. */
export interface TakenFor {
  jobId: string;
  number: string;
  setup: string;
  reserved: number;
  used: number;
}

/**
 * What is to be had for a setup, with what the shelf has free for it: what is put by for others is not.
 * @returns null where there is no such job or setup
 */
export async function orderFor(of: SetupParts, words: Words = wordsIn('mm')): Promise<OrderLine[] | null> {
  const one = await caseOf(of, words);
  return one && linesOf(of, one);
}

async function caseOf({ jobId, setupId }: SetupParts, words: Words): Promise<CostCase | null> {
  const job = (await exportJob(jobId))?.job;
  const setup = job?.setups.find(({ id }) => id === setupId);
  return job && setup ? { job, setup, words } : null;
}

async function linesOf({ jobId, setupId }: SetupParts, one: CostCase, transaction?: Transaction): Promise<OrderLine[]> {
  const within = transaction ? { transaction } : {};
  const [rows, taken] = await Promise.all([
    ShelfRow.findAll({ order: [['sortKey', 'ASC']], ...within }),
    TakenRow.findAll(within),
  ]);
  const isOwn = (row: TakenRow): boolean => row.jobId === jobId && row.setup === setupId;
  const others = new Map<string, number>();
  for (const row of taken) if (!isOwn(row)) others.set(row.itemId, (others.get(row.itemId) ?? 0) + row.reserved);
  const free = rows.map(({ id, item }): ShelfItem => {
    const putBy = others.get(id) ?? 0;
    return item.quantity == null || putBy === 0 ? item : { ...item, quantity: Math.max(0, item.quantity - putBy) };
  });
  const byId = new Map(rows.map((row) => [row.id, row]));
  const own = taken.filter(isOwn).flatMap(({ itemId, reserved, used }): Taken[] => {
    const item = byId.get(itemId);
    return item ? [{ kind: item.kind, name: item.name, reserved, used }] : [];
  });
  return orderOf(one, free, own);
}

/**
 * Puts by what the shelf has for a setup; what was put by before and is not needed any more is free again.
 * @returns false where there is no such job or setup
 */
export async function reserveParts(of: SetupParts): Promise<boolean> {
  const one = await caseOf(of, wordsIn('mm'));
  if (!one) return false;
  return write(async (transaction) => {
    const lines = await linesOf(of, one, transaction);
    await TakenRow.update({ reserved: 0 }, { where: ownRows(of), transaction });
    const wanted = new Map<string, number>();
    for (const { shelf, fromShelf } of lines) {
      if (!shelf || fromShelf === 0) continue;
      const item = await ShelfRow.findOne({ where: { ...shelf }, transaction });
      if (item) wanted.set(item.id, (wanted.get(item.id) ?? 0) + fromShelf);
    }
    for (const [itemId, reserved] of wanted) {
      const [row] = await TakenRow.findOrCreate({
        where: { ...ownRows(of), itemId },
        defaults: { jobId: of.jobId, setup: of.setupId, itemId, reserved: 0, used: 0 },
        transaction,
      });
      await row.update({ reserved }, { transaction });
    }
    await dropEmpty(transaction);
    return true;
  });
}

/** Takes what is put by for a setup off the shelf: it is on the car. */
export async function useParts(of: SetupParts): Promise<void> {
  await write(async (transaction) => {
    for (const row of await TakenRow.findAll({ where: ownRows(of), transaction })) {
      await count(row.itemId, -row.reserved, transaction);
      await row.update({ reserved: 0, used: row.used + row.reserved }, { transaction });
    }
  });
}

/** Puts all that was taken for a setup back on the shelf, put by or used. */
export async function putBackParts(of: SetupParts): Promise<void> {
  await write(async (transaction) => {
    for (const row of await TakenRow.findAll({ where: ownRows(of), transaction })) {
      await count(row.itemId, row.used, transaction);
      await row.destroy({ transaction });
    }
  });
}

const ownRows = ({ jobId, setupId }: SetupParts) => ({ jobId, setup: setupId });

const dropEmpty = (transaction: Transaction) => TakenRow.destroy({ where: { reserved: 0, used: 0 }, transaction });

/** Counts an item of the shelf anew; one that nobody counted stays uncounted. */
async function count(itemId: string, by: number, transaction: Transaction): Promise<void> {
  const row = by === 0 ? null : await ShelfRow.findByPk(itemId, { transaction });
  if (row?.item.quantity == null) return;
  await row.update({ item: { ...row.item, quantity: Math.max(0, row.item.quantity + by) } }, { transaction });
}

/** For which setups items of the shelf are put by, or were taken; by the item's id. */
export async function takenOf(itemIds: readonly string[]): Promise<Record<string, TakenFor[]>> {
  const rows = await rowsOf<Omit<TakenFor, 'number'> & { itemId: string; number: number | null }>(
    `SELECT item_id AS "itemId", job_id AS "jobId", number, setup, reserved, used
     FROM taken_parts LEFT JOIN jobs ON jobs.id = job_id
     WHERE item_id IN (SELECT value FROM json_each($1)) ORDER BY taken_parts.id`,
    [JSON.stringify(itemIds)],
  );
  const taken: Record<string, TakenFor[]> = {};
  for (const { itemId, number, ...one } of rows)
    (taken[itemId] ??= []).push({ ...one, number: number === null ? '' : jobNumber(number) });
  return taken;
}
