import type { RulesMoved } from '#core/standing';
import { WORST_FIRST } from '#core/verdict';

const WORDS = { ok: 'clear', caution: 'with care', fail: 'do not fit', unknown: 'not known' } as const;

/** What other rules made of a job's verdicts, in a line. */
export function movedWords({ from, to, was, setups }: RulesMoved): string {
  if (setups.length > 0)
    return `Rules ${to} judge otherwise than ${from}: ${setups.map(({ id, was: before, is }) => `${id.toUpperCase()} ${WORDS[before]} → ${WORDS[is]}`).join(', ')}.`;
  const before = WORST_FIRST.filter((verdict) => was[verdict] > 0).map((verdict) => `${was[verdict]} ${WORDS[verdict]}`);
  return `Rules ${to} judge otherwise than ${from}: before, ${before.join(', ')}.`;
} // prettier-ignore
