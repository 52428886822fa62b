import { DomainError } from '#core/errors';

/** Fewest and most studs that are reckoned with. */
export const LEAST_LUGS = 3;
export const MOST_LUGS = 10;

/** How many studs apart two studs can be on a circle of n: from neighbours (1) to the widest pair. */
export const widestSteps = (lugCount: number): number => Math.floor(lugCount / 2);

/** The shorter way round between two studs, in steps: studs 0 and 4 of five are neighbours. */
export function stepsBetween(lugCount: number, one: number, other: number): number {
  const apart = Math.abs(one - other) % lugCount;
  return Math.min(apart, lugCount - apart);
}

/**
 * Distance between the middles of two studs k steps apart, mm: c = PCD · sin(kπ/n), the chord of a circle of diameter
 * PCD.
 * @throws DomainError when n is not 3 to 10, or k not 1 to ⌊n/2⌋
 */
export function chordMm(boltCircleMm: number, lugCount: number, steps: number): number {
  return boltCircleMm * chordRatio(lugCount, steps);
}

/**
 * Bolt circle from the distance between the middles of two studs, mm: PCD = c / sin(kπ/n). Errors as {@link chordMm}.
 */
export function boltCircleMm(centersMm: number, lugCount: number, steps: number): number {
  return centersMm / chordRatio(lugCount, steps);
}

/** sin(kπ/n): the chord of a pair as a share of the circle's diameter; 1 for opposite studs. */
export function chordRatio(lugCount: number, steps: number): number {
  if (!Number.isInteger(lugCount) || lugCount < LEAST_LUGS || lugCount > MOST_LUGS)
    throw new DomainError(`${lugCount} studs: must be ${LEAST_LUGS} to ${MOST_LUGS}`, 'lugCount');
  if (steps === 0) throw new DomainError('both ends are the same stud: choose two', 'steps');
  if (!Number.isInteger(steps) || steps < 1 || steps > widestSteps(lugCount))
    throw new DomainError(`of ${lugCount} studs two are 1 to ${widestSteps(lugCount)} steps apart`, 'steps');
  // Exactly the diameter, not a hair beside it.
  return steps * 2 === lugCount ? 1 : Math.sin((steps * Math.PI) / lugCount);
}
