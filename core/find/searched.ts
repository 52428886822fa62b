import { evaluateSetup, NO_SWEEPS, type AxleReport } from '#core/evaluate';
import { AXLES, type AxleName } from '#core/job';
import { axlesOf } from './made';
import type { FindAsk } from './records';

/** What is looked for, with what is the same for every combination. */
export interface Searched extends FindAsk {
  /** The report of the axle that stays as it is. */
  known: Partial<Record<AxleName, AxleReport>>;
}

export function searchedOf(ask: FindAsk): Searched {
  const looked = axlesOf(ask.axle);
  const staying = AXLES.filter((axle) => !looked.includes(axle));
  if (staying.length === 0) return { ...ask, known: {} };
  const report = evaluateSetup(ask.job, ask.setup, { sweeps: NO_SWEEPS });
  return { ...ask, known: Object.fromEntries(staying.map((axle) => [axle, report[axle]])) };
}
