import { strFromU8 } from 'fflate';
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

/** A file of an archive. */
export interface ArchiveFile {
  name: string;
  text: string;
}

const file = (name: string, json: string): ArchiveFile => ({ name, text: `${json}\n` });

/**
 * What stands in an archive beside its jobs: a head that says how many they are, the shop's own terms, and the shelf.
 * @param shelf its items, as the JSON text of a list
 */
export const shopFiles = (shop: { jobs: number; shelf: string; defaults: ShopDefaults }): ArchiveFile[] => [
  file('archive.json', JSON.stringify({ ...HEAD, madeAt: new Date().toISOString(), jobs: shop.jobs })),
  file('defaults.json', JSON.stringify(shop.defaults)),
  file('shelf.json', shop.shelf),
];

/** A job in a file of its own. */
export const archivedJobFile = (job: ArchivedJob): ArchiveFile => file(jobName(job.number), JSON.stringify(job));

/** A file of the zip that an archive comes in. */
interface PackedPart {
  name: string;
  content(): Promise<Uint8Array>;
}

export type CheckedArchive =
  { shop: Omit<Archive, 'jobs'>; faults?: undefined } | { shop?: undefined; faults: Fault[] };

/**
 * Checks an archive, file by file: what stands in it beside its jobs, or every fault with its file. Of jobs, one is
 * held at a time.
 * @throws what unpacking a file throws
 */
export async function checkArchive(files: AsyncIterable<PackedPart>): Promise<CheckedArchive> {
  const found = new Map<string, { data: unknown; faults: Fault[] }>();
  const faults: Fault[] = [];
  for await (const { name, content } of files)
    if (SHOP_SCHEMAS[name]) found.set(name, checkedPart(name, await content()));
    else if (JOB.test(name)) faults.push(...jobFaults(name, await content()));
  const [head, ...parts] = Object.keys(SHOP_SCHEMAS).map((name) => found.get(name) ?? checkedPart(name, undefined));
  // What is none is not told by its parts.
  if (head!.faults.length > 0) return { faults: head!.faults };
  faults.unshift(...parts.flatMap((part) => part.faults));
  const more = faults.length - MOST_FAULTS;
  if (more > 0) return { faults: [...faults.slice(0, MOST_FAULTS), { path: '', message: `and ${more} more faults` }] };
  if (faults.length > 0) return { faults };
  const [defaults, shelf] = parts.map(({ data }) => data) as [ShopDefaults, ShelfItem[]];
  return { shop: { shelf, defaults } };
}

/** What an archive holds beside its jobs, the head first. */
const SHOP_SCHEMAS: Readonly<Record<string, Joi.Schema>> = {
  'archive.json': headSchema,
  'defaults.json': shopSchema,
  'shelf.json': Joi.array().items(storeItemSchema),
};

function checkedPart(name: string, bytes: Uint8Array | undefined, schema = SHOP_SCHEMAS[name]!) {
  const { data, fault } = parsed(bytes);
  return {
    data,
    faults: fault ? [{ path: name, message: fault }] : within(name, schema.validate(data, VALIDATION).error),
  };
}

function jobFaults(name: string, bytes: Uint8Array): Fault[] {
  const { data, faults } = checkedPart(name, bytes, jobSchema);
  return faults.length > 0 ? faults : documentFaults(name, data as ArchivedJob);
}

/** Whether a file of an archive is a job. */
export const isArchivedJob = (name: string): boolean => JOB.test(name);

/** The job of such a file, which was checked before. */
export const archivedJobOf = (bytes: Uint8Array): ArchivedJob => JSON.parse(strFromU8(bytes)) as ArchivedJob;

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
