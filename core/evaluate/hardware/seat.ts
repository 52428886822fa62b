import { SEAT_NAMES } from '#core/fastener';
import { axleCheck } from '../check';
import { NO_MARGIN, type HardwareCase } from './case';

/** The form of the wheel's lug seats against that of the nuts or bolts. */
export const seat = axleCheck({
  label: 'Seat',
  group: 'hub',
  kind: 'match',
  unit: '',
  work: 'held',
  says: {
    figure: ({ verdict }) => ({ ok: 'same', caution: 'same', fail: 'differs', unknown: '—' })[verdict],
    limit: () => 'wheel against nut or bolt',
    margin: ({ verdict }) => (verdict === 'fail' || verdict === 'caution' ? 'forms differ' : null),
  },
  judge({ hardware: { seat: has, seatAssumed }, clamped: { wheel } }: Pick<HardwareCase, 'hardware' | 'clamped'>) {
    const wanted = wheel?.seat ?? null;
    const known = has !== null && wanted !== null;
    const assumed = seatAssumed && has ? ' (adapter nuts as the car has, assumed)' : '';
    return {
      value: null,
      ...NO_MARGIN,
      verdict: known ? (has === wanted ? 'ok' : 'fail') : 'unknown',
      lines: () => [
        `wheel ${wanted ? SEAT_NAMES[wanted] : 'not known'}; fastener ${has ? SEAT_NAMES[has] : 'not known'}${assumed}`,
        ...(known && has !== wanted ? ['nut or bolt and lug seat must have the same form, or they work loose'] : []),
      ],
    };
  },
});
