import { DataTypes } from 'sequelize';
import type { Tables } from './tables';

/** What calendars and lists ask of fittings, beside the document: a check of torque, and a fitting that is booked. */
export const fittings = {
  name: '009-fittings',
  async up({ context: tables }: { context: Tables }): Promise<void> {
    await tables.addColumn('jobs', 'retorque_from', { type: DataTypes.DATE, allowNull: true });
    await tables.addColumn('jobs', 'retorque_odometer_km', { type: DataTypes.DOUBLE, allowNull: true });
    await tables.addColumn('jobs', 'fitting_at', { type: DataTypes.DATE, allowNull: true });
    await tables.addIndex('jobs', ['retorque_from']);
    await tables.addIndex('jobs', ['fitting_at']);
  },
  async down({ context: tables }: { context: Tables }): Promise<void> {
    await tables.rows('DROP INDEX jobs_retorque_from');
    await tables.rows('DROP INDEX jobs_fitting_at');
    for (const column of ['retorque_from', 'retorque_odometer_km', 'fitting_at'])
      await tables.removeColumn('jobs', column);
  },
};
