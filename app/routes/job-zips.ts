import type { Fault } from '#formats/faults';
import { storageWords } from '#server/database/faults';
import { takeInJobZip } from '#server/jobZip';
import type { Route } from './+types/job-zips';

/** What is answered to a job that came with its photos: the job, or what is wrong with the zip. */
export type JobZipAnswer = { id: string; faults?: undefined } | { id?: undefined; faults: Fault[] };

/** Takes a job with its photos in; the body is the zip itself. */
export const action = async ({ request }: Route.ActionArgs) => Response.json(await taken(request));

async function taken({ body }: Request): Promise<JobZipAnswer> {
  if (!body) return { faults: [{ path: '', message: 'nothing was sent' }] };
  try {
    return await takeInJobZip(body as unknown as AsyncIterable<Uint8Array>);
  } catch (error) {
    const words = storageWords(error);
    if (words === null) throw error;
    return { faults: [{ path: '', message: `${words}: nothing is imported` }] };
  }
}
