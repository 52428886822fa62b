import { DataTypes } from 'sequelize';
import type { Tables } from './tables';

const required = (type: unknown) => ({ type: type as typeof DataTypes.STRING, allowNull: false });

/** Lists of suppliers, each with how it is read; its items stand together, and are never asked for one by one. */
export const priceLists = {
  name: '012-price-lists',
  async up({ context: tables }: { context: Tables }): Promise<void> {
    await tables.createTable('price_lists', {
      id: { type: DataTypes.STRING, primaryKey: true },
      supplier: required(DataTypes.STRING),
      kind: required(DataTypes.STRING),
      file_name: required(DataTypes.STRING),
      mapping: required(DataTypes.JSON),
      count: required(DataTypes.INTEGER),
      items: required(DataTypes.TEXT),
      state: required(DataTypes.STRING),
      created_at: required(DataTypes.DATE),
    });
    await tables.addIndex('price_lists', ['state', 'supplier', 'kind']);
  },
  async down({ context: tables }: { context: Tables }): Promise<void> {
    await tables.dropTable('price_lists');
  },
};
