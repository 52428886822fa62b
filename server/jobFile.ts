import { toldJob } from './openJob';
import { readShopDefaults } from './shopDefaults';
import { inWorker } from './work/pool';
import type { WholeAsked } from './work/wholeJobs';

/** A job that is sent, by its number and its title. */
export interface SentJob {
  number: string;
  title: string;
}

/** A job as it goes out whole, not read yet; null where there is none of that id. */
export async function wholeAsked(
  id: string,
  { customer }: Pick<WholeAsked, 'customer'>,
): Promise<(SentJob & { asked: WholeAsked }) | null> {
  const told = await toldJob(id);
  if (!told) return null;
  const { number, title, text } = told;
  return { number, title, asked: { text, house: await readShopDefaults(), customer } };
}

/** The file of a job, written beside the requests; null where there is none of that id. */
export async function jobFile(
  id: string,
  which: Pick<WholeAsked, 'customer'>,
): Promise<(SentJob & { file: string }) | null> {
  const whole = await wholeAsked(id, which);
  if (!whole) return null;
  const { asked, ...sent } = whole;
  return { ...sent, file: await inWorker('jobFile', asked) };
}
