import { jobFileName, writeJobFile } from '#formats/job';
import { exportJob } from '#server/jobs';
import { stored } from '../stored';
import type { Route } from './+types/job-file';

/** The job as a file to keep or send. */
export async function loader({ params }: Route.LoaderArgs) {
  const exported = await stored(() => exportJob(params.jobId));
  if (!exported) throw new Response('no such job', { status: 404 });
  const name = jobFileName(`${exported.number} ${exported.job.title ?? ''}`);
  return new Response(writeJobFile(exported.job), {
    headers: { 'Content-Type': 'application/json', 'Content-Disposition': `attachment; filename="${name}"` },
  });
}
