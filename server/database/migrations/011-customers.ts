import { DataTypes } from 'sequelize';
import type { Tables } from './tables';

/** Whose car it is, beside the document: searched on the bench. No job named anybody before. */
export const customers = {
  name: '011-customers',
  async up({ context: tables }: { context: Tables }): Promise<void> {
    await tables.addColumn('jobs', 'customer', { type: DataTypes.TEXT, allowNull: false, defaultValue: '' });
  },
  async down({ context: tables }: { context: Tables }): Promise<void> {
    await tables.removeColumn('jobs', 'customer');
  },
};
