import { DomainError } from '#core/errors';
import { applyEdits, placeOf, type Edit, type Job } from '#core/job';
import type { OpenJob } from '#server/jobs';
import type { ForeignChange, SaveResult } from '#server/edits';
import type { Fault } from '#formats/job';

/** Work that waits to be saved: edits, or a step through the history. */
export type Task = { kind: 'edits'; edits: Edit[] } | { kind: 'undo' } | { kind: 'redo' };

export type SaveState =
  | { name: 'saved' }
  /** Something waits, or is on its way. */
  | { name: 'saving' }
  /** The server could not be reached; the work is kept and tried again. */
  | { name: 'failed'; why: string }
  /** The server refused the edits as they are. */
  | { name: 'refused'; faults: Fault[] }
  /** Somebody else saved meanwhile; the work waits for a choice. */
  | { name: 'conflict'; open: OpenJob; changes: ForeignChange[] }
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
}

export type JobAction =
  | { type: 'edit'; edits: Edit[] }
  | { type: 'step'; step: 'undo' | 'redo' }
  | { type: 'sending' }
  | { type: 'answer'; result: SaveResult | Unreachable }
  | { type: 'retry' }
  | { type: 'take-theirs' }
  | { type: 'keep-mine' }
  | { type: 'drop-edits' }
  | { type: 'fresh'; open: OpenJob }
  /** Edits from before a reload, with the revision they were made on: an older one leads to the usual choice. */
  | { type: 'restore'; revision: number; edits: Edit[] };

export const startState = (server: OpenJob, waiting: Edit[] = []): JobState =>
  settle({
    server,
    queue: waiting.length > 0 ? [{ kind: 'edits', edits: waiting }] : [],
    sending: false,
    save: { name: 'saved' },
    job: server.job,
  });

/** The edits that are not saved yet. */
export const waitingEdits = (state: Pick<JobState, 'queue'>): Edit[] =>
  state.queue.flatMap((task) => (task.kind === 'edits' ? task.edits : []));

export function jobReducer(state: JobState, action: JobAction): JobState {
  switch (action.type) {
    case 'edit':
      return withEdits(state, action.edits);
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
      return startState({ ...state.server, revision: action.revision }, action.edits);
    case 'fresh':
      return state.queue.length === 0 && action.open.revision > state.server.revision ? startState(action.open) : state;
  }
}

/** Each edit is a change of its own in the history, but a value set again and again is one: a held nudge key. */
function withEdits(state: JobState, edits: Edit[]): JobState {
  const last = state.queue.at(-1);
  const again = last?.kind === 'edits' && !(state.sending && state.queue.length === 1) && setsSame(last.edits, edits);
  const queue: Task[] = [...(again ? state.queue.slice(0, -1) : state.queue), { kind: 'edits', edits }];
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
      return settle({ ...state, server: result.open, queue: state.queue.slice(1), save: { name: 'saved' } });
    case 'nothing':
      return settle({ ...state, queue: state.queue.slice(1), save: { name: 'saved' } });
    case 'conflict':
      // A step through the history meant the history as it was shown; it is not made on another one.
      return state.queue[0]?.kind === 'edits'
        ? settle({ ...state, save: { name: 'conflict', open: result.open, changes: result.changes } })
        : settle({ ...state, server: result.open, queue: state.queue.slice(1), save: { name: 'saved' } });
    case 'invalid':
      return { ...state, save: { name: 'refused', faults: result.faults } };
    case 'gone':
      return { ...state, save: { name: 'gone' } };
    case 'unreachable':
      return { ...state, save: { name: 'failed', why: result.why } };
  }
}

function rebased(state: JobState, open: OpenJob): JobState {
  return settle({ ...state, server: open, save: { name: 'saved' } });
}

/** Makes the shown job from the server's and the queue. An edit that has lost its place stops the queue and says so. */
function settle(state: JobState): JobState {
  const save: SaveState = state.save.name === 'saved' && state.queue.length > 0 ? { name: 'saving' } : state.save;
  try {
    return { ...state, save, job: applyEdits(state.server.job, waitingEdits(state)) };
  } catch (error) {
    if (!(error instanceof DomainError)) throw error;
    const fault = { path: error.path, message: error.message };
    return { ...state, job: state.server.job, save: { name: 'refused', faults: [fault] } };
  }
}
