import type { InnerFace } from '#core/brake';
import { nanoid } from 'nanoid';
import { Op, type Transaction } from 'sequelize';
import { itemName, type ShelfItem, type ShelfKind } from '#core/shelf';
import { bound, database, rowsOf, write } from './database/connection';
import { rowDate } from './database/dates';
import { ShelfRow } from './database/models';
import { orderOf } from './database/order';
import { SHELF_TOLD } from './shelfTold';
import { shelfRows } from './work/shelfRows';

/** An item with the name it is known by. */
export interface KeptItem {
  id: string;
  item: ShelfItem;
}

/** Which of the shelf a page shows, and in what order. */
export interface ShelfQuery {
  kind: ShelfKind;
  search: string;
  /** A field of the item; null for its maker and name. */
  sort: string | null;
  descending: boolean;
  page: number;
}

/** A page of the shelf, how many answer to the search, and how many there are of each kind. */
export interface ShelfPage {
  items: KeptItem[];
  total: number;
  counts: Partial<Record<ShelfKind, number>>;
}

export const SHELF_PAGE_SIZE = 50;
/** The most items a shelf holds. */
export const MOST_ITEMS = 30_000;

const FIELD = /^[A-Za-z]{1,40}$/;

/** One page of one kind, by maker and name or by a field; what lacks the field comes last. */
export async function listPage({ kind, search, sort, descending, page }: ShelfQuery): Promise<ShelfPage> {
  const { values, bind } = bound();
  const words = search.toLowerCase().split(/\s+/).filter(Boolean);
  const where = [
    `kind = ${bind(kind)}`,
    ...words.map((word) => `lower(name) LIKE ${bind(`%${word.replace(/[\\%_]/g, '\\$&')}%`)} ESCAPE '\\'`),
  ].join(' AND ');
  const direction = descending ? 'DESC' : 'ASC';
  const field = sort !== null && sort !== 'name' && FIELD.test(sort) ? `json_extract(item, '$.${sort}')` : null;
  const order = field ? `${field} IS NULL, ${field} ${direction}, sort_key` : `sort_key ${direction}`;
  const offset = (page - 1) * SHELF_PAGE_SIZE;
  const [rows, [counted], kinds] = await Promise.all([
    rowsOf<{ id: string; item: string }>(
      `SELECT id, item FROM store_items WHERE ${where} ORDER BY ${order} LIMIT ${SHELF_PAGE_SIZE} OFFSET ${offset}`,
      values,
    ),
    rowsOf<{ total: number }>(`SELECT count(*) AS total FROM store_items WHERE ${where}`, values),
    rowsOf<{ kind: ShelfKind; count: number }>('SELECT kind, count(*) AS count FROM store_items GROUP BY kind'),
  ]);
  return {
    items: rows.map(({ id, item }) => ({ id, item: JSON.parse(item) as ShelfItem })),
    total: counted!.total,
    counts: Object.fromEntries(kinds.map(({ kind: one, count }) => [one, count])),
  };
}

/** Everything the shop keeps, as the JSON text of a list. */
export async function shelfText(): Promise<string> {
  const [row] = await rowsOf<{ items: string }>(`SELECT ${SHELF_TOLD} AS items`);
  return row!.items;
}

/** Everything the shop keeps. */
export const listItems = async (): Promise<ShelfItem[]> => JSON.parse(await shelfText()) as ShelfItem[];

/** The wheel of a maker and name; null where there is none. */
export async function findWheel(name: string): Promise<ShelfItem | null> {
  await database();
  return (await ShelfRow.findOne({ where: { kind: 'wheel', name } }))?.item ?? null;
}

/**
 * Adds an item or changes the one of that id; null when another item of its kind has that maker and name, else its id.
 */
export async function saveItem(id: string | null, item: ShelfItem): Promise<string | null> {
  return write(async (transaction) => {
    const name = itemName(item);
    const twin = await ShelfRow.findOne({
      where: { kind: item.kind, name, ...(id === null ? {} : { id: { [Op.ne]: id } }) },
      transaction,
    });
    if (twin) return null;
    const row = id === null ? null : await ShelfRow.findByPk(id, { transaction });
    const kept = { kind: item.kind, name, sortKey: orderOf(name), item };
    return (
      row
        ? await row.update(kept, { transaction })
        : await ShelfRow.create({ id: id ?? nanoid(10), ...kept }, { transaction })
    ).id;
  });
}

/**
 * Gives a wheel, by its maker and name, an inner face, or takes it away; the item as it is now, null where there is
 * none.
 */
export async function keepFace(name: string, innerFace: InnerFace | null): Promise<ShelfItem | null> {
  return write(async (transaction) => {
    const row = await ShelfRow.findOne({ where: { kind: 'wheel', name }, transaction });
    if (!row) return null;
    const { innerFace: _, ...item } = row.item;
    const kept: ShelfItem = innerFace === null ? item : { ...item, innerFace };
    await row.update({ item: kept }, { transaction });
    return kept;
  });
}

/** Takes an item off the shelf. */
export async function removeItem(id: string): Promise<void> {
  await write((transaction) => ShelfRow.destroy({ where: { id }, transaction }));
}

/**
 * Takes in a list: an item of a kind and name that is there already is replaced. All of them or none, in one statement,
 * so that other saves wait no longer than it takes. Null where the shelf would hold more than it does.
 */
export async function importRows(rows: string): Promise<{ added: number; replaced: number } | null> {
  try {
    return await write((transaction) => importRowsIn(rows, transaction));
  } catch (error) {
    if (error instanceof ShelfFull) return null;
    throw error;
  }
}

/** The same within a transaction. @throws ShelfFull where the shelf would hold more than it does */
export async function importRowsIn(
  rows: string,
  transaction: Transaction,
): Promise<{ added: number; replaced: number }> {
  const read = (path: string) => `json_extract(value, '$.${path}')`;
  const before = await ShelfRow.count({ transaction });
  const now = rowDate(new Date());
  await ShelfRow.sequelize!.query(
    `INSERT INTO store_items (id, kind, name, sort_key, item, created_at, updated_at)
     SELECT ${read('id')}, ${read('kind')}, ${read('name')}, ${read('sortKey')}, ${read('item')}, $now, $now
     FROM json_each($rows) WHERE true
     ON CONFLICT (kind, name) DO UPDATE SET item = excluded.item, updated_at = excluded.updated_at`,
    { bind: { rows, now }, transaction },
  );
  const after = await ShelfRow.count({ transaction });
  if (after > MOST_ITEMS && after > before) throw new ShelfFull();
  const [listed] = await rowsOf<{ count: number }>('SELECT json_array_length($1) AS count', [rows], transaction);
  const added = after - before;
  return { added, replaced: listed!.count - added };
}

/** The shelf would hold more than it does. */
export class ShelfFull extends Error {}

/** Takes in a list of items. */
export const importItems = (items: readonly ShelfItem[]) => importRows(shelfRows(items));
