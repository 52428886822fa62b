import type { Terms } from '#core/job';
import { normalQuantile, sigmaOf } from '#core/uncertainty';
import { shopLimits, type Verdict } from '#core/verdict';
import { touchShare, type Sure } from './sure';

/** The most chance of contact with which a figure still clears, as a share. */
export const contactLimit = ({ house }: Terms): number => shopLimits(house).contactPct / 100;

/** A clearance is `ok` only where the chance of contact is no more than the shop takes; where its ± is not known the figure alone counts. */
export function surely(verdict: Verdict, clearanceMm: number | null, sure: Sure | null | undefined, terms: Terms): Verdict {
  if (verdict !== 'ok' || clearanceMm === null || !sure) return verdict;
  return touchShare(sure, clearanceMm) > contactLimit(terms) ? 'caution' : 'ok';
} // prettier-ignore

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
