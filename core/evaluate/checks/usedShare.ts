import { CHECK_KINDS, USED_AT_LIMIT, type Check, type RingFigure } from '../check';
import { checkOf } from './checks';

/**
 * The share of the room that is used up, 0 to 1, for a figure that is drawn as a filling ring: three quarters at the
 * limit, full at contact, less the further the limit is away. Null when the figure is not known.
 */
export function usedShare({ code, value, limit, margin, verdict }: RingFigure & Pick<Check, 'code'>): number | null {
  if (verdict === 'unknown') return null;
  if (verdict === 'fail') return 1;
  if (value === null || limit === null || margin === null) return verdict === 'ok' ? 0 : USED_AT_LIMIT;
  const { ring, kind } = checkOf(code);
  return (ring ?? CHECK_KINDS[kind].ring)({ value, limit, margin, verdict });
}
