import { mkdirSync } from 'node:fs';
import path from 'node:path';
import { promisify } from 'node:util';
import { Sequelize, Transaction } from 'sequelize';
import type sqlite3 from 'sqlite3';
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

async function openDatabase(file: string): Promise<Sequelize> {
  mkdirSync(path.dirname(file), { recursive: true });
  const sequelize = new Sequelize({
    dialect: 'sqlite',
    storage: file,
    logging: (sql) => log.trace(sql),
    // Writers queue at the start of a transaction instead of failing in the middle of one.
    transactionType: Transaction.TYPES.IMMEDIATE,
  });
  sequelize.addHook('afterConnect', async (connection: unknown) => {
    const sqlite = connection as sqlite3.Database;
    sqlite.configure('busyTimeout', 5000);
    const run = promisify(sqlite.exec.bind(sqlite));
    await run('PRAGMA journal_mode = WAL; PRAGMA synchronous = NORMAL; PRAGMA foreign_keys = ON;');
  });
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
