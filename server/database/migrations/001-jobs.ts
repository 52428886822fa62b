import { DataTypes } from 'sequelize';
import type { Tables } from './tables';

const job = {
  type: DataTypes.STRING,
  allowNull: false,
  references: { model: 'jobs', key: 'id' },
  onDelete: 'CASCADE',
};
const id = { type: DataTypes.INTEGER, primaryKey: true, autoIncrement: true };
const required = (type: unknown) => ({ type: type as typeof DataTypes.STRING, allowNull: false });

/** Jobs with their readings and their changes. */
export const first = {
  name: '001-jobs',
  async up({ context: tables }: { context: Tables }): Promise<void> {
    await tables.createTable('jobs', {
      id: { type: DataTypes.STRING, primaryKey: true },
      number: { type: DataTypes.INTEGER, allowNull: false, unique: true },
      title: required(DataTypes.STRING),
      car: required(DataTypes.STRING),
      document: required(DataTypes.JSON),
      revision: required(DataTypes.INTEGER),
      waits_for: required(DataTypes.STRING),
      archived_at: DataTypes.DATE,
      created_at: required(DataTypes.DATE),
      updated_at: required(DataTypes.DATE),
    });
    await tables.addIndex('jobs', ['archived_at', 'updated_at']);
    await tables.addIndex('jobs', ['archived_at', 'waits_for']);
    await tables.createTable('readings', {
      id,
      job_id: job,
      corner: required(DataTypes.STRING),
      key: required(DataTypes.STRING),
      value: DataTypes.DOUBLE,
      uncertainty_mm: DataTypes.DOUBLE,
      instrument: DataTypes.STRING,
      taken_at: required(DataTypes.DATE),
      revision: required(DataTypes.INTEGER),
      withdrawn: { type: DataTypes.BOOLEAN, allowNull: false, defaultValue: false },
    });
    await tables.addIndex('readings', ['job_id', 'corner', 'key']);
    await tables.createTable('changes', {
      id,
      job_id: job,
      revision: required(DataTypes.INTEGER),
      kind: required(DataTypes.STRING),
      label: required(DataTypes.STRING),
      edits: required(DataTypes.JSON),
      inverse: required(DataTypes.JSON),
      state: required(DataTypes.STRING),
      created_at: required(DataTypes.DATE),
    });
    await tables.addIndex('changes', ['job_id', 'revision'], { unique: true });
  },
  async down({ context: tables }: { context: Tables }): Promise<void> {
    for (const table of ['changes', 'readings', 'jobs']) await tables.dropTable(table);
  },
};
