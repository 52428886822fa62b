import { readdirSync, readFileSync } from 'node:fs';
import { faultLine, readJobFile } from '#formats/job';
import { closeDatabase } from '../database/connection';
import { readShelfFile } from '#formats/shelf';
import { createJob, hasJobs } from '../jobs';
import { importItems } from '../shelf';
import { runCommand } from './command';

/** Fills an empty database with the demo's jobs; a database that holds any job is left alone. */
async function loadDemo(): Promise<void> {
  if (await hasJobs()) return;
  const folder = new URL('../../demo/', import.meta.url);
  const files = readdirSync(folder).filter((name) => name.endsWith('.scoval.json'));
  for (const file of files.sort()) {
    const read = readJobFile(readFileSync(new URL(file, folder), 'utf8'));
    if (read.faults) throw new Error(`demo/${file}: ${read.faults.map(faultLine).join('; ')}`);
    await createJob(read.job);
  }
  const shelf = readShelfFile(readFileSync(new URL('shelf.csv', folder)));
  if (shelf.faults) throw new Error(`demo/shelf.csv: ${shelf.faults.map(faultLine).join('; ')}`);
  await importItems(shelf.items);
  console.log(`Demo loaded: ${files.length} jobs, ${shelf.items.length} items on the shelf.`);
}

await runCommand(async () => {
  await loadDemo();
  await closeDatabase();
});
