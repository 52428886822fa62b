import { nanoid } from 'nanoid';
import type { Transaction } from 'sequelize';
import type { Archive, ArchivedJob } from '#formats/archive';
import { read, rowsOf, write } from './database/connection';
import { ChangeRow, JobRow, ReadingRow, ShopDefaultsRow } from './database/models';
import { columnsOf } from './jobs';
import { historyEntry } from './openJob';
import { importRowsIn, listItems, ShelfFull } from './shelf';
import { readShopDefaults } from './shopDefaults';
import { inWorker } from './work/pool';

/** How many rows are written before others have their turn. */
const AT_ONCE = 500;

/** Everything the shop has, as of one moment: jobs with numbers, history and undo, the shelf, the shop's own terms. */
export async function everything(): Promise<Archive> {
  const shelf = await listItems();
  return read(async (transaction) => {
    const rows = await JobRow.findAll({ order: [['number', 'ASC']], transaction });
    const jobs: ArchivedJob[] = [];
    for (const row of rows) jobs.push(await archivedJob(row, transaction));
    return { jobs, shelf, defaults: await readShopDefaults(transaction) };
  });
}

async function archivedJob(row: JobRow, transaction: Transaction): Promise<ArchivedJob> {
  const where = { jobId: row.id };
  const readings = await ReadingRow.findAll({ where, order: [['id', 'ASC']], transaction });
  const changes = await ChangeRow.findAll({ where, order: [['revision', 'ASC']], transaction });
  return {
    number: row.number,
    revision: row.revision,
    archivedAt: row.archivedAt?.toISOString() ?? null,
    createdAt: row.createdAt.toISOString(),
    updatedAt: row.updatedAt.toISOString(),
    document: row.document,
    readings: readings.map((reading) => {
      const { id: _, corner, ...entry } = historyEntry(reading);
      return { ...entry, corner: corner as 'front' | 'rear', revision: reading.revision };
    }),
    changes: changes.map(({ revision, kind, label, edits, inverse, state, createdAt }) => ({
      revision,
      kind,
      label,
      edits,
      inverse,
      state,
      createdAt: createdAt.toISOString(),
    })),
  };
}

/** What came in with an archive. */
export interface TakenIn {
  jobs: number;
  /** Jobs whose number somebody else has here: they got the next free ones. */
  renumbered: number;
  items: number;
  /** The shop has terms of its own already: those of the archive are left out. */
  keptDefaults: boolean;
}

/** Takes everything of an archive in, or nothing; null where the shelf would hold more than it does. */
export async function takeInArchive({ jobs, shelf, defaults }: Archive): Promise<TakenIn | null> {
  const rows = await inWorker('shelfRows', shelf);
  try {
    return await write(async (transaction) => {
      const taken = await numbersOf(transaction);
      let renumbered = 0;
      for (const job of jobs) {
        let { number } = job;
        if (taken.has(number)) {
          number = Math.max(0, ...taken) + 1;
          renumbered += 1;
        }
        taken.add(number);
        await putJob(job, number, transaction);
      }
      await importRowsIn(rows, transaction);
      const keptDefaults = Object.keys(await readShopDefaults(transaction)).length > 0;
      if (!keptDefaults) await ShopDefaultsRow.upsert({ id: 1, document: defaults }, { transaction });
      return { jobs: jobs.length, renumbered, items: shelf.length, keptDefaults };
    });
  } catch (error) {
    if (error instanceof ShelfFull) return null;
    throw error;
  }
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
