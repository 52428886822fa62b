/** `ok` within its limit, `caution` between limit and contact, `fail` touches or does not fit, `unknown` a reading is missing. */
export type Verdict = 'ok' | 'caution' | 'fail' | 'unknown';

/** Verdicts from worst to best. */
export const WORST_FIRST: readonly Verdict[] = ['fail', 'caution', 'unknown', 'ok'];

/** The worst of several verdicts; `unknown` when there is nothing to judge. */
export function worstVerdict(verdicts: readonly Verdict[]): Verdict {
  return WORST_FIRST.find((verdict) => verdicts.includes(verdict)) ?? 'unknown';
}
