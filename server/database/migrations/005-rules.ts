import { DataTypes } from 'sequelize';
import type { Tables } from './tables';

/** Verdicts that became others with the rules are kept beside a job until somebody has seen that. */
export const rules = {
  name: '005-rules',
  async up({ context: tables }: { context: Tables }): Promise<void> {
    await tables.addColumn('jobs', 'rules_moved', { type: DataTypes.JSON, allowNull: true });
  },
  async down({ context: tables }: { context: Tables }): Promise<void> {
    await tables.removeColumn('jobs', 'rules_moved');
  },
};
