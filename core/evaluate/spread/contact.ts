import type { Terms } from '#core/job';
import { normalQuantile, sigmaOf } from '#core/uncertainty';
import { shopLimits, type Verdict } from '#core/verdict';
import { touchShare, type Sure } from './sure';

/** The most chance of contact with which a figure still clears, as a share. */
export const contactLimit = ({ house }: Terms): number => shopLimits(house).contactPct / 100;

/** What a clearance is judged to be by its figure alone, and how sure that figure is; asked only where it decides. */
export interface Unsure {
  verdict: Verdict;
  clearanceMm: number | null;
  sure(): Sure | null | undefined;
}

/**
 * A clearance is `ok` only where the chance of contact is no more than the shop takes; where its ± is not known the
 * figure alone counts.
 */
export function surely({ verdict, clearanceMm, sure }: Unsure, terms: Terms): Verdict {
  if (verdict !== 'ok' || clearanceMm === null) return verdict;
  const known = sure();
  return known && touchShare(known, clearanceMm) > contactLimit(terms) ? 'caution' : 'ok';
}

/** How much clearance it takes, by its ±, for the chance of contact to be no more than the shop takes, mm. */
export function sureMm(plusMinus: number, terms: Terms): number {
  const share = contactLimit(terms);
  return share >= 0.5 ? 0 : -quantile(Math.max(1e-6, share)) * sigmaOf(plusMinus);
}

/** The quantile asked for last: a shop takes one chance, and it is asked for at every edge of a window. */
let kept: readonly [share: number, z: number] = [0.5, 0];
function quantile(share: number): number {
  if (kept[0] !== share) kept = [share, normalQuantile(share)];
  return kept[1];
}
