import { DomainError } from '#core/errors';

/** Thicknesses in which spacers are commonly sold, mm (common practice, no source). */
const USUAL_SPACERS_MM = [3, 5, 8, 10, 12, 15, 18, 20, 25, 30, 35, 40, 50] as const;

/**
 * From washers that just let a wheel turn to the spacer it needs, mm: t = n·d + clearance. The washers alone are
 * contact, not clearance. What already stands between hub and wheel is part of the washers' stack.
 * @throws DomainError on no washers, or washers without thickness
 */
export function spacerFromWashersMm(count: number, washerMm: number, clearanceMm: number): number {
  if (!(count >= 1)) throw new DomainError('at least one washer', 'count');
  if (!(washerMm > 0)) throw new DomainError('a washer has a thickness', 'washerMm');
  return count * washerMm + clearanceMm;
}

/** The next thickness that is commonly sold; null above the thickest. */
export const usualSpacerMm = (leastMm: number): number | null =>
  USUAL_SPACERS_MM.find((thickness) => thickness >= leastMm - 1e-6) ?? null;
