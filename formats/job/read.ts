import { parse, type ParseError } from 'jsonc-parser';
import type { Job } from '#core/job';
import { faultsOf, type Fault } from '#formats/faults';
import { VALIDATION } from '#formats/rules';
import { jobSchema } from './schema';

/** The largest job file that is read: a whole job with a long history stays far below it. */
export const MAX_FILE_BYTES = 5 * 1024 * 1024;
/** More faults than this tell nobody more. */
const MAX_FAULTS = 50;

export type ReadJob = { job: Job; faults?: undefined } | { job?: undefined; faults: Fault[] };

/**
 * Reads a job file. Never throws and never guesses: either the whole job, exactly as it was written, or every fault
 * with its path.
 * @param source the text of the file
 */
export function readJobFile(source: string): ReadJob {
  if (source.length > MAX_FILE_BYTES) return { faults: [tooLarge()] };
  const plain = source.replace(/^\ufeff/, '');
  if (plain.trim() === '') return { faults: [{ path: '', message: 'the file is empty' }] };
  let data: unknown;
  try {
    data = JSON.parse(plain);
  } catch {
    return { faults: [syntaxFault(plain)] };
  }
  return checkJob(data);
}

/** Checks data that claims to be a job file. */
export function checkJob(data: unknown): ReadJob {
  if (data === null || typeof data !== 'object' || Array.isArray(data))
    return { faults: [{ path: '', message: 'a job file is one JSON object' }] };
  const { error } = jobSchema.validate(data, VALIDATION);
  if (!error) return { job: data as Job };
  const faults = faultsOf(error);
  const more = faults.length - MAX_FAULTS;
  return {
    faults: more > 0 ? [...faults.slice(0, MAX_FAULTS), { path: '', message: `and ${more} more faults` }] : faults,
  };
}

/** The fault of a file over the limit. */
export const tooLarge = (): Fault => ({
  path: '',
  message: `the file is larger than ${MAX_FILE_BYTES / 1024 / 1024} MB, too large for a job file`,
});

/** Says where the JSON breaks, by line and column. */
function syntaxFault(source: string): Fault {
  const errors: ParseError[] = [];
  parse(source, errors, { disallowComments: true });
  const end = source.trimEnd().length;
  const at = Math.min(errors[0]?.offset ?? end, end);
  const ended = at + (errors[0]?.length ?? 0) >= end && !/[}\]]$/.test(source.trimEnd().slice(at));
  const before = source.slice(0, ended ? end : at).split('\n');
  const place = `line ${before.length}, column ${before.at(-1)!.length + 1}`;
  return {
    path: '',
    message: ended ? `the file is cut short: it ends at ${place}, before its JSON does` : `is not JSON at ${place}`,
  };
}
