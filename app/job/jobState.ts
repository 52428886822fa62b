import { DomainError } from '#core/errors';
import { applyEdits, editsMeet, placeOf, type Edit, type Job } from '#core/job';
import { readingsIn } from '#formats/fields';
import type { Fault } from '#formats/job';
import type { ForeignChange, Saved, SaveResult } from '#server/saved';
import type { OpenJob } from '#formats/openJob';
import type { HistoryEntry } from '#formats/openJob';
import type { LiveEvents } from '#server/live/records';

/** Work that waits to be saved: edits, or a step through the history. */
export type Task = EditsTask | { kind: 'undo' } | { kind: 'redo' };

interface EditsTask {
  kind: 'edits';
  edits: Edit[];
  /** The readings among them, as they are shown until they are saved. */
  readings: HistoryEntry[];
  /** The job with them made, and the one that they were made on: what is saved later is the same object. */
  made?: { on: Job; job: Job };
}

export type SaveState =
  | { name: 'saved' }
  /** Something waits, or is on its way. */
  | { name: 'saving' }
  /** The server could not be reached; the work is kept and tried again. */
  | { name: 'failed'; why: string }
  /** The server refused the edits as they are. */
  | { name: 'refused'; faults: Fault[] }
  /** Somebody else saved meanwhile; the work waits for a choice. */
  | { name: 'conflict'; open: OpenJob; changes: ForeignChange[]; earlier: number }
  | { name: 'gone' };

/** What the browser makes of a save that was not answered, with why. */
export interface Unreachable {
  status: 'unreachable';
  why: string;
}

/** A job on the table: what the server has, and what was done since. */
export interface JobState {
  server: OpenJob;
  queue: Task[];
  /** The first task of the queue is on its way. */
  sending: boolean;
  save: SaveState;
  /** The job as it is shown: the server's with the waiting edits made. */
  job: Job;
  /** The history as it is shown: with the readings that wait. */
  readings: HistoryEntry[];
  /** How often it has become what somebody else saved. */
  foreign: number;
}

export type JobAction =
  /** `at` is when, by this browser's clock. */
  | { type: 'edit'; edits: Edit[]; at: string }
  | { type: 'step'; step: 'undo' | 'redo' }
  | { type: 'sending' }
  | { type: 'answer'; result: SaveResult | Unreachable }
  | { type: 'retry' }
  | { type: 'take-theirs' }
  | { type: 'keep-mine' }
  | { type: 'drop-edits' }
  | { type: 'fresh'; open: OpenJob }
  /** Another screen saved; of use where it is the very next revision and nothing waits here. */
  | { type: 'heard'; saved: LiveEvents['saved'] }
  /** Edits from before a reload, with the revision they were made on: an older one leads to the usual choice. */
  | { type: 'restore'; revision: number; edits: Edit[]; at: string };

export const startState = (server: OpenJob, waiting: readonly Task[] = []): JobState =>
  settle({
    server,
    queue: [...waiting],
    sending: false,
    save: { name: 'saved' },
    job: server.job,
    readings: server.readings,
    foreign: 0,
  });

const taskOf = (edits: Edit[], at: string): EditsTask => ({
  kind: 'edits',
  edits,
  readings: readingsIn(edits).map((reading) => ({ ...reading, id: UNSAVED, takenAt: at })),
});

/** The id of a reading that has none yet. */
const UNSAVED = -1;

/** The edits that are not saved yet. */
export const waitingEdits = (state: Pick<JobState, 'queue'>): Edit[] =>
  state.queue.flatMap((task) => (task.kind === 'edits' ? task.edits : []));

export function jobReducer(state: JobState, action: JobAction): JobState {
  switch (action.type) {
    case 'edit':
      return withEdits(state, action);
    case 'step':
      return settle({ ...state, queue: [...state.queue, { kind: action.step }] });
    case 'sending':
      return { ...state, sending: true, save: { name: 'saving' } };
    case 'retry':
      return settle({ ...state, save: { name: 'saved' } });
    case 'answer':
      return answered({ ...state, sending: false }, action.result);
    case 'take-theirs':
      return state.save.name === 'conflict' ? startState(state.save.open) : state;
    case 'keep-mine':
      return state.save.name === 'conflict' ? rebased(state, state.save.open) : state;
    case 'drop-edits':
      return startState(state.server);
    case 'restore':
      return startState({ ...state.server, revision: action.revision }, [taskOf(action.edits, action.at)]);
    case 'fresh':
      return state.queue.length === 0 && action.open.revision > state.server.revision
        ? { ...startState(action.open), foreign: state.foreign + 1 }
        : state;
    case 'heard':
      return state.queue.length === 0 && action.saved.revision === state.server.revision + 1
        ? settle({ ...state, server: withSaved(state.server, action.saved, undefined), foreign: state.foreign + 1 })
        : state;
  }
}

/** Each edit is a change of its own in the history, but a value set again and again is one: a held nudge key. */
function withEdits(state: JobState, { edits, at }: { edits: Edit[]; at: string }): JobState {
  const last = state.queue.at(-1);
  const again = last?.kind === 'edits' && !(state.sending && state.queue.length === 1) && setsSame(last.edits, edits);
  const queue: Task[] = [...(again ? state.queue.slice(0, -1) : state.queue), taskOf(edits, at)];
  const save: SaveState =
    state.save.name === 'refused' || state.save.name === 'failed' ? { name: 'saved' } : state.save;
  return settle({ ...state, queue, save });
}

/** Whether both set exactly the same places. */
function setsSame(before: readonly Edit[], edits: readonly Edit[]): boolean {
  const places = (some: readonly Edit[]) => some.map((edit) => `${edit.op} ${placeOf(edit).join('/')}`).join();
  return edits.every(({ op }) => op === 'set') && places(before) === places(edits);
}

function answered(state: JobState, result: SaveResult | Unreachable): JobState {
  switch (result.status) {
    case 'saved':
      return settle({
        ...state,
        server: withSaved(state.server, result, state.queue[0]),
        queue: state.queue.slice(1),
        save: { name: 'saved' },
      });
    case 'nothing':
      return settle({ ...state, queue: state.queue.slice(1), save: { name: 'saved' } });
    case 'conflict':
      // A step through the history meant the history as it was shown; it is not made on another one.
      if (state.queue[0]?.kind !== 'edits')
        return settle({ ...state, server: result.open, queue: state.queue.slice(1), save: { name: 'saved' } });
      // Two who work at two places of one job need not be asked.
      return isApart(state, result)
        ? rebased(state, result.open)
        : settle({ ...state, save: { ...result, name: 'conflict' } });
    case 'invalid':
      return { ...state, save: { name: 'refused', faults: result.faults } };
    case 'gone':
      return { ...state, save: { name: 'gone' } };
    case 'unreachable':
      return { ...state, save: { name: 'failed', why: result.why } };
  }
}

/** Whether nothing that was saved elsewhere concerns a place that waits here. */
const isApart = (state: JobState, { changes, earlier }: Extract<SaveResult, { status: 'conflict' }>): boolean => {
  const mine = waitingEdits(state);
  return (
    earlier === 0 &&
    changes.length > 0 &&
    !changes.some(({ edits }) => edits.some((one) => mine.some((other) => editsMeet(one, other))))
  );
};

function rebased(state: JobState, open: OpenJob): JobState {
  return settle({ ...state, server: open, save: { name: 'saved' }, foreign: state.foreign + 1 });
}

/** What the server has after a save: what it did not touch stays the same objects. */
function withSaved(server: OpenJob, saved: Saved, task: Task | undefined): OpenJob {
  const { made, revision, updatedAt, undo, redo } = saved;
  const own = task?.kind === 'edits' && task.made?.on === server.job ? task.made.job : null;
  const edits = made === 'as sent' ? (task?.kind === 'edits' ? task.edits : []) : made;
  return {
    ...server,
    revision,
    updatedAt,
    undo,
    redo,
    job: own ?? applyEdits(server.job, edits),
    readings: historyAfter(server.readings, saved),
  };
}

function historyAfter(before: HistoryEntry[], { readings, withdrawn, dropped }: Saved): HistoryEntry[] {
  if (readings.length + withdrawn.ids.length + dropped.length === 0) return before;
  const [marked, gone] = [new Set(withdrawn.ids), new Set(dropped)];
  const mark = (entry: HistoryEntry): HistoryEntry => {
    if (!marked.has(entry.id)) return entry;
    const { withdrawn: _, ...rest } = entry;
    return withdrawn.withdrawn ? { ...rest, withdrawn: true } : rest;
  };
  return [...before.filter(({ id }) => !gone.has(id)).map(mark), ...readings];
}

/**
 * Makes the shown job from the server's and the queue; what was made already stays the same object. An edit that has
 * lost its place stops the queue and says so.
 */
function settle(state: JobState): JobState {
  const save: SaveState = state.save.name === 'saved' && state.queue.length > 0 ? { name: 'saving' } : state.save;
  const { job: saved, readings: kept } = state.server;
  try {
    let job = saved;
    const queue = state.queue.map((task): Task => {
      if (task.kind !== 'edits') return task;
      const made = task.made?.on === job ? task.made : { on: job, job: applyEdits(job, task.edits) };
      job = made.job;
      return made === task.made ? task : { ...task, made };
    });
    const taken = queue.flatMap((task) => (task.kind === 'edits' ? task.readings : []));
    return { ...state, save, queue, job, readings: taken.length > 0 ? [...kept, ...taken] : kept };
  } catch (error) {
    if (!(error instanceof DomainError)) throw error;
    const fault = { path: error.path, message: error.message };
    return { ...state, job: saved, readings: kept, save: { name: 'refused', faults: [fault] } };
  }
}
