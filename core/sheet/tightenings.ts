import type { Corner, Tightening } from '#core/fitting';
import type { FittingStep } from './records';

/** What is tightened at a corner in stages. */
export interface CornerTightening extends Tightening {
  corner: Corner;
  /** The step that it belongs to. */
  step: string;
}

/** The step of the whole car that has the last stage pulled again. */
const AGAIN = 'torque-after-settling';

/**
 * What is tightened at each corner of a fitting, an adapter's own nuts before the wheel; the last stage of the wheel
 * once more where the car settles on it. None without a torque, or without the number of fasteners.
 */
export function tighteningsOf(steps: readonly FittingStep[]): CornerTightening[] {
  const isPulledAgain = steps.some(({ id }) => id === AGAIN);
  return steps.flatMap(({ id: step, corner, torqueNm, tightens }) => {
    if (corner === null || torqueNm === null || !tightens || tightens.lugCount === null) return [];
    const { joint, lugCount } = tightens;
    const stagesNm = joint === 'wheel' && isPulledAgain ? [...torqueNm, torqueNm.at(-1)!] : torqueNm;
    return [{ joint, corner, step, lugCount, stagesNm }];
  });
}
