import { centeringLines } from '#core/centering';
import { ruleInForce } from '#core/job';
import { diameterFigure } from '#core/units';
import { shopLimits } from '#core/verdict';
import { axleCheck, FITS } from '../check';
import { NO_MARGIN, type HardwareCase } from './case';

/** What centers the wheel. */
export const centering = axleCheck({
  label: 'Centering',
  group: 'hub',
  kind: 'match',
  unit: 'mm',
  work: 'held',
  says: {
    figure: ({ value }) => (value === null ? null : diameterFigure(value)),
    sign: 'mm',
    limit: () => 'bore less hub',
    margin({ value, verdict }) {
      if (verdict === 'ok' || verdict === 'unknown') return null;
      if (value !== null && value < 0) return `bore ${diameterFigure(-value)} mm too small`;
      return value !== null && value > 0 ? `${diameterFigure(value)} mm clearance` : 'the lip does not reach it';
    },
  },
  judge({ job, hardware: { centring }, sheet }: HardwareCase) {
    const play = centring.interfaces.map(({ boreMm, hubMm }) =>
      boreMm === null || hubMm === null ? null : boreMm - hubMm,
    );
    const worst = centring.interfaces.findIndex(({ verdict }) => verdict === centring.verdict);
    return {
      value: play[Math.max(0, worst)] ?? null,
      ...NO_MARGIN,
      verdict: centring.verdict,
      lines: () => [
        ...centeringLines({
          centring,
          rule: ruleInForce('centring', job),
          words: sheet.words,
          limits: shopLimits(job.house),
        }),
        ...(centring.cap === 'look' && centring.capRoom.depthMm === null
          ? ['check that the ring leaves room for the center cap']
          : []),
      ],
    };
  },
});

const CAP_VERDICTS = { clear: 'ok', fouled: 'caution', look: 'unknown' } as const;

/** Whether the center cap goes in over lip and ring; judged only where somebody measured where it begins. */
export const centerCap = axleCheck({
  label: 'Center cap',
  group: 'hub',
  kind: 'clearance',
  unit: 'mm',
  words: FITS,
  says: {
    limit: ({ limit }, words) => (limit === null ? null : `lip or ring reaches ${words.length(limit)}`),
    margin: ({ margin }, words) =>
      margin !== null && margin < 0 ? `sits off by ${words.length(Math.abs(margin))}` : null,
  },
  judge({ hardware: { centring }, sheet: { words } }: HardwareCase) {
    const { cap, capRoom } = centring;
    const { depthMm, reachMm, open } = capRoom;
    if (cap === null || depthMm === null) return null;
    const known = cap !== 'look';
    return {
      value: depthMm,
      limit: known ? reachMm : null,
      margin: known ? depthMm - reachMm : null,
      verdict: CAP_VERDICTS[cap],
      lines: () => [
        `cap begins ${words.length(depthMm)} from the pad; lip or ring reaches ${words.length(reachMm)}`,
        ...(cap === 'fouled' ? ['the cap will not seat: use a thinner ring, or leave the cap out'] : []),
        ...(known ? [] : [`not known: ${open.join(', ')}`]),
      ],
    };
  },
});
