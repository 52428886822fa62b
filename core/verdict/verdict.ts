/**
 * `ok` within its limit, `caution` between limit and contact, `fail` touches or does not fit, `unknown` a reading is
 * missing.
 */
export type Verdict = 'ok' | 'caution' | 'fail' | 'unknown';

/** Verdicts from worst to best. */
export const WORST_FIRST: readonly Verdict[] = ['fail', 'caution', 'unknown', 'ok'];

/** The worst of several verdicts; `unknown` when there is nothing to judge. */
export function worstVerdict(verdicts: readonly Verdict[]): Verdict {
  if (verdicts.length === 0) return 'unknown';
  let worst: Verdict = 'ok';
  for (const verdict of verdicts) {
    if (verdict === 'fail') return verdict;
    if (verdict === 'caution' || (verdict === 'unknown' && worst === 'ok')) worst = verdict;
  }
  return worst;
}
