import { wordsIn } from '#core/units';
import { logCsv, logOf } from '#formats/log';
import { jobChanges } from '#server/jobLog';
import { openJob } from '#server/openJob';
import { readPreferences } from '../preferences/cookie';
import { stored } from '../stored';
import type { Route } from './+types/log-file';

/** The log of a job as a file for a spreadsheet. The mark at its head tells spreadsheets that it is UTF-8. */
export async function loader({ request, params }: Route.LoaderArgs) {
  const open = await stored(() => openJob(params.jobId));
  if (!open) throw new Response('no such job', { status: 404 });
  const changes = await stored(() => jobChanges(params.jobId));
  const { unit, measures } = await readPreferences(request);
  const entries = logOf({ job: open.job, readings: open.readings, changes }, wordsIn({ length: unit, ...measures }));
  return new Response(`\ufeff${logCsv(entries)}`, {
    headers: {
      'Content-Type': 'text/csv; charset=utf-8',
      'Content-Disposition': `attachment; filename="${open.number}-log.csv"`,
    },
  });
}
