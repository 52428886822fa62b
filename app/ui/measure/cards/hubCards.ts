import { boreFault, countFault } from '#core/hub';
import type { AxleName, Job } from '#core/job';
import { fieldCard, type WalkCard } from './card';

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
    of('boltCircleMm', hub.boltCircleMm, (mm) => boreFault(hub.boreMm, mm) && 'must be larger than the center bore'),
    of('boreMm', hub.boreMm, (mm) => boreFault(mm, hub.boltCircleMm)),
    of('lipHeightMm', hub.lipHeightMm),
    of('fastener.lengthMm', hub.fastener?.lengthMm),
  ];
}
