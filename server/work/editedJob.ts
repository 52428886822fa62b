import { DomainError } from '#core/errors';
import { applyEdits, type Edit, type Job } from '#core/job';
import { boundFaults, checkJob, type Fault } from '#formats/job';

/** A job with edits made, or what is wrong with it then. */
export function editedJob(before: Job, edits: readonly Edit[]): { job: Job } | { faults: Fault[] } {
  try {
    if (edits.some((edit) => 'path' in edit && edit.path[0] === 'house'))
      return { faults: [{ path: 'house', message: 'belongs to the shop: change it in Shop defaults' }] };
    const read = checkJob(applyEdits(before, edits), before);
    if (read.faults) return { faults: read.faults };
    const over = boundFaults(read.job, before);
    return over.length > 0 ? { faults: over } : { job: read.job };
  } catch (error) {
    if (!(error instanceof DomainError)) throw error;
    return { faults: [{ path: error.path, message: error.message }] };
  }
}
