import type { Check } from './check';
import type { Answer, CheckDefinition, Judgement } from './definition';
import { Judged } from './judged';

type Named<Case> = readonly [code: string, check: CheckDefinition & { judge(one: Case): Answer }];

/** Everything that a case is judged by, in the order of the checks. */
export function judgeAll<Case>(checks: readonly Named<Case>[], one: Case, axle: Check['axle']): Judged[] {
  const found: Judged[] = [];
  for (const named of checks) {
    const answer = named[1].judge(one);
    if (answer === null) continue;
    if ('verdict' in answer) found.push(written(named, answer, axle));
    else for (const each of answer) found.push(written(named, each, axle));
  }
  return found;
}

function written([code, { label, unit }]: Named<never>, found: Judgement, axle: Check['axle']): Judged {
  const { value, limit, margin, verdict } = found;
  return new Judged(
    {
      code: found.part === undefined ? code : `${code}:${found.part}`,
      label: found.label ?? label,
      axle,
      value,
      limit,
      margin,
      unit: found.unit ?? unit,
      verdict,
    },
    () => found.lines(),
    found.spread,
  );
}

/** What is missing for a figure, in words; shown where a value cannot be known. */
export const missing = (what: string): string[] => [`not known: ${what}`];
