import { nanoid } from 'nanoid';
import type { Transaction } from 'sequelize';
import { openPromise } from 'yauzl';
import {
  archivedJobOf,
  isArchivedJob,
  MAX_ARCHIVE_BYTES,
  MOST_UNPACKED_BYTES,
  type ArchivedJob,
} from '#formats/archive';
import type { Fault } from '#formats/faults';
import { rowsOf, write } from './database/connection';
import { ChangeRow, JobRow, ReadingRow, ShopDefaultsRow } from './database/models';
import { columnsOf } from './jobs';
import { importRowsIn, MOST_ITEMS, ShelfFull } from './shelf';
import { readShopDefaults } from './shopDefaults';
import type { ShopOnHand } from './work/archives';
import { inWorker, TooLong } from './work/pool';
import { filesOf } from './zip/files';
import { withIncoming } from './zip/incoming';

/** How many rows are written before others have their turn. */
const AT_ONCE = 500;

/** What came in with an archive. */
export interface TakenIn {
  jobs: number;
  /** Jobs whose number somebody else has here: they got the next free ones. */
  renumbered: number;
  items: number;
  /** The shop has terms of its own already: those of the archive are left out. */
  keptDefaults: boolean;
}

/** How long checking an archive may take. */
const CHECK_MS = 600_000;

const SHELF_FULL: Fault = {
  path: 'shelf.json',
  message: `the shelf would hold more than ${MOST_ITEMS} items: nothing is imported`,
};

const TOO_LARGE: Fault = { path: '', message: `the archive is larger than ${MAX_ARCHIVE_BYTES / 1024 / 1024} MB` };
const TOO_LONG: Fault = { path: '', message: 'checking the archive takes too long' };

/**
 * Takes everything of an archive in, or nothing and what is wrong with it. It is checked beside the requests, and its
 * jobs are taken one by one: a large shop takes little more memory than a small one.
 * @param bytes the zip as it comes in
 */
export const takeInArchive = (
  bytes: AsyncIterable<Uint8Array>,
): Promise<{ taken: TakenIn; faults?: undefined } | { taken?: undefined; faults: Fault[] }> =>
  withIncoming(bytes, MAX_ARCHIVE_BYTES, async (file) => {
    if (file === null) return { faults: [TOO_LARGE] };
    try {
      const { shop, faults } = await inWorker('checkArchive', file, CHECK_MS);
      return shop ? { taken: await put(file, shop) } : { faults };
    } catch (error) {
      if (error instanceof ShelfFull) return { faults: [SHELF_FULL] };
      if (error instanceof TooLong) return { faults: [TOO_LONG] };
      throw error;
    }
  });

const put = (file: string, { rows, items, defaults }: ShopOnHand): Promise<TakenIn> =>
  write(async (transaction) => {
    const { jobs, renumbered } = await putJobs(file, transaction);
    await importRowsIn(rows, transaction);
    const keptDefaults = Object.keys(await readShopDefaults(transaction)).length > 0;
    if (!keptDefaults) await ShopDefaultsRow.upsert({ id: 1, document: defaults }, { transaction });
    return { jobs, renumbered, items, keptDefaults };
  });

/** Puts the jobs of an archive beside those that are there; where a number is taken, under the next free one. */
async function putJobs(file: string, transaction: Transaction): Promise<Pick<TakenIn, 'jobs' | 'renumbered'>> {
  const taken = await numbersOf(transaction);
  let highest = [...taken].reduce((most, number) => Math.max(most, number), 0);
  let [jobs, renumbered] = [0, 0];
  for await (const { name, content } of filesOf(await openPromise(file), MOST_UNPACKED_BYTES)) {
    if (!isArchivedJob(name)) continue;
    const job = archivedJobOf(await content());
    const isTaken = taken.has(job.number);
    const number = isTaken ? highest + 1 : job.number;
    highest = Math.max(highest, number);
    taken.add(number);
    await putJob(job, number, transaction);
    jobs += 1;
    renumbered += isTaken ? 1 : 0;
  }
  return { jobs, renumbered };
}

async function numbersOf(transaction: Transaction): Promise<Set<number>> {
  const rows = await rowsOf<{ number: number }>('SELECT number FROM jobs', [], transaction);
  return new Set(rows.map(({ number }) => number));
}

async function putJob(job: ArchivedJob, number: number, transaction: Transaction): Promise<void> {
  const { revision, document, readings, changes } = job;
  const id = nanoid(10);
  const [createdAt, updatedAt] = [new Date(job.createdAt), new Date(job.updatedAt)];
  const archivedAt = job.archivedAt === null ? null : new Date(job.archivedAt);
  await JobRow.create(
    { id, number, revision, ...columnsOf(document), archivedAt, createdAt, updatedAt },
    { transaction, silent: true },
  );
  for (let at = 0; at < readings.length; at += AT_ONCE)
    await ReadingRow.bulkCreate(
      readings
        .slice(at, at + AT_ONCE)
        .map((one) => ({ ...one, jobId: id, withdrawn: one.withdrawn ?? false, takenAt: new Date(one.takenAt) })),
      { transaction },
    );
  for (let at = 0; at < changes.length; at += AT_ONCE)
    await ChangeRow.bulkCreate(
      changes.slice(at, at + AT_ONCE).map((one) => ({ ...one, jobId: id, createdAt: new Date(one.createdAt) })),
      { transaction },
    );
}
