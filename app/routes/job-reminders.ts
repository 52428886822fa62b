import { jobReminders } from '#server/reminders';
import { calendarFile } from '../papers/calendarFile';
import { stored } from '../stored';
import type { Route } from './+types/job-reminders';

/** What one job is to be reminded of, as a calendar file. */
export async function loader({ params }: Route.LoaderArgs) {
  const found = await stored(() => jobReminders(params.jobId));
  if (!found) throw new Response('no such job', { status: 404 });
  return calendarFile(`${found.number}.ics`, `Scoval ${found.number}`, found.told);
}
