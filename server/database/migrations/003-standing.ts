import { DataTypes } from 'sequelize';
import type { Tables } from './tables';

/** Where a job stands is kept beside it: judging its setups takes sweeps, and lists want it at once. */
export const standing = {
  name: '003-standing',
  async up({ context: tables }: { context: Tables }): Promise<void> {
    await tables.addColumn('jobs', 'standing', { type: DataTypes.JSON, allowNull: true });
  },
  async down({ context: tables }: { context: Tables }): Promise<void> {
    await tables.removeColumn('jobs', 'standing');
  },
};
