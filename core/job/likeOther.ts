import type { AxleName } from './axle';
import type { Edit } from './edit';
import type { Job } from './job';

/** What an axle has in common with the other of a car with four like wheels: hub; present wheel, tire and spacer. */
const ALIKE = ['hub', 'baseline'] as const;

/** Values that mean something only together: where one of them is given, none of the others is taken over. */
const TOGETHER: readonly (readonly string[])[] = [
  ['lugCount', 'boltCircleMm', 'patternReadings', 'boreMm'],
  ['offsetMm', 'backspacingMm', 'backspacingConvention'],
];
/** Taken over whole or not at all. */
const WHOLE: ReadonlySet<string> = new Set(['innerFace', 'fastener']);

type Values = Record<string, unknown>;
const isGiven = (value: unknown): boolean => value !== undefined && value !== null;

/** The values of one place that another place lacks, as edits. What is there already stays. */
function missingEdits(from: unknown, to: unknown, path: string[]): Edit[] {
  if (!isGiven(from)) return [];
  if (typeof from !== 'object' || Array.isArray(from) || WHOLE.has(path.at(-1)!))
    return isGiven(to) ? [] : [{ op: 'set', path, value: from }];
  const there = (to ?? {}) as Values;
  const isShut = (key: string): boolean =>
    TOGETHER.some((group) => group.includes(key) && group.some((one) => isGiven(there[one])));
  return Object.entries(from as Values)
    .filter(([key]) => !isShut(key))
    .flatMap(([key, value]) => missingEdits(value, there[key], [...path, key]));
}

/**
 * Fills what an axle lacks with what the other has: hub, present wheel, tire and spacer. What was given already stays;
 * gaps are of their own axle and never taken over.
 */
export function axleLikeOther(job: Job, axle: AxleName): Edit[] {
  const other = job.vehicle[axle === 'front' ? 'rear' : 'front'];
  const own = job.vehicle[axle];
  return ALIKE.flatMap((key) => missingEdits(other?.[key], own?.[key], ['vehicle', axle, key]));
}

/** Writes the right side's gaps down as the left side's own, where it has none. */
export const leftLikeRight = (job: Job, axle: AxleName): Edit[] =>
  missingEdits(job.vehicle[axle]?.room, job.vehicle[axle]?.left?.room, ['vehicle', axle, 'left', 'room']);
