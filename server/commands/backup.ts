import { existsSync } from 'node:fs';
import path from 'node:path';
import { backupsFolder, dataFolder, databaseFile } from '../base/folder';
import { StartFault } from '../base/startFault';
import { copyDatabase } from '../database/copies';
import { copyFiles } from '../database/files';
import { runCommand } from './command';

/** Copies the database and what lies beside it while the server runs, or while it does not. */
await runCommand(async ([target, ...more]) => {
  if (more.length > 0) throw new StartFault('one folder, or none for the backups of the data folder');
  const folder = dataFolder();
  const file = databaseFile(folder);
  if (!existsSync(file)) throw new StartFault(`there is no database in ${folder}`);
  const copy = await copyDatabase(file, target ? path.resolve(target) : backupsFolder(folder));
  const files = copyFiles(folder, copy.file);
  console.log(`${copy.file} (${(copy.bytes / 1024 / 1024).toFixed(1)} MB), opened and checked`);
  if (files.length > 0) console.log(`and beside it: ${files.join(', ')}`);
});
