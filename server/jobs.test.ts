import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import fc from 'fast-check';
import { QueryTypes } from 'sequelize';
import type { Edit, Job } from '#core/job';
import { readJobFile, writeJobFile } from '#formats/job';
import { EXAMPLE_TEXT } from '#support/jobs';
import { closeDatabase, database } from './database/connection';
import { saveEdits, stepHistory } from './edits';
import type { SaveResult } from './saved';
import { archiveJob, createJob, duplicateJob, exportJob } from './jobs';
import type { OpenJob } from '#formats/openJob';
import { openJob } from './openJob';
import { allJudged } from './standings';
import { listJobs, type JobListQuery } from './bench';
import { ChangeRow, ReadingRow } from './database/models';

const folder = mkdtempSync(path.join(tmpdir(), 'scoval-test-'));
beforeAll(() => {
  process.env.SCOVAL_DATA = folder;
  process.env.SCOVAL_LOG = 'silent';
});
afterAll(async () => {
  await allJudged();
  await closeDatabase();
  rmSync(folder, { recursive: true });
});

const example = (): Job => readJobFile(EXAMPLE_TEXT).job!;
const gap = (value: unknown): Edit => ({
  op: 'set',
  path: ['vehicle', 'front', 'room', 'outboardGapMm'],
  value,
  taken: { instrument: 'steel-rule', uncertaintyMm: 0.5 },
});
const title = (value: string): Edit => ({ op: 'set', path: ['title'], value });
/** The job as it is after a save that must go through. */
const saved = async (id: string, saving: Promise<SaveResult>): Promise<OpenJob> => {
  const result = await saving;
  if (result.status !== 'saved') throw new Error(`not saved: ${JSON.stringify(result)}`);
  return (await openJob(id))!;
};
const query = (over: Partial<JobListQuery> = {}): JobListQuery => ({
  search: '',
  waitsFor: null,
  archived: false,
  sort: 'number',
  descending: false,
  page: 1,
  ...over,
});

describe('a job in and out', () => {
  test('import and export give the same file', async () => {
    const id = await createJob(example());
    expect(writeJobFile((await exportJob(id))!.job)).toBe(writeJobFile(example()));
  });
  test('readings keep their instrument, uncertainty and history through a file', async () => {
    const id = await createJob(example());
    await saved(id, saveEdits(id, 1, [gap(15)]));
    await saved(id, saveEdits(id, 2, [gap(16)]));
    const file = writeJobFile((await exportJob(id))!.job);
    const back = await createJob(readJobFile(file).job!);
    const history = async (of: string) => (await openJob(of))!.readings.map(({ id: _, ...reading }) => reading);
    expect(await history(back)).toEqual(await history(id));
    expect(writeJobFile((await exportJob(back))!.job)).toBe(file);
    expect((await openJob(id))!.readings.map(({ value, instrument }) => [value, instrument])).toEqual([
      [15, 'steel-rule'],
      [16, 'steel-rule'],
    ]);
  });
  test('numbers run on; a copy is its own job', async () => {
    const first = await createJob(example());
    const copy = (await duplicateJob(first))!;
    const [one, two] = [(await openJob(first))!, (await openJob(copy))!];
    expect(Number(two.number.slice(3))).toBe(Number(one.number.slice(3)) + 1);
    await saved(copy, saveEdits(copy, 1, [title('changed')]));
    expect((await openJob(first))!.job.title).toBe(example().title);
    expect(await duplicateJob('nobody')).toBeNull();
  });
});

describe('two who write', () => {
  test('the second is refused, told what changed and whether it meets, and nothing is lost', async () => {
    const id = await createJob(example());
    await saved(id, saveEdits(id, 1, [gap(12), title('theirs')]));
    const refused = await saveEdits(id, 1, [gap(11)]);
    if (refused.status !== 'conflict') throw new Error('expected a conflict');
    expect(refused.open.revision).toBe(2);
    expect(refused.changes).toHaveLength(1);
    expect(refused.changes[0]).toMatchObject({ meets: true, label: 'front · tuck, job title' });
    expect(refused.changes[0]!.inverse).toContainEqual({
      op: 'set',
      path: ['vehicle', 'front', 'room', 'outboardGapMm'],
      value: 14,
    });
    expect((await openJob(id))!.job.vehicle.front!.room!.outboardGapMm).toBe(12);
    const elsewhere = await saveEdits(id, 1, [{ op: 'set', path: ['brief', 'notes'], value: 'x' }]);
    expect(elsewhere).toMatchObject({ status: 'conflict', changes: [{ meets: false }] });
    // Put on top on purpose, it goes through.
    const { job } = await saved(id, saveEdits(id, 2, [gap(11)]));
    expect(job.vehicle.front!.room!.outboardGapMm).toBe(11);
  });
  test('many at once: one wins each revision, all others are told', async () => {
    const id = await createJob(example());
    const results = await Promise.all(Array.from({ length: 8 }, (_, n) => saveEdits(id, 1, [title(`writer ${n}`)])));
    expect(results.filter(({ status }) => status === 'saved')).toHaveLength(1);
    expect(results.filter(({ status }) => status === 'conflict')).toHaveLength(7);
    expect((await openJob(id))!.revision).toBe(2);
  });
  test('a write that fails half way leaves nothing behind', async () => {
    const id = await createJob(example());
    const spy = jest.spyOn(ReadingRow, 'bulkCreate').mockRejectedValueOnce(new Error('disk full'));
    await expect(saveEdits(id, 1, [gap(9), title('half')])).rejects.toThrow('disk full');
    spy.mockRestore();
    const open = (await openJob(id))!;
    expect([open.revision, open.job.title, open.undo]).toEqual([1, example().title, null]);
    expect(await ChangeRow.count({ where: { jobId: id } })).toBe(0);
  });
});

describe('what does not belong', () => {
  test.each([
    [gap('fifteen'), 'vehicle.front.room.outboardGapMm: must be a number'],
    [gap(5000), 'must be between'],
    [{ op: 'set', path: ['vehicle', 'front', 'wings'], value: 2 } as Edit, 'is not a known field'],
    [{ op: 'set', path: ['setups', 'zz', 'label'], value: 'x' } as Edit, 'no longer exists'],
  ])('%j is refused with its place, and nothing is written', async (edit, message) => {
    const id = await createJob(example());
    const result = await saveEdits(id, 1, [title('before'), edit]);
    if (result.status !== 'invalid') throw new Error('expected a refusal');
    expect(result.faults.map(({ path: at, message: what }) => `${at}: ${what}`).join()).toContain(message);
    expect((await openJob(id))!.job.title).toBe(example().title);
  });
  test('a large job, checked by a thread, is saved and refused like any other', async () => {
    const [setup] = example().setups;
    const setups = Array.from({ length: 110 }, (_, n) => ({ ...setup!, id: `s${n}`, label: 'long '.repeat(20) }));
    const large = { ...example(), setups };
    expect(JSON.stringify(large).length).toBeGreaterThan(60_000);
    const id = await createJob(large);
    const refused = await saveEdits(id, 1, [gap(5000)]);
    expect(refused).toMatchObject({ status: 'invalid', faults: [{ path: 'vehicle.front.room.outboardGapMm' }] });
    expect((await saved(id, saveEdits(id, 1, [gap(11)]))).job.vehicle.front!.room!.outboardGapMm).toBe(11);
  });
  test('a job that is not there', async () => {
    expect(await saveEdits('nobody', 1, [title('x')])).toEqual({ status: 'gone' });
    expect(await openJob('nobody')).toBeNull();
    expect(await exportJob('nobody')).toBeNull();
    expect(await archiveJob('nobody', true)).toBe(false);
  });
});

describe('undo and redo', () => {
  test('step through all changes, back to the first and forth to the last', async () => {
    const id = await createJob(example());
    const edits: Edit[][] = [
      [gap(15)],
      [{ op: 'remove-setup', id: 'a' }],
      [{ op: 'add-setup', setup: { id: 'n' }, after: null }, title('third')],
      [{ op: 'clear', path: ['brief'] }],
    ];
    const stages = [example()];
    let open = (await openJob(id))!;
    for (const some of edits) stages.push((open = await saved(id, saveEdits(id, open.revision, some))).job);
    for (let n = edits.length - 1; n >= 0; n--) {
      open = await saved(id, stepHistory(id, open.revision, 'undo'));
      expect(open.job).toEqual(stages[n]);
    }
    expect(open.undo).toBeNull();
    expect(await stepHistory(id, open.revision, 'undo')).toEqual({ status: 'nothing' });
    for (let n = 1; n <= edits.length; n++) {
      open = await saved(id, stepHistory(id, open.revision, 'redo'));
      expect(open.job).toEqual(stages[n]);
    }
    expect(open.redo).toBeNull();
    expect(open.revision).toBe(1 + 3 * edits.length);
  });
  test('an undone reading is kept, marked as taken back; a redo counts it again', async () => {
    const id = await createJob(example());
    let open = await saved(id, saveEdits(id, 1, [gap(15)]));
    open = await saved(id, stepHistory(id, open.revision, 'undo'));
    expect(open.readings).toMatchObject([{ value: 15, withdrawn: true }]);
    open = await saved(id, stepHistory(id, open.revision, 'redo'));
    expect(open.readings[0]!.withdrawn).toBeUndefined();
  });
  test('a new change ends what could be redone', async () => {
    const id = await createJob(example());
    let open = await saved(id, saveEdits(id, 1, [title('one')]));
    open = await saved(id, stepHistory(id, open.revision, 'undo'));
    expect(open.redo).toBe('job title');
    open = await saved(id, saveEdits(id, open.revision, [gap(13)]));
    expect([open.undo, open.redo]).toEqual(['front · tuck', null]);
  });
  test('an undo on an old revision is a conflict, not a surprise', async () => {
    const id = await createJob(example());
    await saved(id, saveEdits(id, 1, [title('one')]));
    expect(await stepHistory(id, 1, 'undo')).toMatchObject({ status: 'conflict' });
  });
});

describe('the bench', () => {
  test('searches, filters, sorts, pages and puts away', async () => {
    const odd = { ...example(), title: '100 % odd_title', vehicle: { label: 'Velder Two' }, setups: [{ id: 'a' }] };
    const id = await createJob(odd);
    const found = async (over: Partial<JobListQuery>) => (await listJobs(query(over))).jobs.map((job) => job.id);
    const { number } = (await openJob(id))!;
    for (const search of ['velder', 'TWO odd', '100 %', 'odd_t', number, String(Number(number.slice(3)))])
      expect([search, await found({ search })]).toEqual([search, expect.arrayContaining([id])]);
    expect(await found({ search: 'oddxtitle' })).toEqual([]);
    expect(await found({ search: "'; drop table jobs; --" })).toEqual([]);
    expect(await found({ waitsFor: 'readings' })).toEqual([id]);
    const { jobs, total } = await listJobs(query({ sort: 'car', descending: true }));
    expect(jobs[0]!.id).toBe(id);
    expect(total).toBe(jobs.length);
    expect((await listJobs(query({ page: 99 }))).jobs).toEqual([]);
    await archiveJob(id, true);
    expect(await found({ search: 'velder' })).toEqual([]);
    expect(await found({ archived: true })).toEqual([id]);
    await archiveJob(id, false);
    expect(await found({ search: 'velder' })).toEqual([id]);
  });
  test('readings come as they were kept, to the last digit of a number (IEEE 754), those without one too', async () => {
    const id = await createJob(example());
    const numbers = fc.sample(fc.double({ noDefaultInfinity: true, noNaN: true }), { numRuns: 2000, seed: 7 });
    const values = [null, 0.1 + 0.2, 2 / 3, 63.5, Number.MAX_VALUE, Number.MIN_VALUE, ...numbers];
    const reading = { jobId: id, corner: 'rear', key: 'room.outboardGapMm', instrument: null, revision: 1 };
    const takenAt = new Date('2026-03-12T08:40:00.007Z');
    await ReadingRow.bulkCreate(values.map((value) => ({ ...reading, takenAt, value, uncertaintyMm: value })));
    const kept = (await openJob(id))!.readings.filter(({ corner }) => corner === 'rear');
    // SQLite keeps no sign of zero.
    expect(kept.map(({ value }) => value)).toEqual(values.map((value) => (value === 0 ? 0 : value)));
    expect(kept.map(({ uncertaintyMm }) => uncertaintyMm)).toEqual(kept.map(({ value }) => value));
    expect(new Set(kept.map((one) => one.takenAt))).toEqual(new Set([takenAt.toISOString()]));
  });
  test('a reading whose instrument is damaged on the disk is a damaged record, as any other part of it', async () => {
    const id = await createJob(example());
    await saved(id, saveEdits(id, 1, [gap(31)]));
    await (
      await database()
    ).query(`UPDATE readings SET shop_instrument = '{"cut' WHERE job_id = ?`, { replacements: [id] });
    await expect(openJob(id)).rejects.toThrow(SyntaxError);
  });
  test('the database runs in WAL with foreign keys', async () => {
    const sequelize = await database();
    const pragma = async (name: string) => (await sequelize.query(`PRAGMA ${name}`, { type: QueryTypes.SELECT }))[0];
    expect(await pragma('journal_mode')).toEqual({ journal_mode: 'wal' });
    expect(await pragma('foreign_keys')).toEqual({ foreign_keys: 1 });
  });
});
