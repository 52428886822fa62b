import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { withPlain, type Plain } from '../server/database/plain';
import { run } from '../scripts/lib/run.mjs';
import { serveFolder } from '../scripts/lib/serveFresh';

const JOBS = 10_000;
const YEARS = 20;
const CHANGES_A_JOB = 20;
/** Each reading of the demo, so many times over the years. */
const TIMES_READ = 6;
/** The readings of the job that has most. */
const MOST_READ = 10_000;

/** A data folder with a shop that has been at work for twenty years. */
export interface LargeShop {
  folder: string;
  /** Jobs of one kind, from the latest. */
  jobs: readonly string[];
  /** A job with ten readings, and one with ten thousand; otherwise alike. */
  few: string;
  many: string;
  drop(): void;
}

const FIRST = ['Ada', 'Bo', 'Cora', 'Dirk', 'Edda', 'Finn', 'Gro', 'Hale', 'Ines', 'Jory', 'Kaia', 'Lorn', 'Mila'];
const LAST = ['Holt', 'Quarry', 'Brandt', 'Osk', 'Penrose', 'Tamm', 'Vale', 'Wick', 'Yarrow', 'Zeller', 'Arden'];
const CARS = ['Brindle Kite 1.8 wagon', 'Orrin Haul 4x4', 'Pallas Tender 4.6 van', 'Velder Two coupé', 'Marl Dart 2.0'];
const WORK = ['Tarmac set', 'Winter wheels', 'Spacers for the rear', 'Wider wheels', 'Gravel tires', 'Brake upgrade'];

/** One word of a list by a row's number, the same in every run. */
const pick = (words: readonly string[], every: number): string =>
  `CASE (n / ${every}) % ${words.length} ${words.map((word, at) => `WHEN ${at} THEN '${word}'`).join(' ')} END`;

/** As the rows keep their dates: `ago` is an SQL expression of hours before a day that never changes. */
const dateAgo = (ago: string): string =>
  `strftime('%Y-%m-%d %H:%M:%f +00:00', '2026-11-01 12:00:00', '-' || (${ago}) || ' hours')`;

const COUNT = (to: number): string =>
  `WITH RECURSIVE counted(n) AS (SELECT 1 UNION ALL SELECT n + 1 FROM counted WHERE n < ${to})`;

/** Copies the rows of the demo, judged as they are, until the shop is large. */
async function multiply(open: Plain): Promise<void> {
  const columns = (await open.all<{ name: string }>('PRAGMA table_info(jobs)')).map(({ name }) => name);
  const [demo] = await open.all<{ jobs: number; last: number }>(
    'SELECT count(*) AS jobs, max(number) AS last FROM jobs',
  );
  const car = `${pick(CARS, 1)} || ' ' || (1990 + n % 36)`;
  const customer = `${pick(FIRST, 1)} || ' ' || ${pick(LAST, 13)} || printf(' KT %04d XX0KT26W%09d', n, n * 7919)`;
  const of: Record<string, string> = {
    id: `printf('b%09d', n)`,
    number: `${demo!.last} + n`,
    title: `${pick(WORK, 5)} || ' ' || n`,
    car,
    customer,
    document: `json_set(document, '$.vehicle.label', ${car}, '$.title', ${pick(WORK, 5)} || ' ' || n)`,
    created_at: dateAgo(`n * ${(YEARS * 8766) / JOBS}`),
    updated_at: dateAgo(`n * ${(YEARS * 8766) / JOBS}`),
  };
  const source = `(SELECT row_number() OVER (ORDER BY number) - 1 AS place, * FROM jobs)`;
  await open.run('BEGIN');
  await open.run(
    `${COUNT(JOBS - demo!.jobs)} INSERT INTO jobs (${columns.join(', ')})
     SELECT ${columns.map((name) => of[name] ?? name).join(', ')}
     FROM counted JOIN ${source} ON place = n % ${demo!.jobs}`,
  );
  const read = `corner, key, uncertainty_mm, instrument, withdrawn, value`;
  const fromDemo = `readings JOIN (SELECT row_number() OVER (ORDER BY number) - 1 AS place, id AS known FROM jobs
     WHERE number <= ${demo!.last}) ON known = job_id`;
  await open.run(`CREATE TEMP TABLE read AS SELECT place, ${read} FROM ${fromDemo}`);
  await open.run(
    `${COUNT(JOBS - demo!.jobs)}, times(t) AS (SELECT 1 UNION ALL SELECT t + 1 FROM times WHERE t < ${TIMES_READ})
     INSERT INTO readings (job_id, ${read}, taken_at, revision)
     SELECT printf('b%09d', n), ${read}, ${dateAgo(`n * ${(YEARS * 8766) / JOBS} + t`)}, t
     FROM counted JOIN times JOIN read ON place = n % ${demo!.jobs}`,
  );
  const edit = `json_array(json_object('op', 'set', 'path', json_array('title'), 'value', 'was ' || t))`;
  await open.run(
    `${COUNT(JOBS - demo!.jobs)}, times(t) AS (SELECT 1 UNION ALL SELECT t + 1 FROM times WHERE t < ${CHANGES_A_JOB})
     INSERT INTO changes (job_id, revision, kind, label, edits, inverse, state, created_at)
     SELECT printf('b%09d', n), t + 1, 'edit', 'title', ${edit}, ${edit}, 'done', ${dateAgo(`n + t`)}
     FROM counted JOIN times`,
  );
  await open.run(`UPDATE jobs SET revision = ${CHANGES_A_JOB} + 1 WHERE number > ${demo!.last}`);
  const shown = 'fitting, corner, figure, family, predicted, measured, error, plus_minus, measuring_plus_minus';
  await open.run(
    `${COUNT(JOBS - demo!.jobs)} INSERT INTO fitted_errors (job_id, ${shown}, at)
     SELECT printf('b%09d', n), ${shown}, ${dateAgo(`n * ${(YEARS * 8766) / JOBS}`)}
     FROM counted JOIN (SELECT row_number() OVER (ORDER BY number) - 1 AS place, id AS known FROM jobs
       WHERE number <= ${demo!.last}) ON place = n % ${demo!.jobs} JOIN fitted_errors ON job_id = known`,
  );
  await open.run(`DELETE FROM readings WHERE job_id IN (${quoted(FEW)}, ${quoted(MANY)})`);
  for (const [id, count] of [
    [FEW, 10],
    [MANY, MOST_READ],
  ] as const)
    await open.run(
      `${COUNT(count)} INSERT INTO readings (job_id, ${read}, taken_at, revision)
       SELECT ${quoted(id)}, 'front', 'room.archGapMm', 2, 'steel-rule', 0, 60 + n % 7, ${dateAgo('n')}, 2
       FROM counted`,
    );
  await open.run('COMMIT');
}

const quoted = (text: string): string => `'${text}'`;
const jobId = (n: number): string => `b${String(n).padStart(9, '0')}`;
/** Copies of one car of the demo: alike but for their readings. */
const FEW = jobId(4);
const MANY = jobId(8);

/** Makes such a shop out of the demo, every job of it judged. */
export async function makeLargeShop(): Promise<LargeShop> {
  const folder = mkdtempSync(path.join(tmpdir(), 'scoval-shop-'));
  await run('npx', ['tsx', 'server/commands/loadDemo.ts'], { SCOVAL_DATA: folder });
  const demo = await serveFolder(folder);
  try {
    const judging = async () => (await (await fetch(`${demo.address}/`)).text()).includes('checking …');
    while (await judging()) await new Promise((resolve) => setTimeout(resolve, 100));
    await (await fetch(`${demo.address}/how-far-off`)).text();
  } finally {
    await demo.stop();
  }
  await withPlain(path.join(folder, 'scoval.sqlite'), 'must', multiply);
  return {
    folder,
    jobs: Array.from({ length: 100 }, (_, n) => jobId(n + 10)),
    few: FEW,
    many: MANY,
    drop: () => rmSync(folder, { recursive: true, force: true }),
  };
}
