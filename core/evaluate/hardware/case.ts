import type { SetupAxle, Terms } from '#core/job';
import type { Sheet } from '../report';
import type { Hardware } from './hardware';

/** What stands between hub and wheel, and what it is judged by. */
export interface HardwareCase {
  job: Terms;
  hardware: Hardware;
  /** The candidate as its fasteners meet it: dual wheels clamped as one. */
  clamped: SetupAxle;
  sheet: Pick<Sheet, 'words'>;
}

/** What fits together or does not has no margin. */
export const NO_MARGIN = { limit: null, margin: null } as const;
