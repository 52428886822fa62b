import type { AxleName } from '#core/job';
import type { Words } from '#core/units';
import type { BrakeCase } from '../brake';
import { judgeAll, type Judged } from '../check';
import { CHECKS } from './checks';

const CODES = ['brake-spoke', 'brake-barrel', 'brake-weight'] as const;
const BRAKE_CHECKS = CODES.map((code) => [code, CHECKS[code]] as const);

/** What a brake in a wheel alone is judged by. */
export const brakeChecks = (axle: AxleName, brake: BrakeCase, words: Words): Judged[] =>
  judgeAll(BRAKE_CHECKS, { brake, sheet: { words } }, axle);
