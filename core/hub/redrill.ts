import { DomainError } from '#core/errors';
import type { BoltPattern } from './patterns';

/** Holes on a circle, mm. */
export interface Drilling extends BoltPattern {
  holeMm: number;
}

const gcd = (a: number, b: number): number => (b === 0 ? a : gcd(b, a % b));

/**
 * Least material between old and new holes, mm, with the new ones turned to where they stand furthest from the old:
 * √(r₁² + r₂² − 2·r₁·r₂·cos(π/m)) − (d₁ + d₂)/2 with m = lcm(n₁, n₂). For n on n that is half a pitch, π/n. Source:
 * cosine rule; the best turn is half of the least angle between the two rows of holes. Negative: the holes run into
 * each other.
 * @throws DomainError on a circle or hole that is not positive
 */
export function ligamentMm(old: Drilling, made: Drilling): number {
  for (const { boltCircleMm, holeMm } of [old, made])
    if (!(boltCircleMm > 0) || !(holeMm > 0)) throw new DomainError('circle and hole must be larger than 0');
  const [r1, r2] = [old.boltCircleMm / 2, made.boltCircleMm / 2];
  const together = (old.lugCount * made.lugCount) / gcd(old.lugCount, made.lugCount);
  const apart = Math.sqrt(r1 * r1 + r2 * r2 - 2 * r1 * r2 * Math.cos(Math.PI / together));
  return apart - (old.holeMm + made.holeMm) / 2;
}

/** Material between a hole and the rim of the flange it stands in, mm: ⌀/2 − PCD/2 − d/2. */
export const edgeMarginMm = (flangeDiameterMm: number, drilling: Drilling): number =>
  (flangeDiameterMm - drilling.boltCircleMm - drilling.holeMm) / 2;

/** Material between a hole and the center bore, mm: PCD/2 − d/2 − bore/2. */
export const boreMarginMm = (boreMm: number, drilling: Drilling): number =>
  (drilling.boltCircleMm - drilling.holeMm - boreMm) / 2;
