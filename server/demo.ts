import { readdirSync, readFileSync } from 'node:fs';
import path from 'node:path';
import { faultLine, readJobFile } from '#formats/job';
import { readShelfFile } from '#formats/shelf';
import { keepPhoto } from './keepPhoto';
import { createJob, hasJobs } from './jobs';
import { importItems, listItems } from './shelf';

/** What of the demo was put in: jobs, and items of the shelf. */
export interface DemoLoaded {
  jobs: number;
  items: number;
}

/**
 * Fills an empty database with the demo's jobs, and an empty shelf with its parts.
 * @returns null where there is any job already: then nothing is changed
 */
export async function loadDemo(): Promise<DemoLoaded | null> {
  if (await hasJobs()) return null;
  const folder = path.resolve('demo');
  const files = readdirSync(folder).filter((name) => name.endsWith('.scoval.json'));
  for (const file of files.sort()) {
    const read = readJobFile(readFileSync(path.join(folder, file), 'utf8'));
    if (read.faults) throw new Error(`demo/${file}: ${read.faults.map(faultLine).join('; ')}`);
    await createJob(read.job);
  }
  await keepPhotos(path.join(folder, 'photos'));
  const kept = await listItems();
  if (kept.length > 0) return { jobs: files.length, items: 0 };
  const shelf = readShelfFile(readFileSync(path.join(folder, 'shelf.csv')));
  if (shelf.faults) throw new Error(`demo/shelf.csv: ${shelf.faults.map(faultLine).join('; ')}`);
  await importItems(shelf.items);
  return { jobs: files.length, items: shelf.items.length };
}

/** The photos of the demo's jobs, as they lie in its folder. */
async function keepPhotos(folder: string): Promise<void> {
  for (const name of readdirSync(folder)) {
    const { fault } = await keepPhoto(readFileSync(path.join(folder, name)), name);
    if (fault) throw new Error(`demo/photos/${name}: ${fault}`);
  }
}
