import { jobFileName } from '#formats/job';
import { jobFile } from '#server/jobFile';
import { isCustomerAsked } from '../papers/customerAsked';
import { stored } from '../stored';
import type { Route } from './+types/job-file';

/** The job as a file to keep or send; whose it is stays here unless it is asked for. */
export async function loader({ params, request }: Route.LoaderArgs) {
  const made = await stored(() => jobFile(params.jobId, { customer: isCustomerAsked(request.url) }));
  if (!made) throw new Response('no such job', { status: 404 });
  const name = jobFileName(`${made.number} ${made.title}`);
  return new Response(made.file, {
    headers: { 'Content-Type': 'application/json', 'Content-Disposition': `attachment; filename="${name}"` },
  });
}
