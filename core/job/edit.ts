import { DomainError } from '#core/errors';
import type { Instrument } from '#core/uncertainty';
import type { Job } from './job';
import type { Setup } from './setup';

/**
 * One change to a job. A path runs through the job's keys; a setup is named by its id (`['setups', 'b', 'front', …]`),
 * so that an edit still means the same setup after others came or went.
 */
export type Edit =
  | { op: 'set'; path: string[]; value: unknown; taken?: Taken | undefined }
  | { op: 'clear'; path: string[] }
  /** `after` names the setup it stands behind; null puts it first, leaving it out puts it last. */
  | { op: 'add-setup'; setup: Setup; after?: string | null | undefined }
  | { op: 'remove-setup'; id: string };

/** How a reading was taken. */
export interface Taken {
  instrument: Instrument | null;
  uncertaintyMm: number | null;
}

const KEY = /^[A-Za-z][A-Za-z0-9]*$/;

/**
 * The job with the edits made, the given one left as it is; parts that no edit touches stay the same objects.
 * @throws DomainError when an edit names a setup that is not there, or a key that cannot be one
 */
export const applyEdits = (job: Job, edits: readonly Edit[]): Job => edits.reduce(applyEdit, job);

function applyEdit(job: Job, edit: Edit): Job {
  switch (edit.op) {
    case 'add-setup': {
      if (job.setups.some(({ id }) => id === edit.setup.id))
        throw new DomainError(`there is a setup “${edit.setup.id}” already`, 'setups');
      const setups = [...job.setups];
      setups.splice(edit.after === null ? 0 : placeAfter(job, edit.after), 0, edit.setup);
      return { ...job, setups };
    }
    case 'remove-setup':
      setupIndex(job, edit.id);
      return { ...job, setups: job.setups.filter(({ id }) => id !== edit.id) };
    case 'set':
      return setAt(job, edit.path, edit.value);
    case 'clear':
      return setAt(job, edit.path, undefined);
  }
}

/** Behind a setup that no longer exists means last. */
function placeAfter(job: Job, after: string | undefined): number {
  const index = job.setups.findIndex(({ id }) => id === after);
  return index < 0 ? job.setups.length : index + 1;
}

function setAt(job: Job, path: readonly string[], value: unknown): Job {
  const [first, id, ...rest] = path;
  if (first !== 'setups') return setIn({ target: job, path, value, whole: path }) as Job;
  const index = setupIndex(job, id ?? '');
  const setups = [...job.setups];
  setups[index] = setIn({ target: setups[index]!, path: rest, value, whole: path }) as Setup;
  return { ...job, setups };
}

function setupIndex(job: Job, id: string): number {
  const index = job.setups.findIndex((setup) => setup.id === id);
  if (index < 0) throw new DomainError(`setup “${id}” no longer exists`, 'setups');
  return index;
}

/** Undefined takes the key away; an object that becomes empty by it stays, so that a round trip keeps its shape. */
function setIn({
  target,
  path,
  value,
  whole,
}: {
  target: unknown;
  path: readonly string[];
  value: unknown;
  whole: readonly string[];
}): unknown {
  const [key, ...rest] = path;
  if (key === undefined || !KEY.test(key) || key in Object.prototype)
    throw new DomainError('is not a place in a job', whole.join('.'));
  if (target != null && (typeof target !== 'object' || Array.isArray(target)))
    throw new DomainError('is not a place in a job', whole.join('.'));
  const before = (target ?? {}) as Record<string, unknown>;
  if (rest.length > 0) return { ...before, [key]: setIn({ target: before[key], path: rest, value, whole }) };
  if (value !== undefined) return { ...before, [key]: value };
  const { [key]: _gone, ...kept } = before;
  return kept;
}

/**
 * A document with one place set, or with undefined taken away; what it did not hold is made on the way. @throws
 * DomainError on no place
 */
export const setPlace = <T extends object>(document: T, path: readonly string[], value: unknown): T =>
  setIn({ target: document, path, value, whole: path }) as T;

/** The value at an edit's path, undefined where there is none. */
export function valueAt(job: Job, path: readonly string[]): unknown {
  let place: unknown = job;
  path.forEach((key, depth) => {
    if (depth === 1 && path[0] === 'setups') place = (place as Setup[]).find(({ id }) => id === key);
    else
      place =
        place != null && typeof place === 'object' && Object.hasOwn(place, key)
          ? (place as Record<string, unknown>)[key]
          : undefined;
  });
  return place;
}

/** The edits that take the given ones back, in the order in which they must be made. */
export function inverseEdits(job: Job, edits: readonly Edit[]): Edit[] {
  const inverse: Edit[] = [];
  let before = job;
  for (const edit of edits) {
    inverse.unshift(inverseEdit(before, edit));
    before = applyEdit(before, edit);
  }
  return inverse;
}

function inverseEdit(job: Job, edit: Edit): Edit {
  switch (edit.op) {
    case 'add-setup':
      return { op: 'remove-setup', id: edit.setup.id };
    case 'remove-setup': {
      const index = setupIndex(job, edit.id);
      return { op: 'add-setup', setup: job.setups[index]!, after: index === 0 ? null : job.setups[index - 1]!.id };
    }
    default: {
      // A value set in a place whose parents did not exist is taken back with the parents it made.
      const known = edit.path.findIndex((_, depth) => valueAt(job, edit.path.slice(0, depth + 1)) === undefined);
      const path = known < 0 ? edit.path : edit.path.slice(0, known + 1);
      return known < 0 ? { op: 'set', path, value: valueAt(job, path) } : { op: 'clear', path };
    }
  }
}

/** Whether two edits concern the same place: one sets what the other sets, holds or removes. */
export function editsMeet(one: Edit, other: Edit): boolean {
  const [a, b] = [placeOf(one), placeOf(other)];
  const depth = Math.min(a.length, b.length);
  return a.slice(0, depth).every((key, index) => key === b[index]);
}

/** The place an edit concerns. */
export const placeOf = (edit: Edit): string[] =>
  edit.op === 'add-setup' ? ['setups', edit.setup.id] : edit.op === 'remove-setup' ? ['setups', edit.id] : edit.path;
