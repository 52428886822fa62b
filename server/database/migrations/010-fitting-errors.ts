import { DataTypes } from 'sequelize';
import type { Tables } from './tables';

/** How far off predictions were is kept beside a job: comparing may take sweeps, and a page wants all jobs at once. */
export const fittingErrors = {
  name: '010-fitting-errors',
  async up({ context: tables }: { context: Tables }): Promise<void> {
    await tables.addColumn('jobs', 'fitting_errors', { type: DataTypes.JSON, allowNull: true });
    await tables.addColumn('jobs', 'is_fitted', { type: DataTypes.BOOLEAN, allowNull: true });
    await tables.addIndex('jobs', ['is_fitted']);
  },
  async down({ context: tables }: { context: Tables }): Promise<void> {
    await tables.rows('DROP INDEX jobs_is_fitted');
    for (const column of ['fitting_errors', 'is_fitted']) await tables.removeColumn('jobs', column);
  },
};
