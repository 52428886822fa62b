import { fasteningLines } from '#core/fastener';
import { axleCheck, type VerdictWords } from '../check';
import type { HardwareCase } from './case';

const HOLDS: VerdictWords = { ok: 'holds', caution: 'with care', fail: 'does not hold', unknown: 'not known' };

/** Whether studs or bolts hold the wheel through its stack. */
export const fastening = axleCheck({
  label: 'Studs, engagement',
  short: 'Thread engaged',
  group: 'hub',
  kind: 'clearance',
  unit: 'mm',
  words: HOLDS,
  work: 'held',
  says: {
    margin({ margin, value, verdict }, words) {
      if (margin === null || value === null || margin === 0 || verdict === 'ok') return null;
      return margin < 0 ? `${words.length(Math.abs(margin))} short` : HOLDS[verdict];
    },
  },
  judge({ hardware: { fastening: found }, sheet }: Pick<HardwareCase, 'hardware' | 'sheet'>) {
    const [joint] = found.joints;
    const { engagementMm, verdict } = found;
    const { kind, limitMm } = joint!;
    return {
      label: kind === 'bolt' ? 'Bolts, engagement' : 'Studs, engagement',
      value: engagementMm,
      limit: limitMm,
      margin: engagementMm === null || limitMm === null ? null : engagementMm - limitMm,
      verdict,
      lines: () => fasteningLines(found, sheet.words),
    };
  },
});
