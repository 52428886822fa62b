import { Op, type Transaction } from 'sequelize';
import { editsMeet, inverseEdits, type Edit, type Job } from '#core/job';
import { editName, readingAt } from '#formats/fields';
import { MOST_READINGS, type Fault } from '#formats/job';
import { database, write } from './database/connection';
import { columnsOf, describeJob, type OpenJob } from './jobs';
import { ChangeRow, JobRow, ReadingRow } from './database/models';
import { inWorker, TooLong } from './work/pool';

/** One change that somebody else saved meanwhile. */
export interface ForeignChange {
  label: string;
  at: string;
  edits: Edit[];
  /** The same places as they were before. */
  inverse: Edit[];
  /** Whether it concerns a place that the refused edits concern too. */
  meets: boolean;
}

export type SaveResult =
  | { status: 'saved'; open: OpenJob }
  | { status: 'conflict'; open: OpenJob; changes: ForeignChange[] }
  | { status: 'invalid'; faults: Fault[] }
  | { status: 'nothing' }
  | { status: 'gone' };

/**
 * Saves edits on top of a revision, in one transaction: document, readings and change together or none of them. A write
 * on an old revision is refused with what has changed since. The job is checked before, beside the requests.
 */
export async function saveEdits(id: string, revision: number, edits: Edit[]): Promise<SaveResult> {
  const before = await documentOf(id, revision);
  const outcome = before && (await editedInTime(before, edits));
  return inTransaction(id, async (row, transaction) => {
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
    await addReadings(row, edits, transaction);
    return advance(row, outcome.job, transaction);
  });
}

/** Takes the latest change back, or makes the last one taken back again. */
export async function stepHistory(id: string, revision: number, step: 'undo' | 'redo'): Promise<SaveResult> {
  const before = await documentOf(id, revision);
  const change = before && (await changeToStep(id, step));
  if (before && !change) return { status: 'nothing' };
  const edits = change ? (step === 'undo' ? change.inverse : change.edits) : [];
  const outcome = before && (await editedInTime(before, edits));
  return inTransaction(id, async (row, transaction) => {
    if (row.revision !== revision || !change || !outcome) return conflict({ row, revision, edits: [], transaction });
    if ('faults' in outcome) return { status: 'invalid', faults: outcome.faults };
    await change.update({ state: step === 'undo' ? 'undone' : 'done' }, { transaction });
    await ReadingRow.update(
      { withdrawn: step === 'undo' },
      { where: { jobId: id, revision: change.revision }, transaction },
    );
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
    return advance(row, outcome.job, transaction);
  });
}

/** The document of a job while it is at a revision; null once it is not, and where there is no such job. */
async function documentOf(id: string, revision: number): Promise<Job | null> {
  await database();
  const row = await JobRow.findByPk(id, { attributes: ['document', 'revision'] });
  return row?.revision === revision ? row.document : null;
}

/** The change that is taken back next, or made again. */
const changeToStep = (id: string, step: 'undo' | 'redo'): Promise<ChangeRow | null> =>
  ChangeRow.findOne({
    where: { jobId: id, state: step === 'undo' ? 'done' : 'undone' },
    order: [['revision', step === 'undo' ? 'DESC' : 'ASC']],
  });

async function editedInTime(job: Job, edits: Edit[]): Promise<{ job: Job } | { faults: Fault[] }> {
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

async function advance(row: JobRow, job: Job, transaction: Transaction): Promise<SaveResult> {
  await row.update({ revision: row.revision + 1, ...columnsOf(job) }, { transaction });
  return { status: 'saved', open: await describeJob(row, transaction) };
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
  const changes = await ChangeRow.findAll({
    where: { jobId: row.id, revision: { [Op.gt]: revision } },
    order: [['revision', 'ASC']],
    transaction,
  });
  return {
    status: 'conflict',
    open: await describeJob(row, transaction),
    changes: changes.map((change) => ({
      label: change.label,
      at: change.createdAt.toISOString(),
      edits: change.edits,
      inverse: change.inverse,
      meets: change.edits.some((theirs) => edits.some((mine) => editsMeet(theirs, mine))),
    })),
  };
}

async function addReadings(row: JobRow, edits: Edit[], transaction: Transaction): Promise<void> {
  const takenAt = new Date();
  const rows = edits.flatMap((edit) => {
    const reading = edit.op === 'set' || edit.op === 'clear' ? readingAt(edit.path) : null;
    if (!reading) return [];
    const taken = edit.op === 'set' ? edit.taken : undefined;
    return [
      {
        jobId: row.id,
        corner: reading.axle,
        key: reading.key,
        value: edit.op === 'set' ? ((edit.value as number | null) ?? null) : null,
        uncertaintyMm: taken?.uncertaintyMm ?? null,
        instrument: taken?.instrument ?? null,
        takenAt,
        revision: row.revision + 1,
      },
    ];
  });
  await ReadingRow.bulkCreate(rows, { transaction });
  for (const corner of new Set(rows.map((one) => one.corner))) await dropOldest(row.id, corner, transaction);
}

/** Keeps the history of an axle to what a file takes: what was taken back goes first, then what is oldest. */
async function dropOldest(jobId: string, corner: string, transaction: Transaction): Promise<void> {
  const over = (await ReadingRow.count({ where: { jobId, corner }, transaction })) - MOST_READINGS;
  if (over <= 0) return;
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
  await ReadingRow.destroy({ where: { id: oldest.map(({ id }) => id) }, transaction });
}

function changeLabel(edits: Edit[]): string {
  const names = [...new Set(edits.map(editName))];
  return names.length > 2 ? `${names[0]} and ${names.length - 1} more` : names.join(', ');
}
