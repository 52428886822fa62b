import { MATCHING, WORST_FIRST, type Check } from './verdict';
import { usedShare } from './used';

/**
 * The check that holds a setup: the worst verdict, and among equals the one that has least of its room left.
 * @returns null when there are no checks
 */
export function bindingCheck(checks: readonly Check[]): Check | null {
  let binding: Check | null = null;
  for (const check of checks) if (!binding || holdsMore(check, binding)) binding = check;
  return binding;
}

function holdsMore(check: Check, other: Check): boolean {
  const rank = WORST_FIRST.indexOf(check.verdict) - WORST_FIRST.indexOf(other.verdict);
  if (rank !== 0) return rank < 0;
  const depth = (of: Check) => (of.verdict === 'fail' ? shortfall(of) : (usedShare(of) ?? 0));
  return depth(check) > depth(other);
}

/** What can be set or ordered anew without moving the wheel: it does not hold a setup that touches as well. */
const SETTABLE: ReadonlySet<string> = new Set(['speedometer', 'tpms']);

/** How far past contact a failed check is: in mm where it has mm, a matching part that does not fit counts as most. */
const shortfall = (check: Check): number =>
  SETTABLE.has(check.code)
    ? 0
    : MATCHING.has(check.code)
      ? Infinity
      : check.unit === 'mm' && check.margin !== null
        ? -check.margin
        : 0;
