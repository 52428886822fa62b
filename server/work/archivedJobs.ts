import type { Job } from '#core/job';
import { archivedJobFile, type ArchivedChange, type ArchivedJob } from '#formats/archive';
import { isoDate } from '../database/dates';
import { archivedReadings } from '../readings';
import { deflated, type Deflated } from '../zip/pack';

/** A job with everything that belongs to it, as the database tells it. */
export interface JobTold {
  number: number;
  revision: number;
  archivedAt: string | null;
  createdAt: string;
  updatedAt: string;
  document: string;
  readings: string;
  changes: string;
}

/**
 * Jobs as the files of an archive, packed.
 * @throws SyntaxError where a document is damaged
 */
export const archivedJobs = (told: readonly JobTold[]): Deflated[] =>
  told.map((job) => deflated(archivedJobFile(archivedJob(job))));

const archivedJob = ({ number, revision, archivedAt, createdAt, updatedAt, ...told }: JobTold): ArchivedJob => ({
  number,
  revision,
  archivedAt: archivedAt === null ? null : isoDate(archivedAt),
  createdAt: isoDate(createdAt),
  updatedAt: isoDate(updatedAt),
  document: JSON.parse(told.document) as Job,
  readings: archivedReadings(told.readings),
  changes: (JSON.parse(told.changes) as ArchivedChange[]).map((one) => ({
    ...one,
    createdAt: isoDate(one.createdAt),
  })),
});
