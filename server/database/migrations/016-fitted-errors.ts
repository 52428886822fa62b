import type { Tables } from './tables';

const COLUMNS = [
  'job_id TEXT NOT NULL',
  'fitting TEXT NOT NULL',
  'corner TEXT NOT NULL',
  'figure TEXT NOT NULL',
  'family TEXT NOT NULL',
  'predicted REAL NOT NULL',
  'measured REAL NOT NULL',
  'at TEXT NOT NULL',
  'error REAL NOT NULL',
  'plus_minus REAL NOT NULL',
  'measuring_plus_minus REAL NOT NULL',
];
const NAMES = COLUMNS.map((column) => column.split(' ')[0]!);

/** As each error stood in the list that a job kept. */
const KEPT = [
  'jobs.id',
  ...['fitting', 'corner', 'figure', 'family', 'predicted', 'measured', 'at', 'error', 'plusMinus'],
  'measuringPlusMinus',
].map((name) => (name.startsWith('jobs.') ? name : `json_extract(one.value, '$.${name}')`));

/** Errors of a job that has changed, or is gone, count no more: it is compared anew, whoever has written it. */
const DROPPED = {
  fitted_errors_moved_on: `AFTER UPDATE OF compared_fittings ON jobs WHEN new.compared_fittings IS NULL BEGIN
    DELETE FROM fitted_errors WHERE job_id = new.id;
  END`,
  fitted_errors_gone: `AFTER DELETE ON jobs BEGIN
    DELETE FROM fitted_errors WHERE job_id = old.id;
  END`,
};

/** Counts every error that comes or goes: what was added up of them holds as long as this stands still. */
const COUNTED = Object.fromEntries(
  ['INSERT', 'DELETE'].map((what) => [
    `fitted_errors_after_${what.toLowerCase()}`,
    `AFTER ${what} ON fitted_errors BEGIN UPDATE fitted_errors_moves SET moves = moves + 1; END`,
  ]),
);
const TRIGGERS = { ...DROPPED, ...COUNTED };

/** How far off the shop was, error by error: added up and listed without a look at any job. */
export const fittedErrors = {
  name: '016-fitted-errors',
  async up({ context: tables }: { context: Tables }): Promise<void> {
    await tables.rows(`CREATE TABLE IF NOT EXISTS fitted_errors (${COLUMNS.join(', ')})`);
    await tables.rows('CREATE INDEX IF NOT EXISTS fitted_errors_of_job ON fitted_errors (job_id)');
    await tables.rows('CREATE INDEX IF NOT EXISTS fitted_errors_in_time ON fitted_errors (family, at)');
    await tables.rows(
      `CREATE INDEX IF NOT EXISTS fitted_errors_sums
       ON fitted_errors (family, error, plus_minus, measuring_plus_minus)`,
    );
    await tables.rows('CREATE TABLE IF NOT EXISTS fitted_errors_moves (moves INTEGER NOT NULL)');
    await tables.rows('INSERT INTO fitted_errors_moves SELECT 0 WHERE NOT EXISTS (SELECT 1 FROM fitted_errors_moves)');
    const columns = await tables.rows<{ name: string }>('PRAGMA table_info(jobs)');
    const has = (name: string) => columns.some((column) => column.name === name);
    if (!has('compared_fittings')) await tables.rows('ALTER TABLE jobs ADD COLUMN compared_fittings INTEGER');
    if (has('fitting_errors')) {
      await tables.rows('DELETE FROM fitted_errors');
      const list = `CASE WHEN json_valid(jobs.fitting_errors) THEN jobs.fitting_errors ELSE '{}' END`;
      const isList = `json_type(${list}) = 'array'`;
      await tables.rows(
        `INSERT OR IGNORE INTO fitted_errors (${NAMES.join(', ')})
         SELECT ${KEPT.join(', ')} FROM jobs, json_each(${list}) AS one WHERE ${isList}`,
      );
      await tables.rows(
        `UPDATE jobs SET compared_fittings =
         (SELECT count(DISTINCT fitting) FROM fitted_errors WHERE job_id = jobs.id)
         WHERE ${isList} AND json_array_length(${list}) =
           (SELECT count(*) FROM fitted_errors WHERE job_id = jobs.id)`,
      );
      // A list that is not whole is no list: its job is compared anew.
      await tables.rows(
        'DELETE FROM fitted_errors WHERE job_id IN (SELECT id FROM jobs WHERE compared_fittings IS NULL)',
      );
      await tables.rows('ALTER TABLE jobs DROP COLUMN fitting_errors');
      // A row is read from its beginning: what is long stands last.
      await tables.rows(`ALTER TABLE jobs ADD COLUMN moved JSON NOT NULL DEFAULT '{}'`);
      await tables.rows('UPDATE jobs SET moved = document');
      await tables.rows('ALTER TABLE jobs DROP COLUMN document');
      await tables.rows('ALTER TABLE jobs RENAME COLUMN moved TO document');
    }
    await tables.rows('CREATE INDEX IF NOT EXISTS jobs_compared ON jobs (is_fitted, compared_fittings, number)');
    for (const [name, what] of Object.entries(TRIGGERS))
      await tables.rows(`CREATE TRIGGER IF NOT EXISTS ${name} ${what}`);
  },
  async down({ context: tables }: { context: Tables }): Promise<void> {
    for (const name of Object.keys(TRIGGERS)) await tables.rows(`DROP TRIGGER ${name}`);
    await tables.rows('DROP INDEX jobs_compared');
    await tables.rows('DROP TABLE fitted_errors');
    await tables.rows('DROP TABLE fitted_errors_moves');
    await tables.rows('ALTER TABLE jobs DROP COLUMN compared_fittings');
    await tables.rows('ALTER TABLE jobs ADD COLUMN fitting_errors JSON');
  },
};
