import { QueryTypes, Transaction, type Sequelize } from 'sequelize';
import { dataFolder } from '../base/folder';
import { closeWhole } from './closing';
import { openDatabase } from './opening';

let opened: Promise<Sequelize> | undefined;

/** The database, opened and brought up to date once; an opening that failed is tried again by the next who asks. */
export function database(): Promise<Sequelize> {
  if (opened) return opened;
  const opening = openDatabase(dataFolder());
  opened = opening;
  opening.catch(() => {
    if (opened === opening) opened = undefined;
  });
  return opening;
}

/** Closes the database, behind the writes that wait; the next use opens it again. */
export async function closeDatabase(): Promise<void> {
  await lastWrite;
  const closing = opened;
  opened = undefined;
  const sequelize = await closing?.catch(() => undefined);
  if (sequelize) await closeWhole(sequelize);
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

/**
 * The rows of one statement, as the file keeps them; it sees one state of the database. What is asked for with every
 * page is asked so: a read in several opens a connection of its own, and takes ten times as long.
 */
export async function rowsOf<Row extends object>(
  sql: string,
  bind: readonly unknown[] = [],
  transaction?: Transaction,
): Promise<Row[]> {
  const sequelize = await database();
  return sequelize.query<Row>(sql, {
    bind: [...bind],
    type: QueryTypes.SELECT,
    ...(transaction ? { transaction } : {}),
  });
}

/** Collects what is bound to a statement: a value is told by what stands for it there. */
export function bound(): { values: unknown[]; bind: Bind } {
  const values: unknown[] = [];
  return { values, bind: (value) => `$${values.push(value)}` };
}

export type Bind = (value: unknown) => string;

/** Runs a read that takes several queries on one state of the database. */
export async function read<T>(work: (transaction: Transaction) => Promise<T>): Promise<T> {
  const sequelize = await database();
  return sequelize.transaction({ type: Transaction.TYPES.DEFERRED }, work);
}
