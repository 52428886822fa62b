import type { Check } from './check';
import type { Answer, CheckDefinition, Judgement } from './definition';
import { Judged } from './judged';

type Named<Case> = readonly [code: string, check: CheckDefinition & { judge(one: Case): Answer }];

/** Everything that a case is judged by, in the order of the checks. */
export function judgeAll<Case>(checks: readonly Named<Case>[], one: Case, axle: Check['axle']): Judged[] {
  const judged: Judged[] = [];
  for (const named of checks) {
    const answer = named[1].judge(one);
    if (answer === null) continue;
    if (isList(answer)) for (const found of answer) judged.push(written(named, found, axle));
    else judged.push(written(named, answer, axle));
  }
  return judged;
}

function written([code, check]: readonly [string, CheckDefinition], found: Judgement, axle: Check['axle']): Judged {
  const { part, label = check.label, unit = check.unit } = found;
  return new Judged({ code: part === undefined ? code : `${code}:${part}`, label, axle, unit }, found);
}

const isList = (answer: Judgement | readonly Judgement[]): answer is readonly Judgement[] => Array.isArray(answer);

/** What is missing for a figure, in words; shown where a value cannot be known. */
export const missing = (what: string): string[] => [`not known: ${what}`];
