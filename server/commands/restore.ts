import path from 'node:path';
import { dataFolder } from '../base/folder';
import { StartFault } from '../base/startFault';
import { restoreDatabase } from '../database/restore';
import { runCommand } from './command';

/** Puts a backup in the place of the database; the server must not run. */
await runCommand(async ([backup, ...more]) => {
  if (!backup || more.length > 0) throw new StartFault('which backup? npm run restore -- FILE');
  const aside = await restoreDatabase(path.resolve(backup), dataFolder());
  console.log(`${backup} is in place in ${dataFolder()}.`);
  if (aside) console.log(`What was there lies in ${aside}.`);
});
