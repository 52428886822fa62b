import { nanoid } from 'nanoid';
import { Op } from 'sequelize';
import type { KnownMappings, ListMapping } from '#formats/priceList';
import { LIST_KINDS, type ListKind } from '#formats/priceList/columns';
import { database, write } from '../database/connection';
import { PriceListRow } from '../database/models';

/** A list as the page shows it. */
export interface KeptList {
  id: string;
  supplier: string;
  kind: ListKind;
  fileName: string;
  count: number;
  currency: string | null;
  takenAt: string;
  /** The list that it replaced is kept, and comes back when this one is taken back. */
  hasEarlier: boolean;
}

const ABOUT = ['id', 'supplier', 'kind', 'fileName', 'count', 'mapping', 'createdAt', 'state'] as const;

/** The lists in use, by supplier. */
export async function priceLists(): Promise<KeptList[]> {
  await database();
  const rows = await PriceListRow.findAll({
    attributes: [...ABOUT],
    order: [
      ['supplier', 'ASC'],
      ['kind', 'ASC'],
    ],
  });
  const earlier = new Set(rows.filter(({ state }) => state === 'earlier').map(keyOf));
  return rows
    .filter(({ state }) => state === 'current')
    .map((row) => ({
      id: row.id,
      supplier: row.supplier,
      kind: row.kind,
      fileName: row.fileName,
      count: row.count,
      currency: row.mapping.currency,
      takenAt: row.createdAt.toISOString(),
      hasEarlier: earlier.has(keyOf(row)),
    }));
}

const keyOf = ({ supplier, kind }: Pick<PriceListRow, 'supplier' | 'kind'>): string => `${kind} ${supplier}`;

/** How the last lists of a supplier were read, by what they were of. */
export async function mappingsOf(supplier: string): Promise<KnownMappings> {
  await database();
  const known: KnownMappings = {};
  for (const kind of LIST_KINDS) {
    const row = await PriceListRow.findOne({
      attributes: ['mapping'],
      where: { supplier, kind },
      order: [['createdAt', 'DESC']],
    });
    if (row) known[kind] = row.mapping;
  }
  return known;
}

/** Takes a list in; the supplier's list of the same kind before it is kept behind it, the one before that goes. */
export async function takeList(list: {
  supplier: string;
  fileName: string;
  mapping: ListMapping;
  count: number;
  items: string;
}): Promise<void> {
  const { kind } = list.mapping;
  const same = { supplier: list.supplier, kind };
  await write(async (transaction) => {
    await PriceListRow.destroy({ where: { ...same, state: 'earlier' }, transaction });
    await PriceListRow.update({ state: 'earlier' }, { where: { ...same, state: 'current' }, transaction });
    await PriceListRow.create({ id: nanoid(10), ...list, kind, state: 'current' }, { transaction });
  });
}

/** Takes a list out again; the one that it had replaced is in use again. False where it is gone already. */
export async function takeBackList(id: string): Promise<boolean> {
  return write(async (transaction) => {
    const row = await PriceListRow.findByPk(id, { attributes: ['id', 'supplier', 'kind'], transaction });
    if (!row) return false;
    const { supplier, kind } = row;
    await row.destroy({ transaction });
    await PriceListRow.update({ state: 'current' }, { where: { supplier, kind, state: 'earlier' }, transaction });
    return true;
  });
}

/** Everything on the lists in use, as the JSON text of lists with their suppliers: put together without being read. */
export async function listedText(): Promise<string> {
  await database();
  const rows = await PriceListRow.findAll({
    where: { state: { [Op.eq]: 'current' } },
    attributes: ['supplier', 'mapping', 'items'],
    order: [['supplier', 'ASC']],
  });
  const lists = rows.map(
    ({ supplier, mapping: { currency }, items }) =>
      `{"supplier":${JSON.stringify(supplier)},"currency":${JSON.stringify(currency)},"items":${items}}`,
  );
  return `[${lists.join(',')}]`;
}
