import { mkdirSync } from 'node:fs';
import path from 'node:path';
import { Sequelize, Transaction } from 'sequelize';
import { SequelizeStorage, Umzug } from 'umzug';
import { log } from './log';
import { migrations } from './migrations';
import { defineModels } from './models';

/** The folder that holds all data: SCOVAL_DATA, or `data` in the folder the server was started in. */
export const dataFolder = (): string => path.resolve(process.env.SCOVAL_DATA ?? 'data');

let opened: Promise<Sequelize> | undefined;

/** The database, opened and migrated once. */
export const database = (): Promise<Sequelize> => (opened ??= openDatabase(path.join(dataFolder(), 'scoval.sqlite')));

/** Closes the database; the next use opens it again. */
export async function closeDatabase(): Promise<void> {
  const closing = opened;
  opened = undefined;
  await (await closing)?.close();
}

let lastWrite: Promise<unknown> = Promise.resolve();

/**
 * Runs a write as one transaction: all of it or nothing. Writes of this process follow one another, so that none of
 * them fails because another one holds the file; the lock is taken at once, not in the middle.
 */
export function write<T>(work: (transaction: Transaction) => Promise<T>): Promise<T> {
  const result = lastWrite.then(async () => {
    const sequelize = await database();
    return sequelize.transaction({ type: Transaction.TYPES.IMMEDIATE }, work);
  });
  lastWrite = result.catch(() => undefined);
  return result;
}

/** Runs a read that takes several queries on one state of the database. */
export async function read<T>(work: (transaction: Transaction) => Promise<T>): Promise<T> {
  const sequelize = await database();
  return sequelize.transaction({ type: Transaction.TYPES.DEFERRED }, work);
}

async function openDatabase(file: string): Promise<Sequelize> {
  mkdirSync(path.dirname(file), { recursive: true });
  const sequelize = new Sequelize({
    dialect: 'sqlite',
    storage: file,
    logging: (sql) => log.trace(sql),
  });
  // Kept in the file itself: readers never wait for a writer.
  await sequelize.query('PRAGMA journal_mode = WAL');
  defineModels(sequelize);
  const umzug = new Umzug({
    migrations,
    context: sequelize.getQueryInterface(),
    storage: new SequelizeStorage({ sequelize, tableName: 'migrations' }),
    logger: undefined,
  });
  const made = await umzug.up();
  if (made.length > 0) log.info({ migrations: made.map(({ name }) => name) }, 'database migrated');
  return sequelize;
}
