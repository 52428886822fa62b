import type { FittedError } from '#core/calibration';
import { log } from './base/log';
import { database, write } from './database/connection';
import { JobRow } from './database/models';
import { jobNumber } from './numbers';
import { inWorker, TooLong } from './work/pool';

/** An error of the shop, with the job that it was made at. */
export interface ShopError extends FittedError {
  job: string;
  number: string;
  car: string;
}

/** How long one job may take to compare. */
const COMPARE_MS = 60_000;

/**
 * How far off the shop was at every finished fitting. A job is compared once after each change, beside the requests;
 * one that takes too long is left out, and named.
 */
export async function shopErrors(): Promise<{ errors: ShopError[]; leftOut: string[] }> {
  await database();
  const rows = await JobRow.findAll({
    attributes: ['id', 'number', 'car', 'revision', 'fittingErrors'],
    where: { isFitted: true },
    order: [['number', 'ASC']],
  });
  const errors: ShopError[] = [];
  const leftOut: string[] = [];
  for (const row of rows) {
    const own = row.fittingErrors ?? (await compared(row));
    if (!own) leftOut.push(jobNumber(row.number));
    for (const error of own ?? []) errors.push({ ...error, job: row.id, number: jobNumber(row.number), car: row.car });
  }
  return { errors, leftOut };
}

/** Compares a job and keeps the outcome with its row, unless the row has moved on; null where it took too long. */
async function compared({ id, revision }: Pick<JobRow, 'id' | 'revision'>): Promise<FittedError[] | null> {
  const row = await JobRow.findByPk(id, { attributes: ['document'] });
  if (!row) return [];
  try {
    const errors = await inWorker('fittingErrors', row.document, COMPARE_MS);
    await write((transaction) =>
      JobRow.update({ fittingErrors: errors }, { where: { id, revision }, silent: true, transaction }),
    );
    return errors;
  } catch (error) {
    if (!(error instanceof TooLong)) throw error;
    log.warn({ id }, 'the fittings of a job take too long to compare');
    return null;
  }
}
