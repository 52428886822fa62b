import { createReadStream } from 'node:fs';
import { rm } from 'node:fs/promises';
import { Readable } from 'node:stream';
import { nanoid } from 'nanoid';
import { passingFile } from './base/folder';
import { StartFault } from './base/startFault';
import { database } from './database/connection';
import { inWorker } from './work/pool';
import { inTurn } from './work/turns';

/** A large shop takes half a minute. */
const ARCHIVE_MS = 600_000;

/**
 * Everything the shop has as one zip, as of one moment: jobs with numbers, history and undo, the shelf, the shop's own
 * terms. It is made whole in a file by a thread, and is gone once it is sent.
 */
export async function archiveZip(): Promise<{ zip: ReadableStream; bytes: number }> {
  await database();
  const file = passingFile('outgoing', nanoid(8));
  const away = () => rm(file, { force: true });
  try {
    const made = await inTurn('person', () => inWorker('archive', file, ARCHIVE_MS));
    if (made.fault !== undefined) throw new StartFault(made.fault);
    const sent = createReadStream(file);
    sent.once('close', () => void away());
    return { zip: Readable.toWeb(sent) as ReadableStream, bytes: made.bytes };
  } catch (error) {
    await away();
    throw error;
  }
}
