import type { AxleName, Job, SetupAxle } from '#core/job';
import type { BrakeCase } from '../brake';
import type { Hardware } from '../hardware';
import type { AxleParts } from '../parts';
import type { PositionCase } from '../position';
import type { ObstacleSpreads } from '../spread';
import type { AxleSweeps } from '../sweeps';
import type { LoadCase } from '../tire';

/** Everything that an axle is judged by; each check reads what it needs. */
export interface AxleCase extends PositionCase {
  job: Job;
  axle: AxleName;
  /** The candidate as its fasteners meet it: dual wheels clamped as one. */
  clamped: SetupAxle;
  hardware: Hardware;
  load: LoadCase;
  brake: BrakeCase;
  parts: AxleParts;
  sweeps: AxleSweeps;
  tireRadiusMm: number | null;
  /** How sure the clearances of the parts are; undefined where nobody asks. */
  spreads: (() => ObstacleSpreads) | undefined;
}
