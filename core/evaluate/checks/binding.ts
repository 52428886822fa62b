import { WORST_FIRST } from '#core/verdict';
import type { Check } from '../check';
import type { SetupReport } from '../report';
import { checkOf } from './checks';
import { usedShare } from './usedShare';

/** All checks of a setup, front, rear and whole car. */
export const allChecks = (report: SetupReport): Check[] => [
  ...report.front.checks,
  ...report.rear.checks,
  ...report.checks,
];

/** The check that limits a setup: its worst, of all axles; null when there are none. */
export const limitedBy = (report: SetupReport): Check | null => bindingCheck(allChecks(report));

/**
 * The check that limits a setup: the worst verdict, and among equals the one that has least of its room left.
 * @returns null when there are no checks
 */
export function bindingCheck(checks: readonly Check[]): Check | null {
  let binding: Check | null = null;
  for (const check of checks) if (!binding || limitsMore(check, binding)) binding = check;
  return binding;
}

function limitsMore(check: Check, other: Check): boolean {
  const rank = WORST_FIRST.indexOf(check.verdict) - WORST_FIRST.indexOf(other.verdict);
  if (rank !== 0) return rank < 0;
  const depth = (of: Check) => (of.verdict === 'fail' ? shortfall(of) : (usedShare(of) ?? 0));
  return depth(check) > depth(other);
}

/** How far past contact a failed check is: in mm where it has mm, a matching part that does not fit counts as most. */
function shortfall({ code, unit, margin }: Check): number {
  const { settable, kind } = checkOf(code);
  if (settable) return 0;
  if (kind === 'match') return Infinity;
  return unit === 'mm' && margin !== null ? -margin : 0;
}
