import { DataTypes } from 'sequelize';
import type { Tables } from './tables';

/** Each order that the bench is shown in, and what it is asked by: found and counted without a look at any row. */
const ORDERS = {
  jobs_by_updated: 'archived_at, updated_at, number',
  jobs_by_number: 'archived_at, number',
  jobs_by_title: 'archived_at, title, number',
  jobs_by_car: 'archived_at, car, number',
  jobs_waiting: 'archived_at, waits_for, updated_at, number',
};
const OLD_INDEXES = ['jobs_archived_at_updated_at', 'jobs_archived_at_waits_for'];

/** What a search goes by; kept by the database itself, whoever writes a job. */
const KEPT = {
  job_words_added: `AFTER INSERT ON jobs BEGIN
    INSERT INTO job_words (rowid, title, car, customer) VALUES (new.number, new.title, new.car, new.customer);
  END`,
  job_words_changed: `AFTER UPDATE OF number, title, car, customer ON jobs
  WHEN (old.number, old.title, old.car, old.customer) IS NOT (new.number, new.title, new.car, new.customer) BEGIN
    DELETE FROM job_words WHERE rowid = old.number;
    INSERT INTO job_words (rowid, title, car, customer) VALUES (new.number, new.title, new.car, new.customer);
  END`,
  job_words_gone: `AFTER DELETE ON jobs BEGIN
    DELETE FROM job_words WHERE rowid = old.number;
  END`,
};

const OF = (field: string) => `json_extract(document, '$.customer.${field}')`;
const PLAIN_PLATE = [' ', '-', '.', '/'].reduce((text, sign) => `replace(${text}, '${sign}', '')`, OF('plate'));
/** What a search finds of a customer, as it was kept before: now with the plate in one word and the ends of the VIN. */
const CUSTOMER = [
  ...['name', 'contact', 'plate'].map(OF),
  `nullif(${PLAIN_PLATE}, ${OF('plate')})`,
  OF('vin'),
  ...[8, 7, 6, 5, 4].map((last) => `CASE WHEN length(${OF('vin')}) > 8 THEN substr(${OF('vin')}, -${last}) END`),
]
  .map((part) => `coalesce(${part} || ' ', '')`)
  .join(' || ');

/** Moves a column behind all others. */
async function moveLast(tables: Tables, column: string, type: string): Promise<void> {
  await tables.rows(`ALTER TABLE jobs ADD COLUMN moved ${type}`);
  await tables.rows(`UPDATE jobs SET moved = ${column}`);
  await tables.rows(`ALTER TABLE jobs DROP COLUMN ${column}`);
  await tables.rows(`ALTER TABLE jobs RENAME COLUMN moved TO ${column}`);
}

/** Lists read no documents: what they show stands before them in the row, and what they ask by stands in indexes. */
export const lists = {
  name: '015-lists',
  async up({ context: tables }: { context: Tables }): Promise<void> {
    await tables.addColumn('jobs', 'setup_count', { type: DataTypes.INTEGER, allowNull: false, defaultValue: 0 });
    await tables.rows(
      `UPDATE jobs SET setup_count = json_array_length(document, '$.setups')
       WHERE json_valid(document) AND json_type(document, '$.setups') = 'array'`,
    );
    await tables.rows(
      `UPDATE jobs SET customer = trim(${CUSTOMER})
       WHERE CASE WHEN json_valid(document) THEN coalesce(${OF('plate')}, ${OF('vin')}) IS NOT NULL END`,
    );
    // A row is read from its beginning: what is long stands last.
    await moveLast(tables, 'fitting_errors', 'JSON');
    await moveLast(tables, 'document', `JSON NOT NULL DEFAULT '{}'`);
    for (const name of OLD_INDEXES) await tables.rows(`DROP INDEX IF EXISTS ${name}`);
    for (const [name, columns] of Object.entries(ORDERS))
      await tables.rows(`CREATE INDEX IF NOT EXISTS ${name} ON jobs (${columns})`);
    await tables.rows(
      `CREATE VIRTUAL TABLE IF NOT EXISTS job_words USING fts5
       (title, car, customer, tokenize = 'unicode61 remove_diacritics 2', prefix = '1 2 3')`,
    );
    await tables.rows('DELETE FROM job_words');
    await tables.rows(
      'INSERT INTO job_words (rowid, title, car, customer) SELECT number, title, car, customer FROM jobs',
    );
    for (const [name, what] of Object.entries(KEPT)) await tables.rows(`CREATE TRIGGER IF NOT EXISTS ${name} ${what}`);
  },
  async down({ context: tables }: { context: Tables }): Promise<void> {
    for (const name of Object.keys(KEPT)) await tables.rows(`DROP TRIGGER ${name}`);
    await tables.rows('DROP TABLE job_words');
    for (const name of Object.keys(ORDERS)) await tables.rows(`DROP INDEX ${name}`);
    await tables.addIndex('jobs', ['archived_at', 'updated_at']);
    await tables.addIndex('jobs', ['archived_at', 'waits_for']);
    await tables.removeColumn('jobs', 'setup_count');
  },
};
