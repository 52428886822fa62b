import { constants, cpSync, existsSync, mkdirSync, renameSync, rmSync } from 'node:fs';
import { copyFile, open } from 'node:fs/promises';
import path from 'node:path';
import { backupsFolder, besideDatabase, databaseFile } from '../base/folder';
import { StartFault } from '../base/startFault';
import { filesOf } from './files';
import { asStartFault } from './faults';
import { holdFolder } from './lock';
import { migrations } from './migrations';
import { freeName, stamp } from './names';
import { withPlain } from './plain';
import { checkHead, checkSound, migrationsOf } from './sound';

/**
 * Puts a backup in the place of a data folder's database. What was there is kept aside, whole; the backup takes its
 * place in one step, with nothing left beside it that belongs to the other.
 * @returns the folder that holds what was there; null where nothing was
 * @throws StartFault while a server runs on the folder, and where the backup is none
 */
export async function restoreDatabase(backup: string, folder: string): Promise<string | null> {
  if (!existsSync(backup)) throw new StartFault(`there is no file ${backup}`);
  const file = databaseFile(folder);
  if (path.resolve(backup) === path.resolve(file)) throw new StartFault('that is the database itself, not a backup');
  try {
    mkdirSync(folder, { recursive: true });
    const letGo = await holdFolder(folder);
    try {
      return await putBack(backup, file);
    } finally {
      await letGo();
    }
  } catch (error) {
    throw asStartFault(error, file);
  }
}

async function putBack(backup: string, file: string): Promise<string | null> {
  const part = `${file}.part`;
  for (const one of [part, ...besideDatabase(part)]) rmSync(one, { force: true });
  await copyFile(backup, part, constants.COPYFILE_FICLONE);
  // What a crash has left beside it belongs to it: it holds saves that are nowhere else.
  if (existsSync(`${backup}-wal`)) await copyFile(`${backup}-wal`, `${part}-wal`);
  checkHead(part);
  await withPlain(part, 'must', (open) => open.run('PRAGMA journal_mode = DELETE'));
  await checkSound(part);
  await checkOurs(part);
  const aside = keepAside(file);
  await settle(file);
  const written = await open(part, 'r+');
  await written.sync();
  await written.close();
  renameSync(part, file);
  const beside = filesOf(backup);
  if (existsSync(beside)) cpSync(beside, path.dirname(file), { recursive: true, preserveTimestamps: true });
  return aside;
}

/** @throws StartFault where a database is not Scoval's, or of a newer one */
async function checkOurs(file: string): Promise<void> {
  const done = await migrationsOf(file);
  if (!done.includes(migrations[0]!.name)) throw new StartFault('the file is a database, but not one of Scoval');
  const newer = done.find((name) => !migrations.some((one) => one.name === name));
  if (newer !== undefined) throw new StartFault(`the backup was made by a newer Scoval (${newer}): restore it there`);
}

/** Copies the database, and what SQLite keeps beside it, into a folder of its own. */
function keepAside(file: string): string | null {
  const there = [file, ...besideDatabase(file)].filter((one) => existsSync(one));
  if (there.length === 0) return null;
  const backups = backupsFolder(path.dirname(file));
  mkdirSync(backups, { recursive: true });
  const aside = path.join(backups, freeName(backups, `aside-${stamp(new Date())}`));
  mkdirSync(aside);
  for (const one of there) cpSync(one, path.join(aside, path.basename(one)), { preserveTimestamps: true });
  return aside;
}

/**
 * Leaves nothing beside the database that would be written into the one that takes its place: its log goes into it, so
 * that it stays whole should this be cut short; a log that belongs to nothing is taken away, it is kept aside.
 */
async function settle(file: string): Promise<void> {
  try {
    if (existsSync(file)) await withPlain(file, 'must', (open) => open.run('PRAGMA journal_mode = DELETE'));
  } catch {
    // Damaged: the copy aside is all there is of it.
  }
  for (const one of besideDatabase(file)) rmSync(one, { force: true });
}
