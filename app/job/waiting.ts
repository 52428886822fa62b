import type { Edit } from '#core/job';

const keyOf = (jobId: string): string => `scoval-unsaved-${jobId}`;

/** Edits that were made in this browser and never saved, with the revision they were made on. */
export interface Waiting {
  revision: number;
  edits: Edit[];
}

/** Keeps unsaved edits where a reload, a crash or a closed tab cannot lose them. */
export function keepWaiting(jobId: string, waiting: Waiting): void {
  try {
    if (waiting.edits.length === 0) localStorage.removeItem(keyOf(jobId));
    else localStorage.setItem(keyOf(jobId), JSON.stringify(waiting));
  } catch {
    // Private windows may refuse storage; the edits are still on the screen.
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
