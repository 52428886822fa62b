import { DataTypes, Transaction, type Sequelize } from 'sequelize';
import { StartFault } from '../base/startFault';
import { migrations } from './migrations';
import { tablesIn } from './migrations/tables';

const NOTES = 'migrations';

/**
 * Brings a database up to date, each migration with its note in one transaction: a kill at any time leaves the state
 * before it or behind it.
 * @param before called once, where there is something to do to a database that holds something
 * @throws StartFault where the database was made by a newer Scoval
 */
export async function migrate(sequelize: Sequelize, before: (from: string) => Promise<void>): Promise<string[]> {
  const tables = sequelize.getQueryInterface();
  await tables.createTable(NOTES, {
    name: { type: DataTypes.STRING, allowNull: false, unique: true, primaryKey: true },
  });
  const [rows] = await sequelize.query(`SELECT name FROM ${NOTES} ORDER BY name`);
  const done = (rows as { name: string }[]).map(({ name }) => name);
  const newer = done.find((name) => !migrations.some((one) => one.name === name));
  if (newer !== undefined)
    throw new StartFault(`the database was made by a newer Scoval (${newer}): start that one, or restore a backup`);
  const last = done.at(-1);
  if (last !== undefined && done.length < migrations.length) await before(last);
  if (done.length === migrations.length) return [];
  const { Umzug } = await import('umzug');
  const umzug = new Umzug({
    migrations: migrations.map(({ name, up }) => ({
      name,
      up: () =>
        sequelize.transaction({ type: Transaction.TYPES.IMMEDIATE }, async (transaction) => {
          await up({ context: tablesIn(tables, transaction) });
          await sequelize.query(`INSERT INTO ${NOTES} (name) VALUES (?)`, { replacements: [name], transaction });
        }),
    })),
    // The note is written with the change it stands for.
    storage: { executed: async () => done, logMigration: async () => {}, unlogMigration: async () => {} },
    logger: undefined,
  });
  return (await umzug.up()).map(({ name }) => name);
}
