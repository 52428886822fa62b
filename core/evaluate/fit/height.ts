import type { SetupOnAxle } from '#core/job';
import { travelRange } from '#core/suspension';
import type { Mount } from '#core/sweep';
import { fitCandidate } from './fitted';

/**
 * Height over the ground of the corner frame's origin as a part of that mount has it, mm: the loaded radius of the
 * setup's tire, and for what is fixed to the body as much more as the setup's suspension raises the body. Null without
 * a tire.
 */
export function hubHeightMm({ job, setup, axle, mount }: SetupOnAxle & { mount: Mount }): number | null {
  const { loadedRadiusMm } = fitCandidate(job.vehicle, axle, setup[axle]);
  if (loadedRadiusMm === null) return null;
  const { restShiftMm } = travelRange({ bumpMm: 0, droopMm: 0 }, setup.suspensionChange?.[axle] ?? null);
  return loadedRadiusMm + (mount === 'body' ? restShiftMm : 0);
}
