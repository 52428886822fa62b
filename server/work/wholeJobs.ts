import { photosShown, withoutCustomer, type Job, type ShopDefaults } from '#core/job';
import { writeJobFile } from '#formats/job';
import { JOB_FILE } from '#formats/jobZip';
import { openJobOf, wholeJob } from '#formats/openJob';
import { deflated, type Deflated } from '../zip/pack';

/** A job as the database tells it, to be sent whole. */
export interface WholeAsked {
  text: string;
  house: ShopDefaults;
  /** Whether whose it is goes along. */
  customer: boolean;
}

/** The text of a job's file. */
export const jobFileOf = (asked: WholeAsked): string => writeJobFile(wholeOf(asked));

/** A job's file as it stands in its zip, and the photos that go with it. */
export function packedJobOf(asked: WholeAsked): { file: Deflated; photos: string[] } {
  const job = wholeOf(asked);
  const photos = new Set([...(job.photos ?? []).map((one) => one.id), ...photosShown(job)]);
  return { file: deflated({ name: JOB_FILE, text: writeJobFile(job) }), photos: [...photos] };
}

function wholeOf({ text, house, customer }: WholeAsked): Job {
  const job = wholeJob(openJobOf(text), house);
  return customer ? job : withoutCustomer(job);
}
