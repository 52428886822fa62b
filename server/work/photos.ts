import { openPromise } from 'yauzl';
import { withPhotosNamed, type Job } from '#core/job';
import type { Photo } from '#core/note';
import { MOST_UNPACKED_BYTES, readJobZip, type ReadJobZip } from '#formats/jobZip';
import { storageWords } from '../database/faults';
import { developPhoto, type Kept } from '../photos/develop';
import { keepFiles } from '../photos/files';
import { filesOf, zipWords } from '../zip/files';

/** Makes a photo fit to be kept and writes it beside the database. */
export async function keptPhoto(bytes: Uint8Array): Promise<Kept> {
  const { developed, fault } = await developPhoto(bytes);
  if (!developed) return { fault };
  try {
    await keepFiles(developed);
    return { photo: developed.photo };
  } catch (error) {
    // What the disk says does not pass from a thread as it is.
    const words = storageWords(error);
    if (words === null) throw error;
    return { fault: `is not saved: ${words}` };
  }
}

/** The job of a zip, its photos kept and called as they are kept; or everything that is wrong with it. */
export async function jobOfZip(file: string): Promise<ReadJobZip> {
  const names = new Map<string, string>();
  const kept = new Map<string, Photo>();
  const read = await inWords(() =>
    readJobZip({
      files: async function* () {
        yield* filesOf(await openPromise(file), MOST_UNPACKED_BYTES);
      },
      async take(id, bytes) {
        const { photo, fault } = await keptPhoto(bytes);
        if (!photo) return fault;
        names.set(id, photo.id);
        kept.set(photo.id, photo);
        return null;
      },
    }),
  );
  return read.job ? { job: asKept(withPhotosNamed(read.job, names), kept) } : read;
}

/** What is wrong with a zip is told like what is wrong with a job. */
async function inWords(read: () => Promise<ReadJobZip>): Promise<ReadJobZip> {
  try {
    return await read();
  } catch (error) {
    return { faults: [{ path: '', message: storageWords(error) ?? `the zip ${zipWords(error)}` }] };
  }
}

/** The job with its photos as they are kept here, each once. */
function asKept(job: Job, kept: ReadonlyMap<string, Photo>): Job {
  if (!job.photos) return job;
  const listed = new Map<string, Photo>();
  for (const photo of job.photos) if (!listed.has(photo.id)) listed.set(photo.id, { ...photo, ...kept.get(photo.id) });
  return { ...job, photos: [...listed.values()] };
}
