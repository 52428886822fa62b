import type { LoggedChange } from '#formats/log';
import { rowsOf } from './database/connection';
import { isoDate } from './database/dates';

/** The most changes that a log tells of, the latest of them. */
const MOST_CHANGES = 2000;

/** What was changed in a job, the earliest first. */
export async function jobChanges(id: string): Promise<LoggedChange[]> {
  const rows = await rowsOf<Pick<LoggedChange, 'kind' | 'label'> & Record<'edits' | 'createdAt', string>>(
    `SELECT kind, label, edits, created_at AS "createdAt" FROM changes
     WHERE job_id = $1 ORDER BY revision DESC LIMIT ${MOST_CHANGES}`,
    [id],
  );
  return rows.toReversed().map(({ kind, label, edits, createdAt }) => ({
    at: isoDate(createdAt),
    kind,
    label,
    edits: JSON.parse(edits) as LoggedChange['edits'],
  }));
}
