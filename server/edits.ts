import { col, fn, Op, type Transaction } from 'sequelize';
import { editsMeet, inverseEdits, type Edit, type Job } from '#core/job';
import { editName, readingsIn } from '#formats/fields';
import { MOST_READINGS, type Fault } from '#formats/job';
import { database, write } from './database/connection';
import { columnsOf } from './jobs';
import { describeJob, markOf, type Mark } from './openJob';
import { historyEntryOf } from './readings';
import { tellSaved } from './live/hub';
import type { Saved, SaveResult } from './saved';
import { ChangeRow, JobRow, ReadingRow } from './database/models';
import { followOwnError } from './ownError';
import { editedJob } from './work/editedJob';
import { inWorker, TooLong } from './work/pool';

/** The most changes that are listed where somebody else saved meanwhile. */
const MOST_CHANGES = 50;

/** The length of a job's text up to which it is checked sooner, some 10 ms, than a thread is woken for it. */
const SMALL = 60_000;

const NO_READINGS: Pick<Saved, 'readings' | 'withdrawn' | 'dropped'> = {
  readings: [],
  withdrawn: { ids: [], withdrawn: false },
  dropped: [],
};

/**
 * Saves edits on top of a revision, in one transaction: document, readings and change together or none of them. A write
 * on an old revision is refused with what has changed since. The job is checked before, a large one by a thread.
 */
export async function saveEdits(id: string, revision: number, edits: Edit[]): Promise<SaveResult> {
  const before = await documentOf(id, revision);
  const outcome = before && (await editedInTime(before, edits));
  const result = await inTransaction(id, async (row, transaction) => {
    if (row.revision !== revision || !outcome) return conflict({ row, revision, edits, transaction });
    if ('faults' in outcome) return { status: 'invalid', faults: outcome.faults };
    await ChangeRow.update({ state: 'past' }, { where: { jobId: id, state: 'undone' }, transaction });
    await ChangeRow.create(
      {
        jobId: id,
        revision: row.revision + 1,
        kind: 'edit',
        label: changeLabel(edits),
        edits,
        inverse: inverseEdits(row.document, edits),
        state: 'done',
      },
      { transaction },
    );
    const added = await addReadings(row, edits, transaction);
    return { ...(await advance(row, outcome.job, transaction)), made: 'as sent', ...NO_READINGS, ...added };
  });
  tellSaved(id, result, edits);
  return result;
}

/** Takes the latest change back, or makes the last one taken back again. */
export async function stepHistory(id: string, revision: number, step: 'undo' | 'redo'): Promise<SaveResult> {
  const before = await documentOf(id, revision);
  const change = before && (await changeToStep(id, step));
  if (before && !change) return { status: 'nothing' };
  const edits = change ? (step === 'undo' ? change.inverse : change.edits) : [];
  const outcome = before && (await editedInTime(before, edits));
  const result = await inTransaction(id, async (row, transaction) => {
    if (row.revision !== revision || !change || !outcome) return conflict({ row, revision, edits: [], transaction });
    if ('faults' in outcome) return { status: 'invalid', faults: outcome.faults };
    await change.update({ state: step === 'undo' ? 'undone' : 'done' }, { transaction });
    const withdrawn = step === 'undo';
    const where = { jobId: id, revision: change.revision };
    await ReadingRow.update({ withdrawn }, { where, transaction });
    const rows = await ReadingRow.findAll({ attributes: ['id'], where, transaction });
    await ChangeRow.create(
      {
        jobId: id,
        revision: row.revision + 1,
        kind: step,
        label: `${step}: ${change.label}`.slice(0, 250),
        edits,
        inverse: inverseEdits(row.document, edits),
        state: 'past',
      },
      { transaction },
    );
    const marked = { ids: rows.map((reading) => reading.id), withdrawn };
    return { ...(await advance(row, outcome.job, transaction)), made: edits, ...NO_READINGS, withdrawn: marked };
  });
  tellSaved(id, result, edits);
  return result;
}

/** A job's document and the length of its text. */
interface Before {
  job: Job;
  characters: number;
}

/** The document of a job while it is at a revision; null once it is not, and where there is no such job. */
async function documentOf(id: string, revision: number): Promise<Before | null> {
  await database();
  const row = await JobRow.findByPk(id, {
    attributes: ['document', 'revision', [fn('length', col('document')), 'characters']],
  });
  return row?.revision === revision ? { job: row.document, characters: row.get('characters') as number } : null;
}

/** The change that is taken back next, or made again. */
const changeToStep = (id: string, step: 'undo' | 'redo'): Promise<ChangeRow | null> =>
  ChangeRow.findOne({
    where: { jobId: id, state: step === 'undo' ? 'done' : 'undone' },
    order: [['revision', step === 'undo' ? 'DESC' : 'ASC']],
  });

async function editedInTime({ job, characters }: Before, edits: Edit[]): Promise<{ job: Job } | { faults: Fault[] }> {
  if (characters + JSON.stringify(edits).length <= SMALL) return editedJob(job, edits);
  try {
    return await inWorker('editJob', { job, edits });
  } catch (error) {
    if (!(error instanceof TooLong)) throw error;
    return { faults: [{ path: '', message: 'the change takes too long to check: it is not saved' }] };
  }
}

async function inTransaction(
  id: string,
  work: (row: JobRow, transaction: Transaction) => Promise<SaveResult>,
): Promise<SaveResult> {
  return write(async (transaction) => {
    const row = await JobRow.findByPk(id, { transaction });
    return row ? work(row, transaction) : { status: 'gone' };
  });
}

async function advance(row: JobRow, job: Job, transaction: Transaction): Promise<{ status: 'saved' } & Mark> {
  const columns = columnsOf(job);
  if (row.isFitted || columns.isFitted) transaction.afterCommit(followOwnError);
  await row.update({ revision: row.revision + 1, ...columns }, { transaction });
  return { status: 'saved', ...(await markOf(row, transaction)) };
}

async function conflict({
  row,
  revision,
  edits,
  transaction,
}: {
  row: JobRow;
  revision: number;
  edits: Edit[];
  transaction: Transaction;
}): Promise<SaveResult> {
  const { rows, count } = await ChangeRow.findAndCountAll({
    where: { jobId: row.id, revision: { [Op.gt]: revision } },
    order: [['revision', 'DESC']],
    limit: MOST_CHANGES,
    transaction,
  });
  return {
    status: 'conflict',
    open: (await describeJob(row.id, transaction))!,
    earlier: count - rows.length,
    changes: rows.toReversed().map((change) => ({
      label: change.label,
      at: change.createdAt.toISOString(),
      edits: change.edits,
      inverse: change.inverse,
      meets: change.edits.some((theirs) => edits.some((mine) => editsMeet(theirs, mine))),
    })),
  };
}

async function addReadings(
  { id: jobId, revision }: JobRow,
  edits: Edit[],
  transaction: Transaction,
): Promise<Pick<Saved, 'readings' | 'dropped'>> {
  const takenAt = new Date();
  const taken = readingsIn(edits).map((reading) => ({ ...reading, jobId, takenAt, revision: revision + 1 }));
  if (taken.length === 0) return { readings: [], dropped: [] };
  await ReadingRow.bulkCreate(taken, { transaction });
  const dropped = [];
  for (const corner of new Set(taken.map((one) => one.corner)))
    dropped.push(...(await dropOldest(jobId, corner, transaction)));
  const where = { jobId, revision: revision + 1 };
  const rows = await ReadingRow.findAll({ where, order: [['id', 'ASC']], transaction });
  return { readings: rows.map(historyEntryOf), dropped };
}

/** Keeps the history of an axle to what a file takes: what was taken back goes first, then what is oldest. */
async function dropOldest(jobId: string, corner: string, transaction: Transaction): Promise<number[]> {
  const over = (await ReadingRow.count({ where: { jobId, corner }, transaction })) - MOST_READINGS;
  if (over <= 0) return [];
  const oldest = await ReadingRow.findAll({
    attributes: ['id'],
    where: { jobId, corner },
    order: [
      ['withdrawn', 'DESC'],
      ['id', 'ASC'],
    ],
    limit: over,
    transaction,
  });
  const ids = oldest.map(({ id }) => id);
  await ReadingRow.destroy({ where: { id: ids }, transaction });
  return ids;
}

function changeLabel(edits: Edit[]): string {
  const names = [...new Set(edits.map(editName))];
  return names.length > 2 ? `${names[0]} and ${names.length - 1} more` : names.join(', ');
}
