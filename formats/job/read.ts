import { parse, type ParseError } from 'jsonc-parser';
import { AXLES, type Job } from '#core/job';
import { faultsOf, pathText, type Fault } from '#formats/faults';
import { crowdedPath, depthFault } from '#formats/json';
import { VALIDATION } from '#formats/rules';
import { boundFaults } from './bounds';
import { decisionFaults } from './decision';
import { fittingFaults } from './fittingFaults';
import { jobSchema } from './schema';

/** The largest job file that is read: a job of every size that is taken, with the longest history, stays below it. */
export const MAX_FILE_BYTES = 12 * 1024 * 1024;
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
  const tooDeep = depthFault(plain);
  if (tooDeep) return { faults: [{ path: '', message: tooDeep }] };
  let data: unknown;
  try {
    data = JSON.parse(plain);
  } catch {
    return { faults: [syntaxFault(plain)] };
  }
  const read = checkJob(data);
  const over = read.job ? boundFaults(read.job) : [];
  return over.length > 0 ? { faults: over } : read;
}

/**
 * Checks data that claims to be a job file.
 * @param before the same job as it was: its outlines are known to be in order and are not looked at again
 */
export function checkJob(data: unknown, before?: Job): ReadJob {
  if (data === null || typeof data !== 'object' || Array.isArray(data))
    return { faults: [{ path: '', message: 'a job file is one JSON object' }] };
  const crowded = crowdedPath(data);
  if (crowded) return { faults: [{ path: pathText(crowded), message: 'has more fields than any part of a job has' }] };
  const { error } = jobSchema.validate(data, { ...VALIDATION, context: { sound: before ? linesOf(before) : NONE } });
  if (!error) {
    const unfit = [...fittingFaults(data as Job), ...decisionFaults(data as Job)];
    return unfit.length > 0 ? { faults: unfit.slice(0, MAX_FAULTS) } : { job: data as Job };
  }
  const faults = faultsOf(error);
  const more = faults.length - MAX_FAULTS;
  return {
    faults: more > 0 ? [...faults.slice(0, MAX_FAULTS), { path: '', message: `and ${more} more faults` }] : faults,
  };
}

const NONE: ReadonlySet<unknown> = new Set();

/** The outlines and inner faces of a job, by what they are, not by what is in them. */
function linesOf({ vehicle, setups }: Job): ReadonlySet<unknown> {
  return new Set(
    AXLES.flatMap((axle) => {
      const { caliper, baseline } = vehicle[axle] ?? {};
      const faces = [baseline?.wheel, ...setups.map((setup) => setup[axle]?.wheel)].map((wheel) => wheel?.innerFace);
      return [caliper?.outline, ...faces.flatMap((face) => [face?.barrel, face?.spoke])].filter(Boolean);
    }),
  );
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
