import { Op, type Sequelize, type Transaction } from 'sequelize';
import { biasOf, estimateFrom, NO_ERRORS, PRIOR, type Calibration, type ErrorSums } from '#core/calibration';
import type { FittedError } from '#core/calibration';
import { FAMILIES, type Family } from '#core/fitting';
import { SIGMAS_95 } from '#core/uncertainty';
import { log } from './base/log';
import { database, read, rowsOf, write } from './database/connection';
import { FittedErrorRow, JobRow } from './database/models';
import { jobNumber } from './numbers';
import { inWorker, TooLong } from './work/pool';

/** An error of the shop, with the job that it was made at. */
export interface ShopError extends FittedError {
  job: string;
  number: string;
  car: string;
}

/** How far off a shop was, and the latest of the errors of one family, the earliest of them first. */
export interface ShownErrors {
  families: Calibration['families'];
  /** All readings, and the finished fittings that they were taken at. */
  readings: number;
  fittings: number;
  family: Family;
  errors: ShopError[];
  /** Jobs that take too long to compare. */
  leftOut: string[];
}

/** How long one job may take to compare. */
const COMPARE_MS = 60_000;
/** So many errors are drawn and listed. */
const MOST_SHOWN = 400;

/** σᵢ², and what has none is left out. */
const VARIANCE = `((plus_minus * plus_minus + measuring_plus_minus * measuring_plus_minus) / ${SIGMAS_95 ** 2})`;

/**
 * How far off the shop was at every finished fitting.
 * @param asked the family whose errors are shown; without, the first that has any
 */
export async function shopErrors(asked: Family | null): Promise<ShownErrors> {
  const leftOut = await compareWhatChanged();
  return read(async (transaction) => {
    const families = await familiesIn(transaction);
    const family = asked ?? FAMILIES.find((one) => families[one].n > 0) ?? 'poke';
    const [counted] = await rowsOf<{ fittings: number }>(
      'SELECT coalesce(sum(compared_fittings), 0) AS fittings FROM jobs WHERE is_fitted = 1',
      [],
      transaction,
    );
    const readings = FAMILIES.reduce((all, one) => all + families[one].n, 0);
    return { families, readings, ...counted!, family, errors: await latest(family, transaction), leftOut };
  });
}

/** What the ± of predictions follow: every family, and at how many fittings it has shown itself. */
export async function shopCalibration() {
  await compareWhatChanged();
  return read(async (transaction) => {
    const counted = await rowsOf<{ family: Family; fittings: number }>(
      `SELECT family, count(*) AS fittings
       FROM (SELECT DISTINCT family, job_id, fitting FROM fitted_errors WHERE ${VARIANCE} > 0) GROUP BY family`,
      [],
      transaction,
    );
    const fittings = Object.fromEntries(counted.map((one) => [one.family, one.fittings]));
    return { families: await familiesIn(transaction), fittings };
  });
}

/** What was added up last of which database, and how many errors had come or gone until then. */
let known: { of: Sequelize; moves: number; families: Calibration['families'] } | undefined;

/** Bias, scale and cover of every family; added up anew once an error has come or gone. */
async function familiesIn(transaction: Transaction): Promise<Calibration['families']> {
  const [state] = await rowsOf<{ moves: number }>('SELECT moves FROM fitted_errors_moves', [], transaction);
  const { moves } = state!;
  const of = await database();
  if (known?.of !== of || known.moves !== moves) known = { of, moves, families: await addedUp(transaction) };
  return known.families;
}

/** The same, added up where the errors lie. */
async function addedUp(transaction: Transaction): Promise<Calibration['families']> {
  const sums = await rowsOf<ErrorSums & { family: Family }>(
    `SELECT family, count(*) AS n, sum(abs(error) <= plus_minus) AS "within",
       sum(1 / ${VARIANCE}) AS weight, sum(error / ${VARIANCE}) AS weighted
     FROM fitted_errors WHERE ${VARIANCE} > 0 GROUP BY family`,
    [],
    transaction,
  );
  const sumsOf = (family: Family): ErrorSums => sums.find((one) => one.family === family) ?? NO_ERRORS;
  const biases = FAMILIES.map((family) => `WHEN '${family}' THEN ${biasOf(sumsOf(family), PRIOR[family])}`).join(' ');
  const off = `(error - CASE family ${biases} END)`;
  const squares = await rowsOf<{ family: Family; squares: number }>(
    `SELECT family, sum(${off} * ${off} / ${VARIANCE}) AS squares
     FROM fitted_errors WHERE ${VARIANCE} > 0 GROUP BY family`,
    [],
    transaction,
  );
  const estimateOf = (family: Family) => {
    const found = squares.find((one) => one.family === family)?.squares ?? 0;
    return estimateFrom(sumsOf(family), found, PRIOR[family]);
  };
  return Object.fromEntries(FAMILIES.map((family) => [family, estimateOf(family)])) as Calibration['families'];
}

async function latest(family: Family, transaction: Transaction): Promise<ShopError[]> {
  const rows = await rowsOf<Omit<ShopError, 'number'> & { number: number }>(
    `SELECT fitting, corner, figure, family, predicted, measured, at, error, plus_minus AS "plusMinus",
       measuring_plus_minus AS "measuringPlusMinus", jobs.id AS job, number, car
     FROM fitted_errors JOIN jobs ON jobs.id = job_id
     WHERE family = $1 ORDER BY at DESC LIMIT ${MOST_SHOWN}`,
    [family],
    transaction,
  );
  return rows.reverse().map((row) => ({ ...row, number: jobNumber(row.number) }));
}

/**
 * Compares every job that has changed since it was compared, beside the requests; one that takes too long is left out,
 * and named.
 */
async function compareWhatChanged(): Promise<string[]> {
  const rows = await rowsOf<Pick<JobRow, 'id' | 'number' | 'revision'>>(
    'SELECT id, number, revision FROM jobs WHERE is_fitted = 1 AND compared_fittings IS NULL ORDER BY number',
  );
  const leftOut: string[] = [];
  for (const row of rows) if (!(await compared(row))) leftOut.push(jobNumber(row.number));
  return leftOut;
}

/** Compares a job and keeps the outcome, unless the job has moved on; false where it took too long. */
async function compared({ id, revision }: Pick<JobRow, 'id' | 'revision'>): Promise<boolean> {
  const row = await JobRow.findByPk(id, { attributes: ['document'] });
  if (!row) return true;
  try {
    const errors = await inWorker('fittingErrors', row.document, COMPARE_MS);
    await write(async (transaction) => {
      const comparedFittings = new Set(errors.map(({ fitting }) => fitting)).size;
      const where = { id, revision, comparedFittings: { [Op.is]: null } };
      const [isCurrent] = await JobRow.update({ comparedFittings }, { where, silent: true, transaction });
      if (isCurrent === 0) return;
      await FittedErrorRow.bulkCreate(
        errors.map((error) => ({ ...error, jobId: id })),
        { transaction },
      );
    });
    return true;
  } catch (error) {
    if (!(error instanceof TooLong)) throw error;
    log.warn({ id }, 'the fittings of a job take too long to compare');
    return false;
  }
}
