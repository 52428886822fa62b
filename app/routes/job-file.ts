import { withoutCustomer } from '#core/job';
import { jobFileName, writeJobFile } from '#formats/job';
import { exportJob } from '#server/jobs';
import { isCustomerAsked } from '../papers/customerAsked';
import { stored } from '../stored';
import type { Route } from './+types/job-file';

/** The job as a file to keep or send; whose it is stays here unless it is asked for. */
export async function loader({ params, request }: Route.LoaderArgs) {
  const exported = await stored(() => exportJob(params.jobId));
  if (!exported) throw new Response('no such job', { status: 404 });
  const job = isCustomerAsked(request.url) ? exported.job : withoutCustomer(exported.job);
  const name = jobFileName(`${exported.number} ${exported.job.title ?? ''}`);
  return new Response(writeJobFile(job), {
    headers: { 'Content-Type': 'application/json', 'Content-Disposition': `attachment; filename="${name}"` },
  });
}
