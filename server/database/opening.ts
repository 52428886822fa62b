import { existsSync, mkdirSync, renameSync, rmSync } from 'node:fs';
import path from 'node:path';
import { Sequelize } from 'sequelize';
import { backupsFolder, besideDatabase, databaseFile } from '../base/folder';
import { log } from '../base/log';
import { StartFault } from '../base/startFault';
import { copyDatabase, dropOld } from './copies';
import { closeWhole, watchClosing } from './closing';
import { asStartFault } from './faults';
import { migrate } from './migrate';
import { defineModels } from './models';
import { withPlain } from './plain';
import { checkSound } from './sound';

/**
 * Opens the database of a data folder: made whole where there is none, checked page by page where there is one, and
 * brought up to date with a copy made before.
 * @throws StartFault with one line that says why it cannot be opened
 */
export async function openDatabase(folder: string): Promise<Sequelize> {
  const file = databaseFile(folder);
  try {
    mkdirSync(folder, { recursive: true });
    if (existsSync(file)) await checkSound(file);
    else await makeWhole(file);
    return await upToDate(file);
  } catch (error) {
    throw asStartFault(error, file);
  }
}

/** A new database gets its name when it is whole, so that one that is there is never half made. */
async function makeWhole(file: string): Promise<void> {
  const part = `${file}.part`;
  const stray = besideDatabase(file).find((one) => existsSync(one));
  if (stray)
    throw new StartFault(
      `${stray} lies there without its database: put the database back beside it, or move it away to begin anew`,
    );
  for (const one of [part, ...besideDatabase(part)]) rmSync(one, { force: true });
  await closeWhole(await upToDate(part));
  renameSync(part, file);
}

async function upToDate(file: string): Promise<Sequelize> {
  // Whether it can be opened at all is tried first: Sequelize never ends the closing of what it could not open.
  await withPlain(file, 'make', () => Promise.resolve());
  const sequelize = new Sequelize({ dialect: 'sqlite', storage: file, logging: (sql) => log.trace(sql) });
  watchClosing(sequelize);
  try {
    // Kept in the file itself: readers never wait for a writer.
    await sequelize.query('PRAGMA journal_mode = WAL');
    const made = await migrate(sequelize, async (from) => {
      const backups = backupsFolder(path.dirname(file));
      const { name } = await copyDatabase(file, backups, `before-upgrade-from-${from}`);
      log.info({ copy: name }, 'copied before the upgrade');
      dropOld(backups);
    });
    if (made.length > 0) log.info({ migrations: made }, 'database migrated');
    defineModels(sequelize);
    return sequelize;
  } catch (error) {
    await closeWhole(sequelize);
    throw error;
  }
}
