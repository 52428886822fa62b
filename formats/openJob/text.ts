import { entryOf, type ReadingTold } from './readings';
import type { OpenJob } from './records';

/** What is large of a job, as JSON that nobody needs to read on its way. */
interface Told {
  job: string;
  /** A list of {@link ReadingTold}. */
  readings: string;
}

/** A job as one text, put together from what is known of it and what the database tells: nothing large is read. */
export function openJobText(beside: Omit<OpenJob, keyof Told>, { job, readings }: Told): string {
  return `${JSON.stringify(beside).slice(0, -1)},"job":${job},"readings":${readings}}`;
}

/**
 * The job of such a text.
 * @throws SyntaxError where its document is damaged
 */
export function openJobOf(text: string): OpenJob {
  const { readings, ...open } = JSON.parse(text) as Omit<OpenJob, 'readings'> & { readings: ReadingTold[] };
  return { ...open, readings: readings.map(entryOf) };
}
