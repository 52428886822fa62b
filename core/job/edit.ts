import { DomainError } from '#core/errors';
import type { Origin } from '#core/instrument';
import type { Instrument } from '#core/uncertainty';
import type { Job } from './job';
import type { Setup } from './setup';

/**
 * One change to a job. A path runs through the job's keys; a member of a list is named by its id (`['setups', 'b',
 * 'front', …]`), so that an edit still means the same one after others came or went.
 */
export type Edit =
  | { op: 'set'; path: string[]; value: unknown; taken?: Taken | undefined }
  | { op: 'clear'; path: string[] }
  /** Sets a place that is empty; what stands there stays. Two who tick one step agree. */
  | { op: 'fill'; path: string[]; value: unknown }
  /** Puts a value into a list, last unless `at` says where; a list that is not there is made. */
  | { op: 'add'; path: string[]; value: unknown; at?: number | undefined }
  /** Takes a value out of a list: the one of its id, or the same one; the list goes with its last. */
  | { op: 'remove'; path: string[]; value: unknown }
  /** `after` names the setup it stands behind; null puts it first, leaving it out puts it last. */
  | { op: 'add-setup'; setup: Setup; after?: string | null | undefined }
  | { op: 'remove-setup'; id: string };

/** How a reading was taken. */
export interface Taken extends Origin {
  instrument: Instrument | null;
  uncertaintyMm: number | null;
}

const KEY = /^[A-Za-z][A-Za-z0-9_-]*$/;

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
    case 'fill':
      return valueAt(job, edit.path) == null ? setAt(job, edit.path, edit.value) : job;
    case 'add': {
      const list = [...listAt(job, edit.path)];
      if (placeIn(list, edit.value) >= 0) throw new DomainError('is in the list already', edit.path.join('.'));
      list.splice(edit.at ?? list.length, 0, edit.value);
      return setAt(job, edit.path, list);
    }
    case 'remove': {
      const list = listAt(job, edit.path);
      const gone = memberAt(list, edit);
      return setAt(job, edit.path, list.length === 1 ? undefined : list.toSpliced(gone, 1));
    }
  }
}

function listAt(job: Job, path: readonly string[]): readonly unknown[] {
  const list = valueAt(job, path) ?? [];
  if (!Array.isArray(list)) throw new DomainError('is not a list', path.join('.'));
  return list;
}

/** What a member of a list is known by: its id, or all that it says. */
const identityOf = (value: unknown): string =>
  value !== null && typeof value === 'object' && 'id' in value
    ? String(value.id)
    : JSON.stringify(value, (_, part: unknown) =>
        part !== null && typeof part === 'object' && !Array.isArray(part)
          ? Object.fromEntries(Object.entries(part).sort(([a], [b]) => (a < b ? -1 : 1)))
          : part,
      );

const placeIn = (list: readonly unknown[], value: unknown): number => {
  const identity = identityOf(value);
  return list.findIndex((one) => identityOf(one) === identity);
};

function memberAt(list: readonly unknown[], { path, value }: { path: readonly string[]; value: unknown }): number {
  const at = placeIn(list, value);
  if (at < 0) throw new DomainError('is not in the list any more', path.join('.'));
  return at;
}

/** Behind a setup that no longer exists means last. */
function placeAfter(job: Job, after: string | undefined): number {
  const index = job.setups.findIndex(({ id }) => id === after);
  return index < 0 ? job.setups.length : index + 1;
}

function setAt(job: Job, path: readonly string[], value: unknown): Job {
  if (path[0] === 'setups') setupIndex(job, path[1] ?? '');
  return setIn({ target: job, path, value, whole: path }) as Job;
}

function setupIndex(job: Job, id: string): number {
  const index = job.setups.findIndex((setup) => setup.id === id);
  if (index < 0) throw new DomainError(`setup “${id}” no longer exists`, 'setups');
  return index;
}

const hasId = (value: unknown, id: string): boolean =>
  value !== null && typeof value === 'object' && 'id' in value && value.id === id;

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
  if (target != null && typeof target !== 'object') throw new DomainError('is not a place in a job', whole.join('.'));
  if (Array.isArray(target)) {
    const at = target.findIndex((one: unknown) => hasId(one, key));
    if (at < 0) throw new DomainError(`“${key}” no longer exists`, whole.join('.'));
    // A whole member comes and goes as one of its list.
    if (rest.length === 0) throw new DomainError('is not a place in a job', whole.join('.'));
    return target.with(at, setIn({ target: target[at], path: rest, value, whole }));
  }
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
  for (const key of path) {
    if (Array.isArray(place)) place = (place as unknown[]).find((one) => hasId(one, key));
    else
      place =
        place != null && typeof place === 'object' && Object.hasOwn(place, key)
          ? (place as Record<string, unknown>)[key]
          : undefined;
  }
  return place;
}

/** The edits that take the given ones back, in the order in which they must be made. */
export function inverseEdits(job: Job, edits: readonly Edit[]): Edit[] {
  const inverse: Edit[] = [];
  let before = job;
  for (const edit of edits) {
    inverse.unshift(...inverseEdit(before, edit));
    before = applyEdit(before, edit);
  }
  return inverse;
}

function inverseEdit(job: Job, edit: Edit): Edit[] {
  switch (edit.op) {
    case 'add-setup':
      return [{ op: 'remove-setup', id: edit.setup.id }];
    case 'remove-setup': {
      const index = setupIndex(job, edit.id);
      return [{ op: 'add-setup', setup: job.setups[index]!, after: index === 0 ? null : job.setups[index - 1]!.id }];
    }
    case 'add':
      return [{ op: 'remove', path: edit.path, value: edit.value }];
    case 'remove': {
      const list = listAt(job, edit.path);
      const at = memberAt(list, edit);
      return [{ op: 'add', path: edit.path, value: list[at], at }];
    }
    case 'fill':
      return valueAt(job, edit.path) == null ? [backTo(job, edit.path)] : [];
    default:
      return [backTo(job, edit.path)];
  }
}

/** Puts a place back as it is; one whose parents do not exist goes with the parents that setting it makes. */
function backTo(job: Job, path: string[]): Edit {
  const known = path.findIndex((_, depth) => valueAt(job, path.slice(0, depth + 1)) === undefined);
  if (known < 0) return { op: 'set', path, value: valueAt(job, path) };
  return { op: 'clear', path: path.slice(0, known + 1) };
}

/** Whether two edits concern the same place: one sets what the other sets, holds or removes. */
export function editsMeet(one: Edit, other: Edit): boolean {
  if (one.op === 'fill' && other.op === 'fill') return false;
  const [a, b] = [placeOf(one), placeOf(other)];
  const depth = Math.min(a.length, b.length);
  return a.slice(0, depth).every((key, index) => key === b[index]);
}

/** The place an edit concerns. */
export function placeOf(edit: Edit): string[] {
  switch (edit.op) {
    case 'add-setup':
      return ['setups', edit.setup.id];
    case 'remove-setup':
      return ['setups', edit.id];
    case 'add':
    case 'remove':
      return [...edit.path, identityOf(edit.value)];
    default:
      return edit.path;
  }
}
