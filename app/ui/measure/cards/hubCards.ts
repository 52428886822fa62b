import { boreFault, countFault, kindOf, widestSteps, type Hub, type PatternReading } from '#core/hub';
import type { AxleName, Job } from '#core/job';
import { rangeOf } from '#formats/fields';
import { cardOf, fieldCard, type WalkCard } from './card';

/** With the wheel off: what it bolts to. */
export function hubCards({ vehicle }: Job, axle: AxleName): WalkCard[] {
  const hub = vehicle[axle]?.hub ?? {};
  const of = (key: string, value: number | null | undefined, check?: WalkCard['check']) =>
    fieldCard({
      axle,
      tool: 'caliper',
      key: `hub.${key}`,
      entry: key === 'lugCount' ? 'count' : 'length',
      value,
      check,
    });
  return [
    of('lugCount', hub.lugCount, (count) => countFault(hub.patternReadings ?? [], count)),
    ...pairCards(hub, axle),
    of('boltCircleMm', hub.boltCircleMm, (mm) => boreFault(hub.boreMm, mm) && 'must be larger than the center bore'),
    of('boreMm', hub.boreMm, (mm) => boreFault(mm, hub.boltCircleMm)),
    of('lipHeightMm', hub.lipHeightMm),
    of('fastener.lengthMm', hub.fastener?.lengthMm),
  ];
}

/** Which two studs a pair is, as it is said. */
const PAIR_WORDS: Partial<Record<PatternReading['kind'], string>> = {
  opposite: 'two opposite studs or holes',
  widest: 'the two studs or holes that are furthest apart',
  neighbours: 'two neighboring studs or holes',
};

/** The distance of the widest pair, from which the bolt circle follows; others are chosen on the picture at Hub. */
function pairCards({ lugCount, patternReadings = [] }: Hub, axle: AxleName): WalkCard[] {
  if (lugCount == null) return [];
  const pair = kindOf(lugCount, widestSteps(lugCount));
  const words = PAIR_WORDS[pair.kind];
  if (words === undefined) return [];
  const isIt = ({ kind, from }: PatternReading) => kind === pair.kind && from === 'same-edge';
  return [
    cardOf({
      id: `${axle}.hub.pair`,
      axle,
      title: 'Between two studs',
      station: 'hub',
      tool: 'caliper',
      entry: 'length',
      range: rangeOf({ range: 'chordMm' }),
      help: {
        where: `From one edge to the same edge of ${words}.`,
        tool: 'Caliper or steel rule.',
        mistake: 'Measuring from the inner edge of one to the outer edge of the other.',
      },
      value: patternReadings.find(isIt)?.valueMm ?? null,
      optional: true,
      put: ({ vehicle }, { value, taken: { fromJob: _, ...taken } }) => [
        {
          op: 'set',
          path: ['vehicle', axle, 'hub', 'patternReadings'],
          value: [
            ...(vehicle[axle]?.hub?.patternReadings ?? []).filter((one) => !isIt(one)),
            { ...pair, from: 'same-edge', valueMm: Number(value), ...taken },
          ],
        },
      ],
    }),
  ];
}
