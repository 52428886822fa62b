import type { Job } from '#core/job';

/**
 * Writes a job file: every field as it is, in its own order, indented for people. Reading it back gives the same job.
 */
export const writeJobFile = (job: Job): string => `${JSON.stringify(job, null, 2)}\n`;

/** A file name for a job: plain letters and digits of its title. */
export function jobFileName(title: string): string {
  const plain = title
    .normalize('NFKD')
    .replace(/[^A-Za-z0-9]+/g, '-')
    .replace(/^-+|-+$/g, '')
    .toLowerCase()
    .slice(0, 60);
  return `${plain || 'job'}.scoval.json`;
}
