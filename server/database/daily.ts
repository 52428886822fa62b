import { backupsFolder, dataFolder, databaseFile } from '../base/folder';
import { log } from '../base/log';
import { copiesIn, copyDatabase, dropOld, type Copy } from './copies';
import { copyFiles } from './files';
import { readSetting } from './settings';

const HOUR_MS = 3_600_000;
const DAY_MS = 24 * HOUR_MS;

/**
 * Makes a copy now, with the files beside the database. Into the folder's own backups: what is beyond those that are
 * kept goes; elsewhere nothing is thrown away.
 */
export async function backUp(elsewhere?: string): Promise<Copy & { files: string[] }> {
  const own = backupsFolder(dataFolder());
  const copy = await copyDatabase(databaseFile(dataFolder()), elsewhere ?? own);
  const files = copyFiles(dataFolder(), copy.file);
  if (elsewhere === undefined) dropOld(own);
  return { ...copy, files };
}

/** Makes the day's copy where it is due and the shop wants it; what goes wrong is told in the log. */
export async function backUpDaily(now = Date.now()): Promise<Copy | null> {
  try {
    const folder = backupsFolder(dataFolder());
    const newest = copiesIn(folder)[0];
    if ((newest && now - newest.madeAt.getTime() < DAY_MS) || !(await readSetting('dailyCopies'))) return null;
    const copy = await backUp();
    log.info({ copy: copy.name }, 'daily backup');
    return copy;
  } catch (error) {
    log.error({ err: error }, 'the daily backup failed');
    return null;
  }
}

/** Looks every hour whether the day's copy is due. */
export function keepDaily(): () => void {
  void backUpDaily();
  const timer = setInterval(() => void backUpDaily(), HOUR_MS);
  timer.unref();
  return () => clearInterval(timer);
}
