import type { InnerFace } from '#core/brake';
import { nanoid } from 'nanoid';
import { Op } from 'sequelize';
import { itemName, type ShelfItem } from '#core/shelf';
import { database, write } from './database/connection';
import { ShelfRow } from './database/models';

/** An item with the name it is known by. */
export interface KeptItem {
  id: string;
  item: ShelfItem;
}

const byName = new Intl.Collator('en', { numeric: true });

/** Everything the shop keeps, by maker and name; numbers in names count as numbers. */
export async function listItems(): Promise<KeptItem[]> {
  await database();
  const rows = await ShelfRow.findAll();
  return rows
    .map(({ id, item }) => ({ id, item }))
    .sort((one, other) => byName.compare(itemName(one.item), itemName(other.item)));
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
    const kept = { kind: item.kind, name, item };
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

/** Takes an item out of the stores. */
export async function removeItem(id: string): Promise<void> {
  await write((transaction) => ShelfRow.destroy({ where: { id }, transaction }));
}

/** Takes in a list: an item of a kind and name that is there already replaces it. All of them or none. */
export async function importItems(items: readonly ShelfItem[]): Promise<{ added: number; replaced: number }> {
  return write(async (transaction) => {
    let replaced = 0;
    for (const item of items) {
      const name = itemName(item);
      const row = await ShelfRow.findOne({ where: { kind: item.kind, name }, transaction });
      if (row) replaced += 1;
      if (row) await row.update({ item }, { transaction });
      else await ShelfRow.create({ id: nanoid(10), kind: item.kind, name, item }, { transaction });
    }
    return { added: items.length - replaced, replaced };
  });
}
