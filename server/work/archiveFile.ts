import { createWriteStream } from 'node:fs';
import { stat } from 'node:fs/promises';
import { pipeline } from 'node:stream/promises';
import type { ShopDefaults } from '#core/job';
import { shopFiles } from '#formats/archive';
import { databaseFile, dataFolder } from '../base/folder';
import { storageWords } from '../database/faults';
import { withPlain, type Plain } from '../database/plain';
import { READINGS_TOLD } from '../readings';
import { SHELF_TOLD } from '../shelfTold';
import { deflated, zipOf, type Deflated } from '../zip/pack';
import { archivedJobs, type JobTold } from './archivedJobs';

/** How many jobs are asked for at once. */
const JOBS_AT_ONCE = 20;

/** What stands beside the jobs. */
const SHOP = `
  SELECT (SELECT count(*) FROM jobs) AS jobs, (SELECT document FROM house) AS defaults, ${SHELF_TOLD} AS shelf`;

/** All changes of a job as one text. */
const CHANGES_TOLD = `
  (SELECT json_group_array(json_object('revision', revision, 'kind', kind, 'label', label, 'edits', json(edits),
     'inverse', json(inverse), 'state', state, 'createdAt', created_at))
   FROM (SELECT * FROM changes WHERE job_id = jobs.id ORDER BY revision))`;

const JOBS = `
  SELECT number, revision, document, archived_at AS "archivedAt", created_at AS "createdAt", updated_at AS "updatedAt",
    ${READINGS_TOLD} AS readings, ${CHANGES_TOLD} AS changes
  FROM jobs WHERE number > ? ORDER BY number LIMIT ${JOBS_AT_ONCE}`;

/**
 * Writes everything the shop has into a zip, job by job, so that a large shop takes no more memory than a small one. It
 * is read through a connection of its own: some hundred megabytes that pass through the server itself keep it waiting.
 * @returns how large the zip is, or what the disk says: that does not pass from a thread as it is
 * @throws SyntaxError where a document is damaged
 */
export async function archiveFile(file: string): Promise<{ bytes: number; fault?: never } | { fault: string }> {
  try {
    await withPlain(databaseFile(dataFolder()), 'read', async (open) => {
      // As of one moment, which ends with the connection.
      await open.run('BEGIN');
      await pipeline(zipOf(filesOf(open)), createWriteStream(file, { flags: 'wx' }));
    });
    return { bytes: (await stat(file)).size };
  } catch (error) {
    const fault = storageWords(error);
    if (fault === null) throw error;
    return { fault };
  }
}

async function* filesOf(open: Plain): AsyncGenerator<Deflated, void> {
  const [shop] = await open.all<{ jobs: number; defaults: string | null; shelf: string }>(SHOP);
  const { jobs, defaults, shelf } = shop!;
  yield* shopFiles({ jobs, shelf, defaults: JSON.parse(defaults ?? '{}') as ShopDefaults }).map(deflated);
  let after = 0;
  for (;;) {
    const told = await open.all<JobTold>(JOBS, after);
    yield* archivedJobs(told);
    if (told.length < JOBS_AT_ONCE) return;
    after = told.at(-1)!.number;
  }
}
