import type { Edit, Job, Taken } from '#core/job';
import type { ObstacleGap } from '#core/sweep';
import { draftFromPlan, freePartId, partFrom } from '../room/partDraft';
import { tireSizeEdits } from '../sheet/tireSizeEdits';
import { takenWith } from '../help/takenWith';
import type { WalkCard } from './walk';

/** The edits that put what was read into its place. */
export function cardEdits(
  job: Job,
  card: WalkCard,
  { value, taken }: { value: number | string; taken: Taken },
): Edit[] {
  const { axle, entry, path, plan } = card;
  const base = ['vehicle', axle, 'baseline'];
  const wheel = job.vehicle[axle]?.baseline?.wheel ?? {};
  if (entry === 'size') return tireSizeEdits({ base, wheel, size: String(value), taken: takenWith('label') });
  if (entry === 'offset') {
    // However it was written down before, it is the offset now.
    const drops = (['backspacingMm', 'backspacingConvention'] as const).filter((key) => wheel[key] !== undefined);
    return [
      ...drops.map((key): Edit => ({ op: 'clear', path: [...base, 'wheel', key] })),
      { op: 'set', path: [...path], value, taken },
    ];
  }
  if (plan && plan.readId === null) {
    const own = job.vehicle[axle]?.obstacles ?? [];
    const draft = draftFromPlan(plan);
    const gap = { ...draft.gap, gapMm: Number(value), ...taken };
    const part = partFrom({ ...draft, gap }, freePartId(plan.kind, own));
    return [{ op: 'add', path: [...path], value: part }];
  }
  const set: Edit = { op: 'set', path: [...path], value, ...(plan ? {} : { taken }) };
  if (!plan) return [set];
  // A part keeps beside its gap how that was taken.
  const gap = job.vehicle[axle]?.obstacles?.find(({ id }) => id === plan.readId)?.gap;
  return [set, ...TAKEN_KEYS.flatMap((key) => beside(key, [...path.slice(0, -1), key], { taken, gap }))];
}

const TAKEN_KEYS = ['instrument', 'uncertaintyMm', 'shopInstrument', 'fromJob'] as const satisfies (keyof Taken)[];

/** What stands beside a gap as this reading has it; what was said of the one before goes. */
function beside(
  key: (typeof TAKEN_KEYS)[number],
  path: string[],
  { taken, gap }: { taken: Taken; gap: ObstacleGap | undefined },
): Edit[] {
  if (taken[key] !== undefined) return [{ op: 'set', path, value: taken[key] }];
  return gap?.[key] === undefined ? [] : [{ op: 'clear', path }];
}
