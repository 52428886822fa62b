import { centeringLines } from '#core/centering';
import { ruleInForce } from '#core/job';
import { formatNumber } from '#core/units';
import { shopLimits } from '#core/verdict';
import { axleCheck } from '../check';
import { NO_MARGIN, type HardwareCase } from './case';

/** What centers the wheel. */
export const centering = axleCheck({
  label: 'Centring',
  group: 'hub',
  kind: 'match',
  unit: 'mm',
  work: 'held',
  says: {
    figure: ({ value }) => (value === null ? null : formatNumber(value, 1)),
    limit: () => 'bore less what it sits on',
    margin({ value, verdict }) {
      if (verdict === 'ok' || verdict === 'unknown') return null;
      if (value !== null && value < 0) return `bore ${formatNumber(-value, 1)} mm too small`;
      return value !== null && value > 0 ? `${formatNumber(value, 1)} mm of play` : 'the lip does not carry it';
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
        ...(centring.cap ? CAP_LINES[centring.cap] : []),
      ],
    };
  },
});

/** What is said of the cap. */
const CAP_LINES = {
  clear: [],
  fouled: ['lip or ring reaches the centre cap: it will not seat'],
  look: ['look whether the ring leaves room for the centre cap'],
} as const;
