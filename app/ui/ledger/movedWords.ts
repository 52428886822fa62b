import { CHECK_KINDS } from '#core/evaluate';
import type { RulesMoved } from '#core/standing';
import { WORST_FIRST } from '#core/verdict';
import { countedVerdict } from '../words';

const OF_ONE = CHECK_KINDS.match.words;

/** What other rules made of a job's verdicts, in a line. */
export function movedWords({ from, to, was, setups }: RulesMoved): string {
  if (setups.length > 0)
    return (
      `Rules ${to} judge differently from ${from}:` +
      ` ${setups.map(({ id, was: before, is }) => `${id.toUpperCase()} ${OF_ONE[before]} → ${OF_ONE[is]}`).join(', ')}.`
    );
  const before = WORST_FIRST.filter((verdict) => was[verdict] > 0).map((verdict) =>
    countedVerdict(verdict, was[verdict]),
  );
  return `Rules ${to} judge differently from ${from}: before, ${before.join(', ')}.`;
}
