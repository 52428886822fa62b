import { databaseFile, dataFolder } from './base/folder';
import { log } from './base/log';
import { withPlain } from './database/plain';

/** Jobs whose documents cannot be read, by their ids. */
const damaged = new Set<string>();

/** Whether a job's document is known to be damaged on the disk. */
export const isDamaged = (id: string): boolean => damaged.has(id);

/** A document was read and is none. */
export const noteDamaged = (id: string): void => void damaged.add(id);

/** Reads all documents through, beside everything else, so that lists need not read any to say which are damaged. */
export async function findDamaged(): Promise<void> {
  try {
    const rows = await withPlain(databaseFile(dataFolder()), 'read', (open) =>
      open.all<{ id: string }>('SELECT id FROM jobs WHERE NOT json_valid(document)'),
    );
    for (const { id } of rows) noteDamaged(id);
    if (rows.length > 0) log.error({ jobs: rows.map(({ id }) => id) }, 'records are damaged: restore a backup');
  } catch (error) {
    log.warn({ err: error }, 'the documents were not read through');
  }
}
