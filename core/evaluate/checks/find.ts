import type { Verdict } from '#core/verdict';
import type { Check } from '../check';
import type { CheckCode } from './checks';

/** The check of that code, where it was judged. */
export const findCheck = (checks: readonly Check[], code: CheckCode): Check | undefined =>
  checks.find((check) => check.code === code);

/** What a check of that code says; not known where it was not judged. */
export const verdictOf = (checks: readonly Pick<Check, 'code' | 'verdict'>[], code: CheckCode): Verdict =>
  checks.find((check) => check.code === code)?.verdict ?? 'unknown';
