import { open, rm } from 'node:fs/promises';
import { nanoid } from 'nanoid';
import { passingFile } from '../base/folder';

/**
 * Writes a zip that comes in to a file beside the database, for it may be large, and takes it away once the work on it
 * is done.
 * @param work what is done with the file; null where the zip is larger than it may be
 */
export async function withIncoming<T>(
  bytes: AsyncIterable<Uint8Array>,
  mostBytes: number,
  work: (file: string | null) => T | Promise<T>,
): Promise<T> {
  const file = passingFile('incoming', nanoid(8));
  try {
    return await work((await isWritten(file, bytes, mostBytes)) ? file : null);
  } finally {
    await rm(file, { force: true });
  }
}

/** Of what is too much, as much again is read and thrown away, so that whoever sends it hears why. */
const DRAINED = 2;

/** Writes what comes in to a file; false where it is too much. */
async function isWritten(file: string, bytes: AsyncIterable<Uint8Array>, mostBytes: number): Promise<boolean> {
  let size = 0;
  const handle = await open(file, 'wx');
  try {
    for await (const chunk of bytes) {
      size += chunk.length;
      if (size > DRAINED * mostBytes) return false;
      if (size <= mostBytes) await handle.write(chunk);
    }
  } finally {
    await handle.close();
  }
  return size <= mostBytes;
}
