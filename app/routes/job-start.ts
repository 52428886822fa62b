import { redirect } from 'react-router';
import { jobStanding } from '#core/standing';
import { openJob } from '#server/jobs';
import type { Route } from './+types/job-start';

/** A job opens where work waits: readings first, then setups, then the comparison. */
export async function loader({ params }: Route.LoaderArgs) {
  const open = await openJob(params.jobId);
  const station = open
    ? { readings: 'room', setups: 'setups', decision: 'setups' }[jobStanding(open.job).waitsFor]
    : 'hub';
  return redirect(`/jobs/${params.jobId}/${station}`);
}
