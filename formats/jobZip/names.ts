import { jobFileName } from '#formats/job';

/** The job itself, and where its photos lie, in a job's zip. */
export const JOB_FILE = 'job.json';
const PHOTO = /^photos\/([A-Za-z0-9_-]{1,40})\.(?:jpe?g|png)$/i;

export const photoFileName = (id: string): string => `photos/${id}.jpg`;

/** The photo that a file of the zip is; null where it is none. */
export const photoOfFile = (name: string): string | null => PHOTO.exec(name)?.[1] ?? null;

/** A file name for a job with its photos. */
export const jobZipName = (title: string): string => jobFileName(title).replace(/\.json$/, '.zip');
