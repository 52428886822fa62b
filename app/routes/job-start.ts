import { data, redirect } from 'react-router';
import { waitsFor, type WaitsFor } from '#core/standing';
import { openJob } from '#server/openJob';
import { stored } from '../stored';
import type { Route } from './+types/job-start';

const STATIONS_WAITING: Record<WaitsFor, string> = {
  readings: 'room',
  setups: 'setups',
  decision: 'setups',
  parts: 'compare',
  fitting: 'fit-up',
  retorque: 'fit-up',
  nothing: 'fit-up',
};

/** A job opens where work waits: readings first, then setups and their comparison, then the car. */
export async function loader({ request, params }: Route.LoaderArgs) {
  const open = await stored(() => openJob(params.jobId));
  if (!open) throw data(null, { status: 404 });
  const station = STATIONS_WAITING[waitsFor(open.job)];
  return redirect(`/jobs/${open.id}/${station}${new URL(request.url).search}`);
}
