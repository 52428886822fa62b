import { StartFault } from '../base/startFault';

/** What SQLite and the file system say, in the words of the shop. */
const WORDS: Readonly<Record<string, string>> = {
  SQLITE_FULL: 'the disk is full',
  ENOSPC: 'the disk is full',
  SQLITE_READONLY: 'the data folder is read-only',
  EROFS: 'the data folder is read-only',
  EACCES: 'the data folder cannot be written by this user',
  EPERM: 'the data folder cannot be written by this user',
  SQLITE_BUSY: 'another program holds the database',
  SQLITE_LOCKED: 'another program holds the database',
  SQLITE_CANTOPEN: 'the database cannot be opened or made in the data folder',
  SQLITE_IOERR: 'the disk does not read or write',
  EIO: 'the disk does not read or write',
  SQLITE_CORRUPT: 'the database is damaged',
  SQLITE_NOTADB: 'the file is no database',
  ENOTDIR: 'the data folder is not a folder',
  EEXIST: 'the data folder is not a folder',
};

/** The code under an error of SQLite, of Sequelize around it, or of the file system. */
function codeOf(error: unknown): string | undefined {
  for (let at = error as { code?: string; parent?: unknown; cause?: unknown } | undefined; at;) {
    if (typeof at.code === 'string') return at.code;
    at = (at.parent ?? at.cause) as typeof at;
  }
  return undefined;
}

/** What became of the disk, in words; null for an error of another kind. */
export const storageWords = (error: unknown): string | null => WORDS[codeOf(error) ?? ''] ?? null;

/** An error of the disk as a fault of one line with what it concerns; any other error stays what it is. */
export function asStartFault(error: unknown, what: string): unknown {
  const words = error instanceof StartFault ? null : storageWords(error);
  return words === null ? error : new StartFault(`${words}: ${what}`, { cause: error });
}
