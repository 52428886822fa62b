import { DataTypes } from 'sequelize';
import type { Tables } from './tables';

const required = (type: unknown) => ({ type: type as typeof DataTypes.STRING, allowNull: false });

/** The shop's own instruments; which of them a reading was taken with, and from which job it was taken over. */
export const instruments = {
  name: '014-instruments',
  async up({ context: tables }: { context: Tables }): Promise<void> {
    await tables.createTable('instruments', {
      id: { type: DataTypes.STRING, primaryKey: true },
      name: required(DataTypes.STRING),
      instrument: required(DataTypes.JSON),
      created_at: required(DataTypes.DATE),
      updated_at: required(DataTypes.DATE),
    });
    await tables.addColumn('readings', 'shop_instrument', { type: DataTypes.JSON });
    await tables.addColumn('readings', 'from_job', { type: DataTypes.STRING });
  },
  async down({ context: tables }: { context: Tables }): Promise<void> {
    await tables.removeColumn('readings', 'from_job');
    await tables.removeColumn('readings', 'shop_instrument');
    await tables.dropTable('instruments');
  },
};
