import { measuringPlan, type PlanItem } from '#core/advice';
import type { AxleName, Edit, Job, Taken } from '#core/job';
import type { Obstacle, ObstacleGap } from '#core/sweep';
import { capital } from '#core/text';
import { rangeOf } from '#formats/fields';
import { draftFromPlan, freePartId, KIND_NAMES, partFrom } from '../../room/partDraft';
import { cardOf, type WalkCard } from './card';

/** Parts in space that are worth reading, in the order of a walk round the corner. */
export function partCards(job: Job, axle: AxleName): WalkCard[] {
  const parts = job.vehicle[axle]?.obstacles ?? [];
  return measuringPlan(job, axle, 'right').flatMap((plan): WalkCard[] => {
    const read = parts.find(({ id }) => id === plan.readId);
    // A part that was placed by coordinates has no gap to read again.
    if (read && !read.gap) return [];
    return [
      cardOf({
        id: `${axle}.part.${plan.kind}`,
        axle,
        side: 'right',
        title: `Gap to the ${KIND_NAMES[plan.kind].toLowerCase()}`,
        station: 'room',
        entry: 'length',
        range: rangeOf({ range: 'gapMm' }),
        help: { where: `${capital(plan.where)}.`, tool: 'Steel rule or feeler gauge.' },
        value: read?.gap?.gapMm ?? null,
        fromJob: read?.gap?.fromJob ?? null,
        optional: true,
        isWorth: true,
        plan,
        pose: plan.steerDeg === 0 ? {} : { steerDeg: plan.steerDeg },
        put: read?.gap ? putGap(axle, read, read.gap) : putPart(axle, plan),
      }),
    ];
  });
}

const at = (axle: AxleName) => ['vehicle', axle, 'obstacles'];

/** A part that the plan names, read for the first time. */
const putPart =
  (axle: AxleName, plan: PlanItem): WalkCard['put'] =>
  ({ vehicle }, { value, taken }) => {
    const draft = draftFromPlan(plan);
    const gap = { ...draft.gap, gapMm: Number(value), ...taken };
    const part = partFrom({ ...draft, gap }, freePartId(plan.kind, vehicle[axle]?.obstacles ?? []));
    return [{ op: 'add', path: at(axle), value: part }];
  };

const TAKEN_KEYS = ['instrument', 'uncertaintyMm', 'shopInstrument', 'fromJob'] as const satisfies (keyof Taken)[];

/** A part keeps beside its gap how that was taken; what was said of the reading before goes. */
const putGap =
  (axle: AxleName, { id }: Obstacle, before: ObstacleGap): WalkCard['put'] =>
  (_job, { value, taken }) => {
    const path = (key: string) => [...at(axle), id, 'gap', key];
    return [
      { op: 'set', path: path('gapMm'), value },
      ...TAKEN_KEYS.flatMap((key): Edit[] => {
        if (taken[key] !== undefined) return [{ op: 'set', path: path(key), value: taken[key] }];
        return before[key] === undefined ? [] : [{ op: 'clear', path: path(key) }];
      }),
    ];
  };
