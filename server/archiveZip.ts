import { createReadStream, createWriteStream } from 'node:fs';
import { rm, stat } from 'node:fs/promises';
import { Readable } from 'node:stream';
import { pipeline } from 'node:stream/promises';
import { nanoid } from 'nanoid';
import type { Transaction } from 'sequelize';
import { shopFiles } from '#formats/archive';
import { passingFile } from './base/folder';
import { read, rowsOf } from './database/connection';
import { READINGS_TOLD } from './readings';
import { shelfText } from './shelf';
import { readShopDefaults } from './shopDefaults';
import type { JobTold } from './work/archivedJobs';
import { inWorker } from './work/pool';
import { zipOf, type Deflated } from './zip/pack';

/** How many jobs are asked for at once. */
const JOBS_AT_ONCE = 20;

/** All changes of a job as one text. */
const CHANGES_TOLD = `
  (SELECT json_group_array(json_object('revision', revision, 'kind', kind, 'label', label, 'edits', json(edits),
     'inverse', json(inverse), 'state', state, 'createdAt', created_at))
   FROM (SELECT * FROM changes WHERE job_id = jobs.id ORDER BY revision))`;

const JOBS = `
  SELECT number, revision, document, archived_at AS "archivedAt", created_at AS "createdAt", updated_at AS "updatedAt",
    ${READINGS_TOLD} AS readings, ${CHANGES_TOLD} AS changes
  FROM jobs WHERE number > $1 ORDER BY number LIMIT ${JOBS_AT_ONCE}`;

/**
 * Everything the shop has as one zip, as of one moment: jobs with numbers, history and undo, the shelf, the shop's own
 * terms. It is made whole in a file, job by job, so that a large shop takes no more memory than a small one, and is
 * gone once it is sent.
 */
export async function archiveZip(): Promise<{ zip: ReadableStream; bytes: number }> {
  const file = passingFile('outgoing', nanoid(8));
  const away = () => rm(file, { force: true });
  try {
    const shelf = await shelfText();
    await read((transaction) => pipeline(zipOf(filesOf(shelf, transaction)), createWriteStream(file, { flags: 'wx' })));
    const { size } = await stat(file);
    const sent = createReadStream(file);
    sent.once('close', () => void away());
    return { zip: Readable.toWeb(sent) as ReadableStream, bytes: size };
  } catch (error) {
    await away();
    throw error;
  }
}

async function* filesOf(shelf: string, transaction: Transaction): AsyncGenerator<Deflated, void> {
  const [counted] = await rowsOf<{ jobs: number }>('SELECT count(*) AS jobs FROM jobs', [], transaction);
  const defaults = await readShopDefaults(transaction);
  yield* await inWorker('packFiles', shopFiles({ jobs: counted!.jobs, shelf, defaults }));
  let after = 0;
  for (;;) {
    const jobs = await rowsOf<JobTold>(JOBS, [after], transaction);
    yield* await inWorker('archivedJobs', jobs);
    if (jobs.length < JOBS_AT_ONCE) return;
    after = jobs.at(-1)!.number;
  }
}
