import { jobChanges } from '#server/jobLog';
import { toldJob } from '#server/openJob';
import { inWorker } from '#server/work/pool';
import { readPreferences } from '../preferences/cookie';
import { stored } from '../stored';
import type { Route } from './+types/log-file';

/** The log of a job as a file for a spreadsheet. The mark at its head tells spreadsheets that it is UTF-8. */
export async function loader({ request, params }: Route.LoaderArgs) {
  const told = await stored(() => toldJob(params.jobId));
  if (!told) throw new Response('no such job', { status: 404 });
  const changes = await stored(() => jobChanges(params.jobId));
  const { unit, measures } = await readPreferences(request);
  const table = await inWorker('logFile', { text: told.text, changes, units: { length: unit, ...measures } });
  return new Response(`\ufeff${table}`, {
    headers: {
      'Content-Type': 'text/csv; charset=utf-8',
      'Content-Disposition': `attachment; filename="${told.number}-log.csv"`,
    },
  });
}
