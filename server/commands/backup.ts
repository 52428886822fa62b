import { existsSync } from 'node:fs';
import path from 'node:path';
import { dataFolder, databaseFile } from '../base/folder';
import { StartFault } from '../base/startFault';
import { backUp } from '../database/daily';
import { copyPhotos } from '../photos/files';
import { runCommand } from './command';

/**
 * Copies the database and what lies beside it while the server runs, or while it does not; into a folder of its own
 * with the photos.
 */
await runCommand(async ([target, ...more]) => {
  if (more.length > 0) throw new StartFault('one folder, or none for the backups of the data folder');
  const folder = dataFolder();
  if (!existsSync(databaseFile(folder))) throw new StartFault(`there is no database in ${folder}`);
  const other = target && path.resolve(target);
  const { files, ...copy } = await backUp(other);
  console.log(`${copy.file} (${(copy.bytes / 1024 / 1024).toFixed(1)} MB), opened and checked`);
  if (files.length > 0) console.log(`and beside it: ${files.join(', ')}`);
  if (!other) return;
  const copied = await copyPhotos(path.join(other, 'photos'));
  console.log(`photos: ${copied} copied into ${path.join(other, 'photos')}`);
});
