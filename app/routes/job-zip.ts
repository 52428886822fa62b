import { jobZipName } from '#formats/jobZip';
import { jobZip } from '#server/jobZip';
import { isCustomerAsked } from '../papers/customerAsked';
import { stored } from '../stored';
import type { Route } from './+types/job-zip';

/** The job with its photos as one file to keep or send. */
export async function loader({ params, request }: Route.LoaderArgs) {
  const made = await stored(() => jobZip(params.jobId, { customer: isCustomerAsked(request.url) }));
  if (!made) throw new Response('no such job', { status: 404 });
  const name = jobZipName(`${made.number} ${made.title}`);
  return new Response(made.zip, {
    headers: { 'Content-Type': 'application/zip', 'Content-Disposition': `attachment; filename="${name}"` },
  });
}
