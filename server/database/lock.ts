import path from 'node:path';
import { StartFault } from '../base/startFault';
import { asStartFault, storageWords } from './faults';
import { openPlain } from './plain';

/**
 * Takes a data folder for this process alone until it is let go, or the process ends however it ends: SQLite's own lock
 * on a file beside the database, which the system takes back by itself.
 * @throws StartFault where another process has it
 */
export async function holdFolder(folder: string): Promise<() => Promise<void>> {
  const file = path.join(folder, 'scoval.lock');
  try {
    const open = await openPlain(file, 'make');
    try {
      await open.run('PRAGMA busy_timeout = 300');
      await open.run('BEGIN EXCLUSIVE');
    } catch (error) {
      await open.close();
      throw error;
    }
    return async () => {
      await open.run('ROLLBACK');
      await open.close();
    };
  } catch (error) {
    if (storageWords(error) === 'another program holds the database')
      throw new StartFault(`another Scoval runs on ${folder}: stop it first`);
    throw asStartFault(error, folder);
  }
}
