import { readdirSync, readFileSync } from 'node:fs';
import path from 'node:path';
import { instrumentSchema } from '#formats/instrument';
import { faultLine, readJobFile } from '#formats/job';
import { VALIDATION } from '#formats/rules';
import { readShelfFile } from '#formats/shelf';
import { keepPhoto } from './keepPhoto';
import { listInstruments, saveInstrument } from './instruments';
import { createJob, hasJobs } from './jobs';
import { priceLists, takeList } from './priceLists/lists';
import { lookAtList } from './priceLists/look';
import { importItems, listItems } from './shelf';

/** What of the demo was put in: jobs, and items of the shelf. */
export interface DemoLoaded {
  jobs: number;
  items: number;
  lists: number;
}

/**
 * Fills an empty database with the demo's jobs, an empty shelf with its parts, and price lists with its suppliers'.
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
  await keepInstruments(path.join(folder, 'shop', 'instruments.json'));
  const lists = await takeLists(path.join(folder, 'lists'));
  const kept = await listItems();
  if (kept.length > 0) return { jobs: files.length, items: 0, lists };
  const shelf = readShelfFile(readFileSync(path.join(folder, 'shelf.csv')));
  if (shelf.faults) throw new Error(`demo/shelf.csv: ${shelf.faults.map(faultLine).join('; ')}`);
  await importItems(shelf.items);
  return { jobs: files.length, items: shelf.items.length, lists };
}

/** The lists of the demo's suppliers. */
const LISTS = [
  { file: 'quern-wheels.csv', supplier: 'Quern & Sons' },
  { file: 'quern-tires.csv', supplier: 'Quern & Sons' },
  { file: 'ruddle-wheels.csv', supplier: 'Ruddle Parts' },
  { file: 'ruddle-tires.csv', supplier: 'Ruddle Parts' },
];

/** Takes in the lists of the demo's suppliers as anybody would: by what their columns seem to be. */
async function takeLists(folder: string): Promise<number> {
  if ((await priceLists()).length > 0) return 0;
  for (const { file, supplier } of LISTS) {
    const read = await lookAtList({ bytes: readFileSync(path.join(folder, file)) });
    if (read.fault !== undefined) throw new Error(`demo/lists/${file}: ${read.fault}`);
    const { look, items } = read;
    if (look.faulty > 0) throw new Error(`demo/lists/${file}: ${look.faults.map(faultLine).join('; ')}`);
    await takeList({ supplier, fileName: file, mapping: look.mapping, count: look.count, items });
  }
  return LISTS.length;
}

/** What the demo's shop measures with. */
async function keepInstruments(file: string): Promise<void> {
  if ((await listInstruments()).length > 0) return;
  for (const one of JSON.parse(readFileSync(file, 'utf8')) as unknown[]) {
    const { value, error } = instrumentSchema.validate(one, VALIDATION);
    if (error) throw new Error(`${file}: ${error.message}`);
    await saveInstrument(null, value);
  }
}

/** The photos of the demo's jobs, as they lie in its folder. */
async function keepPhotos(folder: string): Promise<void> {
  for (const name of readdirSync(folder)) {
    const { fault } = await keepPhoto(readFileSync(path.join(folder, name)), name);
    if (fault) throw new Error(`demo/photos/${name}: ${fault}`);
  }
}
