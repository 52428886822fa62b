import { existsSync, mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { QueryTypes, Sequelize, type Model, type ModelStatic } from 'sequelize';
import { example } from '#support/jobs';
import { dataFolder } from '../base/folder';
import { closeDatabase, database, read, write } from './connection';
import { saveEdits } from '../edits';
import { createJob } from '../jobs';
import { openJob } from '../openJob';
import { first } from './migrations/001-jobs';
import { lists } from './migrations/015-lists';
import { fittedErrors } from './migrations/016-fitted-errors';
import { tablesIn, type Tables } from './migrations/tables';
import { ChangeRow, FittedErrorRow, JobRow, ReadingRow } from './models';

const folder = mkdtempSync(path.join(tmpdir(), 'scoval-db-'));
beforeAll(() => {
  process.env.SCOVAL_DATA = path.join(folder, 'made', 'when missing');
  process.env.SCOVAL_LOG = 'silent';
});
afterAll(async () => {
  await closeDatabase();
  rmSync(folder, { recursive: true });
});

test('the data folder is made when it is missing, and everything lies in it', async () => {
  await database();
  expect(dataFolder()).toBe(path.join(folder, 'made', 'when missing'));
  expect(existsSync(path.join(dataFolder(), 'scoval.sqlite'))).toBe(true);
});

test('what was written is there after the database was closed and opened again', async () => {
  const id = await createJob(example());
  await closeDatabase();
  expect((await openJob(id))!.job).toEqual(example());
});

test('migrations run once: opening again changes nothing', async () => {
  const names = async () => (await database()).query('SELECT name FROM migrations', { type: QueryTypes.SELECT });
  const made = [
    { name: '001-jobs' },
    { name: '002-stores' },
    { name: '003-standing' },
    { name: '004-house' },
    { name: '005-rules' },
    { name: '006-doors' },
    { name: '007-shelf-order' },
    { name: '008-history-order' },
    { name: '009-fittings' },
    { name: '010-fitting-errors' },
    { name: '011-customers' },
    { name: '012-price-lists' },
    { name: '013-stock' },
    { name: '014-instruments' },
    { name: '015-lists' },
    { name: '016-fitted-errors' },
  ];
  expect(await names()).toEqual(made);
  await closeDatabase();
  expect(await names()).toEqual(made);
});

test('the first migration goes both ways', async () => {
  const memory = new Sequelize({ dialect: 'sqlite', storage: ':memory:', logging: false });
  const all = memory.getQueryInterface();
  const step = (work: (context: Tables) => Promise<void>) =>
    memory.transaction((transaction) => work(tablesIn(all, transaction)));
  const tables = async () => (await all.showAllTables()).sort();
  await step((context) => first.up({ context }));
  expect(await tables()).toEqual(['changes', 'jobs', 'readings']);
  await step((context) => first.down({ context }));
  expect(await tables()).toEqual([]);
  await step((context) => first.up({ context }));
  await memory.close();
});

test('what a search finds of customers is kept anew where an older database comes up to date', async () => {
  const customer = { name: 'Ada Holt', plate: 'AB-12 CD', vin: 'XX0KT26W000012345' };
  const id = await createJob({ ...example(), customer });
  const kept = await JobRow.findByPk(id);
  const all = (await database()).getQueryInterface();
  const step = (work: (context: Tables) => Promise<void>) =>
    all.sequelize.transaction((transaction) => work(tablesIn(all, transaction)));
  await step((context) => fittedErrors.down({ context }));
  await step((context) => lists.down({ context }));
  await all.sequelize.query(`UPDATE jobs SET customer = 'Ada Holt AB-12 CD XX0KT26W000012345'`);
  await step((context) => lists.up({ context }));
  await step((context) => fittedErrors.up({ context }));
  const made = await JobRow.findByPk(id);
  expect(made!.toJSON()).toEqual(kept!.toJSON());
  expect(made!.customer).toBe('Ada Holt AB-12 CD AB12CD XX0KT26W000012345 00012345 0012345 012345 12345 2345');
});

test('the tables carry every column that the models use', async () => {
  const tables = (await database()).getQueryInterface();
  for (const model of [JobRow, FittedErrorRow, ReadingRow, ChangeRow] as ModelStatic<Model>[]) {
    const columns = Object.keys(await tables.describeTable(model.getTableName() as string)).sort();
    expect([
      model.name,
      Object.values(model.getAttributes())
        .map(({ field }) => field!)
        .sort(),
    ]).toEqual([model.name, columns]);
  }
});

test('readings and changes go with their job; none can stand without one', async () => {
  const id = await createJob(example());
  await saveEdits(id, 1, [{ op: 'set', path: ['vehicle', 'front', 'room', 'archGapMm'], value: 80 }]);
  const count = async () => [
    await ReadingRow.count({ where: { jobId: id } }),
    await ChangeRow.count({ where: { jobId: id } }),
  ];
  expect(await count()).toEqual([1, 1]);
  await JobRow.destroy({ where: { id } });
  expect(await count()).toEqual([0, 0]);
  await expect(
    ReadingRow.create({
      jobId: 'nobody',
      corner: 'front',
      key: 'x',
      value: 1,
      uncertaintyMm: null,
      instrument: null,
      takenAt: new Date(),
      revision: 1,
    }),
  ).rejects.toThrow(/FOREIGN KEY/);
});

describe('writes', () => {
  test('follow one another in the order they came, also after one that failed', async () => {
    const order: number[] = [];
    const step = (n: number) => write(async () => void order.push(n));
    const results = await Promise.allSettled([
      step(1),
      write(async () => {
        throw new Error('this one fails');
      }),
      step(2),
      step(3),
    ]);
    expect(order).toEqual([1, 2, 3]);
    expect(results.map(({ status }) => status)).toEqual(['fulfilled', 'rejected', 'fulfilled', 'fulfilled']);
  });
  test('are not seen by a read that began before them', async () => {
    const id = await createJob(example());
    const seen = await read(async (transaction) => {
      const before = (await JobRow.findByPk(id, { transaction }))!.revision;
      await saveEdits(id, 1, [{ op: 'set', path: ['title'], value: 'meanwhile' }]);
      return [before, (await JobRow.findByPk(id, { transaction }))!.revision];
    });
    expect(seen).toEqual([1, 1]);
    expect((await openJob(id))!.revision).toBe(2);
  });
});
