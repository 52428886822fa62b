import { existsSync } from 'node:fs';
import path from 'node:path';
import { dataFolder, databaseFile } from '../base/folder';
import { StartFault } from '../base/startFault';
import { backUp } from '../database/daily';
import { runCommand } from './command';

/** Copies the database and what lies beside it while the server runs, or while it does not. */
await runCommand(async ([target, ...more]) => {
  if (more.length > 0) throw new StartFault('one folder, or none for the backups of the data folder');
  const folder = dataFolder();
  if (!existsSync(databaseFile(folder))) throw new StartFault(`there is no database in ${folder}`);
  const { files, ...copy } = await backUp(target && path.resolve(target));
  console.log(`${copy.file} (${(copy.bytes / 1024 / 1024).toFixed(1)} MB), opened and checked`);
  if (files.length > 0) console.log(`and beside it: ${files.join(', ')}`);
});
