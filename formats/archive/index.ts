import { strFromU8, strToU8, zipSync } from 'fflate';
import Joi from 'joi';
import type { Edit, Job, ReadingRecord, ShopDefaults } from '#core/job';
import type { ShelfItem } from '#core/shelf';
import { faultsOf, type Fault } from '#formats/faults';
import { boundFaults, checkJob, editSchema, MOST_READINGS, readingSchema, shopSchema } from '#formats/job';
import { depthFault } from '#formats/json';
import { text, VALIDATION } from '#formats/rules';
import { storeItemSchema } from '#formats/shelf';

/** The largest archive that is taken in, and what it may come to unpacked. */
export const MAX_ARCHIVE_BYTES = 100 * 1024 * 1024;
export const MOST_UNPACKED_BYTES = 400 * 1024 * 1024;
const MOST_FAULTS = 50;

/** One change of a job, with the edits that take it back. */
export interface ArchivedChange {
  revision: number;
  kind: 'edit' | 'undo' | 'redo';
  label: string;
  edits: Edit[];
  inverse: Edit[];
  state: 'done' | 'undone' | 'past';
  createdAt: string;
}

/** A reading with its corner and the revision it came with. */
export interface ArchivedReading extends ReadingRecord {
  corner: 'front' | 'rear';
  revision: number;
}

/** A job with everything that belongs to it. */
export interface ArchivedJob {
  number: number;
  revision: number;
  archivedAt: string | null;
  createdAt: string;
  updatedAt: string;
  document: Job;
  readings: ArchivedReading[];
  changes: ArchivedChange[];
}

/** Everything a shop has. */
export interface Archive {
  jobs: ArchivedJob[];
  shelf: ShelfItem[];
  defaults: ShopDefaults;
}

const HEAD = { format: 'scoval.archive', version: 1 } as const;
const headSchema = Joi.object({
  format: Joi.valid(HEAD.format).required(),
  version: Joi.valid(HEAD.version).required(),
  madeAt: Joi.string().isoDate(),
  jobs: Joi.number().integer(),
}).required();

const count = Joi.number().integer().min(1).max(1e9).required();
const when = Joi.string().isoDate().required();
const edits = Joi.array().items(editSchema).max(1000).required();
const jobSchema = Joi.object({
  number: count,
  revision: count,
  archivedAt: when.allow(null),
  createdAt: when,
  updatedAt: when,
  document: Joi.object().unknown().required(),
  readings: Joi.array()
    .items(readingSchema.keys({ corner: Joi.valid('front', 'rear').required(), revision: count }))
    .max(2 * MOST_READINGS)
    .required(),
  changes: Joi.array()
    .items(
      Joi.object({
        revision: count,
        kind: Joi.valid('edit', 'undo', 'redo').required(),
        label: text(255).required(),
        edits,
        inverse: edits,
        state: Joi.valid('done', 'undone', 'past').required(),
        createdAt: when,
      }),
    )
    .unique('revision')
    .required(),
}).required();

const JOB = /^jobs\/SK-\d+\.json$/;
const jobName = (number: number): string => `jobs/SK-${String(number).padStart(3, '0')}.json`;

/** Packs everything a shop has into one zip: a head, the shop's own terms, the shelf, and a file for each job. */
export function packArchive({ jobs, shelf, defaults }: Archive): Uint8Array {
  const file = (data: unknown) => strToU8(`${JSON.stringify(data)}\n`);
  return zipSync(
    {
      'archive.json': file({ ...HEAD, madeAt: new Date().toISOString(), jobs: jobs.length }),
      'defaults.json': file(defaults),
      'shelf.json': file(shelf),
      ...Object.fromEntries(jobs.map((job) => [jobName(job.number), file(job)])),
    },
    { level: 6 },
  );
}

export type ReadArchive = { archive: Archive; faults?: undefined } | { archive?: undefined; faults: Fault[] };

/** Reads an archive from the files of its zip: everything in it, or every fault with its file. Never throws. */
export function readArchive(files: ReadonlyMap<string, Uint8Array>): ReadArchive {
  const faults: Fault[] = [];
  const read = (name: string, schema: Joi.Schema): unknown => {
    const { data, fault } = parsed(files.get(name));
    if (fault) faults.push({ path: name, message: fault });
    else faults.push(...within(name, schema.validate(data, VALIDATION).error));
    return data;
  };
  read('archive.json', headSchema);
  if (faults.length > 0) return { faults };
  const defaults = read('defaults.json', shopSchema) as ShopDefaults;
  const shelf = read('shelf.json', Joi.array().items(storeItemSchema)) as ShelfItem[];
  const jobs = [...files.keys()]
    .filter((name) => JOB.test(name))
    .map((name) => {
      const before = faults.length;
      const job = read(name, jobSchema) as ArchivedJob;
      if (faults.length === before) faults.push(...documentFaults(name, job));
      return job;
    });
  const more = faults.length - MOST_FAULTS;
  if (more > 0) return { faults: [...faults.slice(0, MOST_FAULTS), { path: '', message: `and ${more} more faults` }] };
  return faults.length > 0 ? { faults } : { archive: { jobs, shelf, defaults } };
}

/** Whether a file of a zip belongs to an archive. */
export const isArchivePart = (name: string): boolean =>
  ['archive.json', 'defaults.json', 'shelf.json'].includes(name) || JOB.test(name);

function parsed(bytes: Uint8Array | undefined): { data?: unknown; fault?: string } {
  if (!bytes) return { fault: 'is missing from the archive' };
  const text = strFromU8(bytes);
  const fault = depthFault(text);
  if (fault) return { fault };
  try {
    return { data: JSON.parse(text) as unknown };
  } catch {
    return { fault: 'is not JSON' };
  }
}

const within = (name: string, error: Joi.ValidationError | undefined): Fault[] =>
  error ? faultsOf(error).map(({ path, message }) => ({ path: path ? `${name}: ${path}` : name, message })) : [];

function documentFaults(name: string, { document }: ArchivedJob): Fault[] {
  const read = checkJob(document);
  const found = read.faults ?? boundFaults(read.job);
  return found.map(({ path, message }) => ({ path: `${name}: document${path && `.${path}`}`, message }));
}
