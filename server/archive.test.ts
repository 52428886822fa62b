import { strToU8, unzipSync, zipSync } from 'fflate';
import { mkdtempSync, readdirSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { setTimeout } from 'node:timers/promises';
import type { Archive } from '#formats/archive';
import { faultLine } from '#formats/faults';
import { freshDatabase } from '#support/freshDatabase';
import { example } from '#support/jobs';
import { takeInArchive } from './archive';
import { archiveZip } from './archiveZip';
import { databaseFile, isPassing } from './base/folder';
import { closeDatabase, database } from './database/connection';
import { ChangeRow, JobRow, ReadingRow } from './database/models';
import { saveEdits, stepHistory } from './edits';
import { archiveJob, createJob } from './jobs';
import { openJob } from './openJob';
import { importItems } from './shelf';
import { setShopDefaults } from './shopDefaults';
import { archiveFile } from './work/archiveFile';

freshDatabase();

const gap = (value: number) => [
  {
    op: 'set' as const,
    path: ['vehicle', 'front', 'room', 'archGapMm'],
    value,
    taken: { instrument: 'caliper' as const, uncertaintyMm: 0.1 },
  },
];

/** A shop with three jobs, one put away, one in the midst of its undo; a shelf; terms of its own. */
async function shop(): Promise<void> {
  const [one, , three] = [await createJob(example()), await createJob(example()), await createJob(example())];
  await saveEdits(one, 1, gap(61.3));
  await saveEdits(one, 2, gap(0.1 + 0.2));
  await stepHistory(one, 3, 'undo');
  await archiveJob(three, true);
  await importItems([{ kind: 'spacer', name: '5 mm', maker: 'Ostrik', thicknessMm: 5 }]);
  await setShopDefaults(['limits', 'inboardMm'], 9);
}

/** The same on another machine. */
async function elsewhere<T>(work: () => Promise<T>): Promise<T> {
  await closeDatabase();
  const [here, there] = [process.env.SCOVAL_DATA!, mkdtempSync(path.join(tmpdir(), 'scoval-elsewhere-'))];
  process.env.SCOVAL_DATA = there;
  try {
    return await work();
  } finally {
    await closeDatabase();
    process.env.SCOVAL_DATA = here;
    rmSync(there, { recursive: true });
  }
}

const came = async function* (bytes: Uint8Array) {
  for (let at = 0; at < bytes.length; at += 1000) yield await Promise.resolve(bytes.subarray(at, at + 1000));
};

/** All that a shop sends of itself. */
async function sent(): Promise<Uint8Array> {
  const { zip, bytes } = await archiveZip();
  const all = new Uint8Array(await new Response(zip).arrayBuffer());
  expect(all).toHaveLength(bytes);
  return all;
}
const everything = async (): Promise<Archive> => partsOf(await sent());

/** What an archive holds, as it stands in its files. */
function partsOf(bytes: Uint8Array): Archive {
  const files = unzipSync(bytes);
  const told = <T>(name: string) => JSON.parse(Buffer.from(files[name]!).toString()) as T;
  const jobs = Object.keys(files).filter((name) => name.startsWith('jobs/'));
  return {
    jobs: jobs.map((name) => told<Archive['jobs'][0]>(name)),
    shelf: told('shelf.json'),
    defaults: told('defaults.json'),
  };
}

const said = async (bytes: Uint8Array): Promise<string[]> =>
  ((await takeInArchive(came(bytes))).faults ?? []).map(faultLine);

test('everything goes out and is the same on another machine: numbers, readings, undo, shelf and terms', async () => {
  await shop();
  const bytes = await sent();
  const before = partsOf(bytes);
  await elsewhere(async () => {
    expect((await takeInArchive(came(bytes))).taken).toEqual({ jobs: 3, renumbered: 0, items: 1, keptDefaults: false });
    expect(await everything()).toEqual(before);
    const { jobs } = await everything();
    expect(jobs.map(({ number, archivedAt }) => [number, archivedAt !== null])).toEqual([
      [1, false],
      [2, false],
      [3, true],
    ]);
  });
});
test('what goes out is what the database keeps, to the last digit, of more jobs than it asks for at once', async () => {
  await shop();
  for (let more = 0; more < 42; more += 1) await createJob(example());
  const { jobs } = await everything();
  const rows = await JobRow.findAll({ order: [['number', 'ASC']] });
  expect(jobs.map(({ number }) => number)).toEqual(Array.from({ length: 45 }, (_, at) => at + 1));
  expect(jobs.map(({ document }) => document)).toEqual(rows.map(({ document }) => document));
  expect(jobs.map(({ createdAt, updatedAt }) => [createdAt, updatedAt])).toEqual(
    rows.map(({ createdAt, updatedAt }) => [createdAt.toISOString(), updatedAt.toISOString()]),
  );
  const where = { jobId: rows[0]!.id };
  const readings = await ReadingRow.findAll({ where, order: [['id', 'ASC']] });
  expect(jobs[0]!.readings.map(({ key, value, withdrawn = false }) => [key, value, withdrawn])).toEqual(
    readings.map(({ key, value, withdrawn }) => [key, value, withdrawn]),
  );
  expect(jobs[0]!.readings.at(-1)!.value).toBe(0.1 + 0.2);
  const changes = await ChangeRow.findAll({ where, order: [['revision', 'ASC']] });
  expect(changes.length).toBeGreaterThan(0);
  expect(jobs[0]!.changes).toEqual(
    changes.map(({ revision, kind, label, edits, inverse, state, createdAt }) => ({
      ...{ revision, kind, label, edits, inverse, state },
      createdAt: createdAt.toISOString(),
    })),
  );
});
test('the file that goes out is gone once it is sent, broken off, or could not be made', async () => {
  await shop();
  const left = () => readdirSync(process.env.SCOVAL_DATA!).filter(isPassing);
  /** What never goes runs into the time limit of a test. */
  const gone = async () => {
    while (left().length > 0) await setTimeout(2);
  };
  await sent();
  await gone();
  const { zip } = await archiveZip();
  expect(left()).toHaveLength(1);
  await zip.cancel();
  await gone();
  await (await database()).query("UPDATE jobs SET document = '{' WHERE number = 2");
  await expect(archiveZip()).rejects.toThrow(SyntaxError);
  await gone();
});
test('what the disk says comes out of a thread in words', async () => {
  await shop();
  const beneathAFile = path.join(databaseFile(process.env.SCOVAL_DATA!), 'outgoing.zip');
  expect(await archiveFile(beneathAFile)).toEqual({ fault: 'the data folder is not a folder' });
});
test('it is of one moment: what comes while it is written is in the next', async () => {
  for (let more = 0; more < 45; more += 1) await createJob(example());
  let isWritten = false;
  const coming = async () => {
    while (!isWritten) await createJob(example());
  };
  const writing = sent().finally(() => (isWritten = true));
  const [bytes] = await Promise.all([writing, coming()]);
  const { jobs } = JSON.parse(Buffer.from(unzipSync(bytes)['archive.json']!).toString()) as { jobs: number };
  expect(partsOf(bytes).jobs).toHaveLength(jobs);
  expect(await JobRow.count()).toBeGreaterThan(jobs);
});
test('a file that is too large is heard to its end, told, and not kept', async () => {
  const megabyte = new Uint8Array(1024 * 1024);
  async function* large() {
    for (let at = 0; at < 101; at += 1) yield await Promise.resolve(megabyte);
  }
  expect((await takeInArchive(large())).faults!.map(faultLine)).toEqual(['the archive is larger than 100 MB']);
  expect(readdirSync(process.env.SCOVAL_DATA!).filter(isPassing)).toEqual([]);
});
test('what was undone there is made again here', async () => {
  await shop();
  const bytes = await sent();
  await elsewhere(async () => {
    await takeInArchive(came(bytes));
    const row = (await JobRow.findOne({ where: { number: 1 } }))!;
    const redone = await stepHistory(row.id, row.revision, 'redo');
    expect(redone.status).toBe('saved');
    expect((await openJob(row.id))!.job.vehicle.front!.room!.archGapMm).toBe(0.1 + 0.2);
  });
});
test('beside jobs that are there already it takes free numbers, and the shop keeps its own terms', async () => {
  await shop();
  const bytes = await sent();
  await setShopDefaults(['limits', 'inboardMm'], 7);
  expect((await takeInArchive(came(bytes))).taken).toEqual({ jobs: 3, renumbered: 3, items: 1, keptDefaults: true });
  const { jobs, defaults, shelf } = await everything();
  expect(jobs.map(({ number }) => number)).toEqual([1, 2, 3, 4, 5, 6]);
  expect(defaults.limits).toEqual({ inboardMm: 7 });
  expect(shelf).toHaveLength(1);
});
test('an archive with anything wrong is told by file and place, and nothing of it is taken', async () => {
  await shop();
  const files = unzipSync(await sent());
  const with_ = (name: string, data: unknown) => said(zipSync({ ...files, [name]: strToU8(JSON.stringify(data)) }));
  const job = JSON.parse(Buffer.from(files['jobs/SK-001.json']!).toString()) as Archive['jobs'][0];
  expect(await with_('archive.json', { format: 'scoval.archive', version: 2 })).toEqual([
    'archive.json: version: must be 1',
  ]);
  expect(await with_('jobs/SK-001.json', { ...job, document: { ...job.document, wings: 2 } })).toEqual([
    'jobs/SK-001.json: document.wings: is not a known field',
  ]);
  expect(await with_('jobs/SK-001.json', { ...job, changes: [{ ...job.changes[0], state: 'new' }] })).toEqual([
    'jobs/SK-001.json: changes[0].state: must be one of done, undone, past',
  ]);
  expect((await with_('shelf.json', [{ kind: 'bolt' }])).join()).toMatch(/^shelf\.json: \[0\]\.?kind: must be one of/);
  expect(await said(zipSync({ 'a.txt': strToU8('x') }))).toEqual(['archive.json: is missing from the archive']);
  expect(await said(strToU8('a letter'))).toEqual(['is no zip, or a broken one']);
  expect(await said(zipSync({ ...files, 'shelf.json': strToU8('['.repeat(1000)) }))).toEqual([
    'shelf.json: is nested deeper than 40 brackets',
  ]);
  expect(await said(zipSync({ ...files, '../../etc/passwd': strToU8('x') }))).toEqual([
    'holds a file that leads out of the zip: ../../etc/passwd',
  ]);
  expect((await everything()).jobs).toHaveLength(3);
});
