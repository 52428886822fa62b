import { moneyText } from '#core/cost';
import { priceInForce, pokeTargetOf, ruleInForce, type Job } from '#core/job';
import type { PokeTarget } from '#core/verdict';
import { capital } from '#core/text';
import { faceWords } from './faceWords';
import { perAxle } from './perAxle';
import type { PlainWords } from './plainWords';
import { linesByAxle } from './rows/row';

function targetWords({ min, max }: PokeTarget, words: PlainWords): string {
  const face = (mm: number) => faceWords(mm, words);
  if (max === null && min === null) return 'nothing past the fender';
  if (min === null) return `no further out than ${face(max!)}`;
  return face(min) === face(max ?? 0) ? face(min) : `from ${face(min)} to ${face(max ?? 0)}`;
}

/** What was asked for, in plain words: where the wheels stand, for how much, and what else was said. */
export function askedFor(job: Job, words: PlainWords): string[] {
  const { brief } = job;
  const currency = priceInForce('currency', job) ?? null;
  return [
    ...perAxle(linesByAxle((axle) => [targetWords(pokeTargetOf(brief, axle), words)])),
    ...(brief?.budget == null ? [] : [`For ${moneyText(brief.budget, currency)} at most`]),
    ...(ruleInForce('winter', job) === 'none' ? [] : ['With room for snow chains']),
    ...(brief?.notes?.trim() ? [capital(brief.notes.trim())] : []),
  ];
}
