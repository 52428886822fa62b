import type { NearPatternRule, Verdict } from '#core/verdict';
import type { BoltPattern } from './patterns';

/**
 * Circles that differ by no more than this are near patterns: bolts go in, seats pull off center (common practice, no
 * source).
 */
export const NEAR_PATTERN_MM = 1;
/** Two names of one circle (4.75 in and 120.65 mm) differ by less than this. */
const SAME_MM = 0.005;

/**
 * A wheel's pattern against what it bolts to: same count and circle `ok`; same count within 1.0 mm a near pattern,
 * `caution` or, where the shop refuses them, `fail`; anything else `fail`.
 * @returns the verdict and wheel circle − hub circle, mm; null and `unknown` while either is not known
 */
export function matchPattern(
  wheel: Partial<BoltPattern> | null,
  hub: Partial<BoltPattern> | null,
  nearPatterns: NearPatternRule,
): { verdict: Verdict; deltaMm: number | null } {
  const deltaMm =
    wheel?.boltCircleMm == null || hub?.boltCircleMm == null ? null : wheel.boltCircleMm - hub.boltCircleMm;
  const countsDiffer = wheel?.lugCount != null && hub?.lugCount != null && wheel.lugCount !== hub.lugCount;
  if (countsDiffer) return { verdict: 'fail', deltaMm };
  if (deltaMm !== null && Math.abs(deltaMm) > NEAR_PATTERN_MM + 1e-9) return { verdict: 'fail', deltaMm };
  if (deltaMm === null || wheel?.lugCount == null || hub?.lugCount == null) return { verdict: 'unknown', deltaMm };
  if (Math.abs(deltaMm) < SAME_MM) return { verdict: 'ok', deltaMm };
  return { verdict: nearPatterns === 'refuse' ? 'fail' : 'caution', deltaMm };
}
