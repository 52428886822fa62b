import { existsSync, mkdtempSync, statfsSync } from 'node:fs';
import { freemem, tmpdir } from 'node:os';
import path from 'node:path';

/** Memory that is kept as a folder. */
const IN_MEMORY = '/dev/shm';
/** So much has to be free for databases, browsers and what is compiled on the way; a tenth of it was seen. */
const ROOM = 4 * 2 ** 30;

const roomIn = (folder) => {
  const { bavail, bsize } = statfsSync(folder);
  return Math.min(bavail * bsize, freemem());
};

/**
 * A folder for what is thrown away: in memory where there is room for it, as thousands of small databases are written,
 * each of which waits for a disk that others use as well.
 */
export function scratchFolder() {
  const above = existsSync(IN_MEMORY) && roomIn(IN_MEMORY) > ROOM ? IN_MEMORY : tmpdir();
  return mkdtempSync(path.join(above, 'scoval-'));
}
