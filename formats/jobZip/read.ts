import type { Job } from '#core/job';
import { MAX_FILE_BYTES, readJobFile, tooLarge, type Fault } from '#formats/job';
import { MAX_PHOTO_BYTES, photoFault } from '#formats/photos';
import { JOB_FILE, photoOfFile } from './names';

/** The largest zip that is taken, and what it may come to unpacked. */
export const MAX_ZIP_BYTES = 1024 * 1024 * 1024;
export const MOST_UNPACKED_BYTES = 1100 * 1024 * 1024;
const MOST_FAULTS = 50;

export type ReadJobZip = { job: Job; faults?: undefined } | { job?: undefined; faults: Fault[] };

/** A file of a zip, unpacked when it is asked for. */
export interface PackedFile {
  name: string;
  bytes: number;
  content(): Promise<Uint8Array>;
}

interface JobZipAsk {
  /** The files of the zip; they are gone through twice, for the job may lie behind its photos. */
  files(): AsyncIterable<PackedFile>;
  /** Takes a photo, under the id that the job calls it by; says what is wrong with it. */
  take(id: string, bytes: Uint8Array): Promise<string | null>;
}

/**
 * Reads a job with its photos: the whole of it, or every fault with its file. A photo that is named and missing is no
 * fault; what the job does not know is one. Only one photo at a time is held in memory.
 * @throws what the files of the zip throw
 */
export async function readJobZip({ files, take }: JobZipAsk): Promise<ReadJobZip> {
  const { job, faults = [] } = await jobIn(files());
  if (!job) return { faults };
  const known = new Set(job.photos?.map(({ id }) => id));
  for await (const file of files()) {
    if (file.name === JOB_FILE) continue;
    const fault = await photoIn(file, known, take);
    if (fault !== null) faults.push({ path: file.name, message: fault });
    if (faults.length >= MOST_FAULTS) break;
  }
  return faults.length === 0 ? { job } : { faults };
}

async function jobIn(files: AsyncIterable<PackedFile>): Promise<ReadJobZip> {
  for await (const { name, bytes, content } of files) {
    if (name !== JOB_FILE) continue;
    if (bytes > MAX_FILE_BYTES) return { faults: [{ ...tooLarge(), path: JOB_FILE }] };
    return readJobFile(new TextDecoder().decode(await content()));
  }
  const message = `the zip holds no ${JOB_FILE}: a job with photos is ${JOB_FILE} and a folder photos`;
  return { faults: [{ path: '', message }] };
}

async function photoIn({ name, bytes, content }: PackedFile, known: ReadonlySet<string>, take: JobZipAsk['take']) {
  const id = photoOfFile(name);
  if (id === null) return 'is no part of a job';
  if (!known.has(id)) return `${JOB_FILE} names no photo ${id}`;
  if (bytes > MAX_PHOTO_BYTES) return photoFault(new Uint8Array(), bytes);
  return take(id, await content());
}
