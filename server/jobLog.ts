import type { LoggedChange } from '#formats/log';
import { read } from './database/connection';
import { ChangeRow } from './database/models';

/** The most changes that a log tells of, the latest of them. */
const MOST_CHANGES = 2000;

/** What was changed in a job, the earliest first. */
export async function jobChanges(id: string): Promise<LoggedChange[]> {
  const rows = await read((transaction) =>
    ChangeRow.findAll({
      attributes: ['kind', 'label', 'edits', 'createdAt'],
      where: { jobId: id },
      order: [['revision', 'DESC']],
      limit: MOST_CHANGES,
      transaction,
    }),
  );
  return rows.toReversed().map(({ kind, label, edits, createdAt }) => ({
    at: createdAt.toISOString(),
    kind,
    label,
    edits,
  }));
}
