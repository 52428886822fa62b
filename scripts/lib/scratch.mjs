import { existsSync, mkdtempSync, rmSync, statfsSync } from 'node:fs';
import { freemem, tmpdir } from 'node:os';
import path from 'node:path';
import { ENDING } from './run.mjs';

/** Memory that is kept as a folder. */
const IN_MEMORY = '/dev/shm';
/** So much has to be free: databases, what browsers keep, and what is compiled on the way share it. */
const ROOM = 4 * 2 ** 30;

const roomIn = (folder) => {
  const { bavail, bsize } = statfsSync(folder);
  return Math.min(bavail * bsize, freemem());
};

/**
 * A folder for what is thrown away, gone when the program ends: in memory where there is room for it, as thousands of
 * small databases are written, each of which waits for a disk that others use as well.
 */
export function scratchFolder() {
  const above = existsSync(IN_MEMORY) && roomIn(IN_MEMORY) > ROOM ? IN_MEMORY : tmpdir();
  let folder;
  process.on('exit', () => folder && rmSync(folder, { recursive: true, force: true }));
  // Told to stop, a program would end without that.
  for (const signal of ENDING) process.on(signal, () => process.exit(1));
  folder = mkdtempSync(path.join(above, 'scoval-'));
  return folder;
}
