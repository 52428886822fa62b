import { ruleInForce, pokeTargetOf, type AxleName, type Job } from '#core/job';
import type { BriefContradiction } from '../report';

const AXLE_WORDS: Record<AxleName, string> = { front: 'front', rear: 'rear' };

/** What of a brief cannot be had together: a face that must poke past a fender that must cover it. */
export function briefContradictions(job: Job): BriefContradiction[] {
  if (ruleInForce('cover', job) === 'none') return [];
  const proud = (['front', 'rear'] as const).filter((axle) => (pokeTargetOf(job.brief, axle).min ?? 0) > 0);
  const target = job.brief?.pokeMm ?? {};
  const shared = proud.filter((axle) => (target[axle]?.min ?? null) === null);
  const own = proud.filter((axle) => !shared.includes(axle));
  const message = (of: string) => `the ${of} must stand poke past a fender that must cover it: no wheel does both`;
  return [
    ...(shared.length > 0 ? [{ path: 'brief.pokeMm.min', message: message('face') }] : []),
    ...own.map((axle) => ({ path: `brief.pokeMm.${axle}.min`, message: message(`${AXLE_WORDS[axle]} face`) })),
  ];
}
