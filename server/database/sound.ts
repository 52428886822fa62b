import { closeSync, openSync, readSync, statSync } from 'node:fs';
import { StartFault } from '../base/startFault';
import { asStartFault } from './faults';
import { withPlain } from './plain';

/** How every SQLite file begins. */
const HEAD = 'SQLite format 3\0';

const REMEDY = 'restore a backup (npm run restore), or move the file away to begin anew';

/** @throws StartFault where a file is empty or begins as no database does */
export function checkHead(file: string): void {
  const head = Buffer.alloc(HEAD.length);
  try {
    if (statSync(file).size === 0) throw new StartFault(`${file} is empty: ${REMEDY}`);
    const open = openSync(file, 'r');
    try {
      readSync(open, head, 0, head.length, 0);
    } finally {
      closeSync(open);
    }
  } catch (error) {
    throw asStartFault(error, file);
  }
  if (head.toString('latin1') !== HEAD) throw new StartFault(`${file} is no database: ${REMEDY}`);
}

/**
 * Looks whether a file is a whole database: its head, then SQLite's own check of every page.
 * @throws StartFault with what is wrong with it
 */
export async function checkSound(file: string): Promise<void> {
  checkHead(file);
  try {
    await withPlain(file, 'read', async (open) => {
      const [first] = await open.all<{ quick_check: string }>('PRAGMA quick_check(1)');
      if (first?.quick_check !== 'ok')
        throw new StartFault(`${file} is damaged (${first?.quick_check ?? 'no answer'}): ${REMEDY}`);
    });
  } catch (error) {
    throw asStartFault(error, `${file}; ${REMEDY}`);
  }
}

/** The names of the migrations that a database has behind it; none where it has no such list. */
export const migrationsOf = (file: string): Promise<string[]> =>
  withPlain(file, 'read', async (open) => {
    const [table] = await open.all(`SELECT 1 FROM sqlite_master WHERE name = 'migrations'`);
    if (!table) return [];
    return (await open.all<{ name: string }>('SELECT name FROM migrations ORDER BY name')).map(({ name }) => name);
  });
