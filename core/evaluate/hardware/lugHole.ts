import { lugHoleFor, threadOrNull } from '#core/fastener';
import { shopLimits } from '#core/verdict';
import { axleCheck, FITS } from '../check';
import type { HardwareCase } from './case';

/** Whether the fasteners go through the wheel's holes; judged only where somebody measured them. */
export const lugHole = axleCheck({
  label: 'Lug hole',
  group: 'hub',
  kind: 'clearance',
  unit: 'mm',
  words: FITS,
  says: {
    margin: ({ margin }, words) =>
      margin !== null && margin < 0 ? `${words.length(Math.abs(margin))} too small` : null,
  },
  judge({ job, hardware: { adapter, hub }, clamped: { wheel }, sheet: { words } }: HardwareCase) {
    const holeMm = wheel?.lugHoleMm;
    if (holeMm == null) return null;
    const thread = threadOrNull(adapter?.thread ?? hub.fastener?.thread);
    const hole =
      thread &&
      lugHoleFor({
        fastenerMm: thread.diameterMm,
        holeMm,
        seatDiameterMm: wheel?.seatDiameterMm ?? null,
        limits: shopLimits(job.house),
      });
    return {
      value: holeMm,
      limit: hole?.neededMm ?? null,
      margin: hole && holeMm - hole.neededMm,
      verdict: hole?.verdict ?? 'unknown',
      lines: () =>
        hole
          ? [
              `hole ${words.length(holeMm)}; ${thread.name} needs ${words.length(hole.neededMm)} (ISO 273, fine)`,
              ...(hole.openMm > 0 ? [`drill out by ${words.length(hole.openMm)}`] : []),
              ...(hole.openMm > 0 && hole.seatLeftMm === null
                ? ['not known: the diameter of the seat, to see what is left of it']
                : []),
              ...(hole.openMm > 0 && hole.seatLeftMm !== null
                ? [`seat left ${words.length(hole.seatLeftMm)} all around`]
                : []),
            ]
          : ['not known: the thread'],
    };
  },
});
