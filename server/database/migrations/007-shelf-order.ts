import { DataTypes } from 'sequelize';
import { orderOf } from '../order';
import type { Tables } from './tables';

/** The name of an item as it is put in order, so that the database finds a page of them by itself. */
export const shelfOrder = {
  name: '007-shelf-order',
  async up({ context: tables }: { context: Tables }): Promise<void> {
    await tables.addColumn('store_items', 'sort_key', { type: DataTypes.STRING, allowNull: true });
    for (const { id, name } of await tables.rows<{ id: string; name: string }>('SELECT id, name FROM store_items'))
      await tables.rows('UPDATE store_items SET sort_key = ? WHERE id = ?', [orderOf(name), id]);
    await tables.addIndex('store_items', ['kind', 'sort_key']);
  },
  async down({ context: tables }: { context: Tables }): Promise<void> {
    await tables.removeColumn('store_items', 'sort_key');
  },
};
