import { DataTypes } from 'sequelize';
import type { Tables } from './tables';

/** The shop's own limits, rules and prices, as one document. */
export const house = {
  name: '004-house',
  async up({ context: tables }: { context: Tables }): Promise<void> {
    await tables.createTable('house', {
      id: { type: DataTypes.INTEGER, primaryKey: true },
      document: { type: DataTypes.JSON, allowNull: false },
      created_at: { type: DataTypes.DATE, allowNull: false },
      updated_at: { type: DataTypes.DATE, allowNull: false },
    });
  },
  async down({ context: tables }: { context: Tables }): Promise<void> {
    await tables.dropTable('house');
  },
};
