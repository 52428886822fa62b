import type { PatternReading } from './records';
import { DomainError } from '#core/errors';
import { INSTRUMENT_UNCERTAINTY_MM } from '#core/uncertainty';
import { widestSteps } from './chord';

/** What a reading without a stated uncertainty is taken for: one with a steel rule. */
export const USUAL_UNCERTAINTY_MM = INSTRUMENT_UNCERTAINTY_MM['steel-rule']!;

/**
 * How many studs apart the two ends of a reading are.
 * @throws DomainError when such a pair is not there: opposite studs of an odd count, a pair further apart than the
 *   widest
 */
export function stepsOf(reading: Pick<PatternReading, 'kind' | 'steps'>, lugCount: number): number {
  switch (reading.kind) {
    case 'neighbours':
      return 1;
    case 'widest':
      return widestSteps(lugCount);
    case 'opposite':
      if (lugCount % 2 === 1)
        throw new DomainError(`of ${lugCount} studs none are opposite: read the widest pair`, 'kind');
      return lugCount / 2;
    case 'apart': {
      if (reading.steps == null) throw new DomainError('needs the number of steps between the two studs', 'steps');
      if (reading.steps > widestSteps(lugCount))
        throw new DomainError(`of ${lugCount} studs two are at most ${widestSteps(lugCount)} steps apart`, 'steps');
      return reading.steps;
    }
  }
}

/** Why readings that are there cannot be on so many studs, null when they can. */
export function countFault(readings: readonly PatternReading[], lugCount: number): string | null {
  for (const reading of readings) {
    try {
      stepsOf(reading, lugCount);
    } catch (error) {
      if (!(error instanceof DomainError)) throw error;
      return `${error.message}; remove that reading first`;
    }
  }
  return null;
}

/** The word for a pair so many steps apart. */
export function kindOf(lugCount: number, steps: number): Pick<PatternReading, 'kind' | 'steps'> {
  if (steps * 2 === lugCount) return { kind: 'opposite' };
  if (steps === widestSteps(lugCount) && lugCount > 3) return { kind: 'widest' };
  return steps === 1 ? { kind: 'neighbours' } : { kind: 'apart', steps };
}

/**
 * Distance between the middles of the two studs or holes, mm, from where the rule lay: centers and same-side edges as
 * read; outer edges − stud ⌀; inner edges + stud ⌀; from the center of one to the far edge of the other − ½ stud ⌀.
 * @throws DomainError when the diameter is needed and missing, or nothing is left between the middles
 */
export function centersMm(reading: Pick<PatternReading, 'from' | 'valueMm' | 'studDiameterMm'>): number {
  const { from, valueMm, studDiameterMm } = reading;
  if (from === 'centres' || from === 'same-edge') return valueMm;
  if (studDiameterMm == null)
    throw new DomainError('for a reading to an edge the stud or hole diameter is needed', 'studDiameterMm');
  const centers = valueMm - DIAMETERS_OVER[from] * studDiameterMm;
  if (centers <= 0) throw new DomainError('the reading is no longer than the stud is thick', 'valueMm');
  return centers;
}

/** How many stud diameters a reading is longer than the distance between the middles. */
const DIAMETERS_OVER = { 'outer-edges': 1, 'center-to-far-edge': 0.5, 'inner-edges': -1 } as const;

/** Whether a way of reading needs the diameter of the stud or hole. */
export const needsStud = (from: PatternReading['from']): boolean => from in DIAMETERS_OVER;

/** What the shop adds to the widest pair of five, at a metric and at an inch bench (common practice, no source). */
const SHORTCUT_MM = 6;
const SHORTCUT_IN_MM = 6.35;

/**
 * The shop's shortcut for five studs, mm: what a rule reads from same edge to same edge of the widest pair, plus 6 mm
 * or 1/4 in.
 */
export const fiveStudShortcutMm = (widestPairMm: number, bench: 'mm' | 'in' = 'mm'): number =>
  widestPairMm + (bench === 'mm' ? SHORTCUT_MM : SHORTCUT_IN_MM);
