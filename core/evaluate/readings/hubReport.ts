import type { Hub } from '#core/hub';
import { hubPatternOf } from '../hardware';
import type { VehicleReport } from '../report';

/** What the report carries of it. */
export function hubReport(hub: Hub | undefined): Pick<VehicleReport, 'pattern' | 'boltCircleMm' | 'uncertaintyMm'> {
  const { circle, candidates } = hub ? hubPatternOf(hub) : { circle: null, candidates: [] };
  return {
    pattern: circle ? candidates : null,
    boltCircleMm: circle?.boltCircleMm ?? null,
    uncertaintyMm: circle?.uncertaintyMm ?? null,
  };
}
