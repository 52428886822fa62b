import { DataTypes } from 'sequelize';
import type { Tables } from './tables';

const required = (type: unknown) => ({ type: type as typeof DataTypes.STRING, allowNull: false });
const of = (model: string) => ({
  ...required(DataTypes.STRING),
  references: { model, key: 'id' },
  onDelete: 'CASCADE',
});

/** What is put by on the shelf for a setup, and what was taken off it. */
export const stock = {
  name: '013-stock',
  async up({ context: tables }: { context: Tables }): Promise<void> {
    await tables.createTable('taken_parts', {
      id: { type: DataTypes.INTEGER, primaryKey: true, autoIncrement: true },
      job_id: of('jobs'),
      setup: required(DataTypes.STRING),
      item_id: of('store_items'),
      reserved: required(DataTypes.INTEGER),
      used: required(DataTypes.INTEGER),
      created_at: required(DataTypes.DATE),
      updated_at: required(DataTypes.DATE),
    });
    await tables.addIndex('taken_parts', ['job_id', 'setup', 'item_id'], { unique: true });
    await tables.addIndex('taken_parts', ['item_id']);
  },
  async down({ context: tables }: { context: Tables }): Promise<void> {
    await tables.dropTable('taken_parts');
  },
};
