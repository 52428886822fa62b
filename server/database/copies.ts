import { mkdirSync, readdirSync, renameSync, rmSync, statSync } from 'node:fs';
import path from 'node:path';
import { filesOf } from './files';
import { freeName, stamp } from './names';
import { checkSound } from './sound';
import { withPlain } from './plain';

/** A copy of the database as it lies in the folder of backups. */
export interface Copy {
  file: string;
  name: string;
  bytes: number;
  madeAt: Date;
}

/** How copies are called: when they were made, and why. */
const NAME = /^scoval-(\d{8}-\d{6})(-[a-z0-9-]+)?\.sqlite$/;

/** Daily copies and those before an upgrade that are kept, newest first, and how much room they may take in all. */
export const KEPT = 14;
const MOST_BYTES = 2 * 1024 ** 3;

/** A copy is made in less, however large the database. */
const PART_MS = 3_600_000;

/**
 * Copies a database while it is in use: SQLite writes the whole of it, as of one moment, into a new file. The copy is
 * opened and checked before it gets its name, so that what lies in the folder is whole.
 * @throws StartFault where the copy is not sound; what the disk says
 */
export async function copyDatabase(database: string, folder: string, why = ''): Promise<Copy> {
  mkdirSync(folder, { recursive: true });
  const madeAt = new Date();
  const name = freeName(folder, `scoval-${stamp(madeAt)}${why && `-${why}`}`, '.sqlite');
  const file = path.join(folder, name);
  const part = `${file}.part`;
  rmSync(part, { force: true });
  try {
    await withPlain(database, 'must', async (open) => {
      await open.run('PRAGMA busy_timeout = 10000');
      await open.run('VACUUM INTO ?', part);
    });
    await checkSound(part);
    renameSync(part, file);
  } catch (error) {
    rmSync(part, { force: true });
    throw error;
  }
  return { file, name, bytes: statSync(file).size, madeAt };
}

/** The copies of a folder, newest first; anything else in it is left alone. */
export function copiesIn(folder: string): Copy[] {
  let names: string[];
  try {
    names = readdirSync(folder);
  } catch {
    return [];
  }
  return names
    .flatMap((name): Copy[] => {
      const [, when] = NAME.exec(name) ?? [];
      if (!when) return [];
      const file = path.join(folder, name);
      const [y, mo, d, h, mi, s] = [0, 4, 6, 9, 11, 13].map((at, index) =>
        Number(when.slice(at, at + (index ? 2 : 4))),
      );
      const madeAt = new Date(Date.UTC(y!, mo! - 1, d, h, mi, s));
      return [{ file, name, bytes: statSync(file).size, madeAt }];
    })
    .sort((one, other) => other.madeAt.getTime() - one.madeAt.getTime() || (other.name > one.name ? 1 : -1));
}

/** Throws the oldest copies away beyond the number and the room that are kept; the newest always stays. */
export function dropOld(folder: string, kept = KEPT, mostBytes = MOST_BYTES): string[] {
  dropParts(folder);
  let bytes = 0;
  return copiesIn(folder).flatMap((copy, index) => {
    bytes += copy.bytes;
    if (index === 0 || (index < kept && bytes <= mostBytes)) return [];
    rmSync(copy.file, { force: true });
    rmSync(filesOf(copy.file), { force: true, recursive: true });
    return [copy.name];
  });
}

/** What a copy that was cut short has left, once nobody can still be writing it. */
function dropParts(folder: string): void {
  for (const name of readdirSync(folder).filter((one) => one.endsWith('.part'))) {
    const file = path.join(folder, name);
    if (Date.now() - statSync(file).mtimeMs > PART_MS) rmSync(file, { force: true });
  }
}
