import { DataTypes } from 'sequelize';
import type { Tables } from './tables';

const required = (type: unknown) => ({ type: type as typeof DataTypes.STRING, allowNull: false });

/** What the shop keeps. */
export const stores = {
  name: '002-stores',
  async up({ context: tables }: { context: Tables }): Promise<void> {
    await tables.createTable('store_items', {
      id: { type: DataTypes.STRING, primaryKey: true },
      kind: required(DataTypes.STRING),
      name: required(DataTypes.STRING),
      item: required(DataTypes.JSON),
      created_at: required(DataTypes.DATE),
      updated_at: required(DataTypes.DATE),
    });
    await tables.addIndex('store_items', ['kind', 'name'], { unique: true });
  },
  async down({ context: tables }: { context: Tables }): Promise<void> {
    await tables.dropTable('store_items');
  },
};
