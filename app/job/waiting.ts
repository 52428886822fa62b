import type { Edit } from '#core/job';

const keyOf = (jobId: string): string => `scoval-unsaved-${jobId}`;

/** Edits that were made in this browser and never saved, with the revision they were made on. */
export interface Waiting {
  revision: number;
  edits: Edit[];
}

const TRIAL_KEY = 'scoval-trial';
/** As much as the edits of an hour without a network take, and more. */
const TRIAL_LENGTH = 200_000;

function hasRoom(): boolean {
  try {
    localStorage.setItem(TRIAL_KEY, 'x'.repeat(TRIAL_LENGTH));
    localStorage.removeItem(TRIAL_KEY);
    return true;
  } catch {
    return false;
  }
}

/**
 * Whether this browser has room for edits that cannot be saved yet; one that refuses storage, or is full, has not.
 * Tried when it is first asked for, and known from then on by what could be kept.
 */
export const roomToKeep = {
  known: undefined as boolean | undefined,
  listeners: new Set<() => void>(),
  get: (): boolean => (roomToKeep.known ??= hasRoom()),
  subscribe(listener: () => void): () => void {
    roomToKeep.listeners.add(listener);
    return () => void roomToKeep.listeners.delete(listener);
  },
  /** Something could be kept, or not. */
  say(could: boolean): void {
    const { known } = roomToKeep;
    // That little could be kept says nothing of much: where room was short, it is tried again.
    const now = could ? (known === false ? hasRoom() : known) : false;
    if (now === known) return;
    roomToKeep.known = now;
    for (const listener of roomToKeep.listeners) listener();
  },
};

/** Keeps unsaved edits where a reload, a crash or a closed tab cannot lose them. */
export function keepWaiting(jobId: string, waiting: Waiting): void {
  try {
    if (waiting.edits.length === 0) localStorage.removeItem(keyOf(jobId));
    else localStorage.setItem(keyOf(jobId), JSON.stringify(waiting));
    roomToKeep.say(true);
  } catch {
    // Private windows may refuse storage; the edits are still on the screen.
    roomToKeep.say(false);
  }
}

/** The unsaved edits of a job, null when there are none. */
export function takeWaiting(jobId: string): Waiting | null {
  try {
    const kept = JSON.parse(localStorage.getItem(keyOf(jobId)) ?? 'null') as Waiting | null;
    return kept && Array.isArray(kept.edits) && kept.edits.length > 0 ? kept : null;
  } catch {
    return null;
  }
}
