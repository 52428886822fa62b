import { readdirSync, rmSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import { buffer } from 'node:stream/consumers';
import { zipSync, strToU8, type Zippable } from 'fflate';
import sharp from 'sharp';
import { fromBufferPromise } from 'yauzl';
import type { Job } from '#core/job';
import { faultLine, writeJobFile } from '#formats/job';
import { photosFolder, dataFolder } from '#server/base/folder';
import { saveEdits } from '#server/edits';
import { createJob, exportJob } from '#server/jobs';
import { openJob } from '#server/openJob';
import { jobZip, takeInJobZip } from '#server/jobZip';
import { keepPhoto } from '#server/keepPhoto';
import { copyPhotos } from '#server/photos/files';
import { freshDatabase } from '#support/freshDatabase';
import { demoJobFitted, example } from '#support/jobs';

freshDatabase();

const picture = (color: string, side = 60) =>
  sharp({ create: { width: side, height: side, channels: 3, background: color } })
    .jpeg()
    .toBuffer();
async function kept(color: string, name = `${color}.jpg`) {
  const { photo } = await keepPhoto(await picture(color), name);
  return photo!;
}

/** The fitted demo car with a note, and a photo on its mark. */
async function noted(): Promise<{ id: string; job: Job; photos: string[] }> {
  const [strut, mark] = [await kept('teal'), await kept('maroon')];
  const { notes: _, photos: __, ...job } = demoJobFitted('orrin-haul');
  const [f1] = job.fittings!;
  const corner = Object.values(f1!.corners).find(({ marks }) => marks)!;
  corner.marks![0]!.photo = mark.id;
  const full: Job = {
    ...job,
    notes: [{ id: 'n1', at: '2026-02-03T10:00:00Z', by: 'MR', text: 'Clip is loose', photos: [strut.id, mark.id] }],
    photos: [strut, mark],
  };
  return { id: await createJob(full), job: full, photos: [strut.id, mark.id] };
}

const zipped = async (id: string) => buffer((await jobZip(id, { customer: false }))!.zip);
const came = async function* (bytes: Uint8Array) {
  for (let at = 0; at < bytes.length; at += 1000) yield await Promise.resolve(bytes.subarray(at, at + 1000));
};
async function said(bytes: Uint8Array): Promise<string[]> {
  const taken = await takeInJobZip(came(bytes));
  expect(readdirSync(dataFolder()).filter((name) => name.startsWith('incoming'))).toEqual([]);
  return 'faults' in taken ? taken.faults.map(faultLine) : [];
}

/** The files of a zip as another library reads them. */
async function filesIn(bytes: Buffer): Promise<Record<string, Buffer>> {
  const files: Record<string, Buffer> = {};
  const zip = await fromBufferPromise(bytes);
  for await (const entry of zip.eachEntry())
    files[entry.fileName] = await buffer(await zip.openReadStreamPromise(entry));
  return files;
}

test('a job with its photos goes out as one zip, and comes back from it whole', async () => {
  const { id, photos } = await noted();
  const bytes = await zipped(id);
  const files = await filesIn(bytes);
  expect(Object.keys(files)).toEqual(['job.json', ...photos.map((photo) => `photos/${photo}.jpg`)]);
  const { job } = (await exportJob(id))!;
  expect(files['job.json']!.toString()).toBe(writeJobFile(job));
  // Into another shop, that has none of its photos.
  rmSync(photosFolder(dataFolder()), { recursive: true });
  const taken = await takeInJobZip(came(bytes));
  const copy = (taken as { id: string }).id;
  expect((await exportJob(copy))!.job).toEqual(job);
  expect(
    (await filesIn(await zipped(copy)))[`photos/${photos[0]}.jpg`]!.equals(files[`photos/${photos[0]}.jpg`]!),
  ).toBe(true);
  expect(readdirSync(photosFolder(dataFolder())).sort()).toEqual(
    photos.flatMap((photo) => [`${photo}-small.jpg`, `${photo}.jpg`]).sort(),
  );
});

test('a photo whose file is missing is left out of the zip; the job still names it, here and there', async () => {
  const { id, photos } = await noted();
  rmSync(path.join(photosFolder(dataFolder()), `${photos[0]}.jpg`));
  const bytes = await zipped(id);
  expect(Object.keys(await filesIn(bytes))).toEqual(['job.json', `photos/${photos[1]}.jpg`]);
  const taken = await takeInJobZip(came(bytes));
  const { job } = (await openJob((taken as { id: string }).id))!;
  expect(job.photos!.map((photo) => photo.id)).toEqual(photos);
  expect(job.notes![0]!.photos).toEqual(photos);
});

test('photos that somebody else has put in: kept like any other, and called as they are kept', async () => {
  const job: Job = {
    ...example(),
    notes: [{ id: 'n1', at: '2026-02-03T10:00:00Z', photos: ['a', 'b', 'c'] }],
    photos: [{ id: 'a', name: 'one.png' }, { id: 'b' }, { id: 'c' }],
  };
  const png = await sharp({ create: { width: 30, height: 20, channels: 3, background: 'navy' } })
    .png()
    .toBuffer();
  const taken = await takeInJobZip(
    // The job behind its photos, folders of their own, and one photo twice.
    came(
      zipSync({
        photos: {},
        'photos/a.png': png,
        'photos/b.JPG': await picture('red'),
        'photos/c.png': png,
        'job.json': strToU8(writeJobFile(job)),
      }),
    ),
  );
  const { photos, notes } = (await openJob((taken as { id: string }).id))!.job;
  expect(photos).toHaveLength(2);
  expect(notes![0]!.photos).toEqual(photos!.map(({ id }) => id));
  expect(photos![0]).toMatchObject({ name: 'one.png', widthPx: 30, heightPx: 20 });
});

describe('a zip with anything wrong is told by its files, and nothing of it is taken', () => {
  const files = async (more: Zippable = {}, change: Partial<Job> = {}) =>
    zipSync({
      'job.json': strToU8(writeJobFile({ ...example(), photos: [{ id: 'a' }, { id: 'b' }], ...change })),
      'photos/a.jpg': await picture('red'),
      ...more,
    });
  test('names that lead out, or are no part of a job', async () => {
    expect(await said(await files({ '../../etc/passwd': strToU8('x') }))).toEqual([
      'the zip holds a file that leads out of the zip: ../../etc/passwd',
    ]);
    expect(await said(await files({ '/etc/passwd': strToU8('x') }))).toEqual([
      'the zip holds a file that leads out of the zip: /etc/passwd',
    ]);
    expect(await said(await files({ 'notes.txt': strToU8('x'), 'photos/x.jpg': await picture('blue') }))).toEqual([
      'notes.txt: is no part of a job',
      'photos/x.jpg: job.json names no photo x',
    ]);
  });
  test('photos that are none', async () => {
    const broken = (await picture('green', 300)).subarray(0, 400);
    expect(await said(await files({ 'photos/a.jpg': strToU8('<svg/>'), 'photos/b.jpg': broken }))).toEqual([
      'photos/a.jpg: is an SVG drawing, whatever it is called: JPEG or PNG',
      'photos/b.jpg: is broken: it cannot be read to its end',
    ]);
    expect(await said(await files({ 'photos/b.jpg': [new Uint8Array(21 * 1024 * 1024), { level: 9 }] }))).toEqual([
      'photos/b.jpg: has 21 MB; a photo may have 20 MB',
    ]);
  });
  test('a job that is none, or is not there', async () => {
    expect(await said(zipSync({ 'a.txt': strToU8('x') }))).toEqual([
      'the zip holds no job.json: a job with photos is job.json and a folder photos',
    ]);
    expect(await said(await files({ 'job.json': strToU8('{"format":') }))).toHaveLength(1);
    expect(await said(await files({}, { photos: [{ id: 'a' }, { id: 'a' }] }))).toEqual([
      'photos[1]: has the same id as another entry of the list',
    ]);
  });
  test('a bomb: by what it says, and by what comes out of it', async () => {
    /** A zip whose second photo says that it comes to so many bytes. */
    const saying = async (bytes: number) => {
      const zip = Buffer.from(await files({ 'photos/b.jpg': [new Uint8Array(9_000_000), { level: 9 }] }));
      for (let at = 0; at < zip.length - 58; at += 1)
        if (zip.readUInt32LE(at) === 0x02014b50 && zip.toString('latin1', at + 46, at + 58) === 'photos/b.jpg')
          zip.writeUInt32LE(bytes, at + 24);
      return zip;
    };
    expect(await said(await saying(0x7fffffff))).toEqual(['the zip comes to more than 1100 MB when it is unpacked']);
    expect(await said(await saying(100))).toEqual(['the zip holds photos/b.jpg broken']);
  });
  test('one that is torn, or no zip at all', async () => {
    const bytes = Buffer.from(await files());
    expect(await said(bytes.subarray(0, 200))).toEqual(['the zip is no zip, or a broken one']);
    expect(await said(Buffer.from('hello'))).toEqual(['the zip is no zip, or a broken one']);
    bytes[60]! ^= 0xff;
    expect((await said(bytes)).join()).toMatch(/broken/);
  });
});

test('a note is written by edits that name it, and its photos stay known while something shows them', async () => {
  const { id, photos } = await noted();
  const edits = [{ op: 'set' as const, path: ['notes', 'n1', 'text'], value: 'Clip is tight' }];
  expect((await saveEdits(id, 1, edits)).status).toBe('saved');
  const bad = [{ op: 'set' as const, path: ['notes', 'n1', 'photos'], value: ['../x'] }];
  expect(await saveEdits(id, 2, bad)).toMatchObject({
    status: 'invalid',
    faults: [{ path: 'notes[0].photos[0]', message: 'must be 1 to 40 letters, digits, - or _' }],
  });
  expect((await openJob(id))!.job.photos!.map((photo) => photo.id)).toEqual(photos);
});

test('where photos cannot be written: words, and nothing half', async () => {
  const { photo } = await keepPhoto(await picture('olive'), 'olive.jpg');
  expect(photo).toMatchObject({ name: 'olive.jpg', widthPx: 60, heightPx: 60 });
  expect(readdirSync(photosFolder(dataFolder())).sort()).toEqual([`${photo!.id}-small.jpg`, `${photo!.id}.jpg`]);
  rmSync(photosFolder(dataFolder()), { recursive: true });
  writeFileSync(photosFolder(dataFolder()), '');
  expect(await keepPhoto(await picture('olive'), '')).toEqual({
    fault: 'is not saved: the data folder is not a folder',
  });
});

test('photos are copied into another folder once', async () => {
  const { id, photos } = await noted();
  expect(await openJob(id)).not.toBeNull();
  const target = path.join(dataFolder(), 'elsewhere');
  expect(await copyPhotos(target)).toBe(4);
  expect(await copyPhotos(target)).toBe(0);
  expect(readdirSync(target)).toHaveLength(2 * photos.length);
});
