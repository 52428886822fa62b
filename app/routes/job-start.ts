import { data, redirect } from 'react-router';
import { waitsFor } from '#core/standing';
import { openJob } from '#server/jobs';
import { stored } from '../stored';
import type { Route } from './+types/job-start';

/** A job opens where work waits: readings first, then setups, then the comparison. */
export async function loader({ request, params }: Route.LoaderArgs) {
  const open = await stored(() => openJob(params.jobId));
  if (!open) throw data(null, { status: 404 });
  const station = { readings: 'room', setups: 'setups', decision: 'setups' }[waitsFor(open.job)];
  return redirect(`/jobs/${open.id}/${station}${new URL(request.url).search}`);
}
