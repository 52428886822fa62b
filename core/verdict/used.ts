import { MATCHING, type Check } from './verdict';

/** Where the ring stands when a figure is exactly at its limit. */
export const USED_AT_LIMIT = 0.75;

/**
 * The share of the room that is used up, 0 to 1, for a figure that is drawn as a filling ring: three quarters at the limit, full at
 * contact, less the further the limit is away. Null when the figure is not known.
 */
export function usedShare(check: Pick<Check, 'code' | 'value' | 'limit' | 'margin' | 'verdict'>): number | null {
  if (check.verdict === 'unknown') return null;
  if (check.verdict === 'fail') return 1;
  const { value, limit, margin } = check;
  if (value === null || limit === null || margin === null) return check.verdict === 'ok' ? 0 : USED_AT_LIMIT;
  if (MATCHING.has(check.code)) return check.verdict === 'ok' ? 0 : USED_AT_LIMIT;
  if (check.code === 'fender') return clamp(USED_AT_LIMIT / (1 + Math.max(0, margin) / 10));
  if (check.code === 'diameter' || check.code === 'axle-match') {
    const share = Math.abs(value) / limit;
    return share <= 1 ? USED_AT_LIMIT * share : 1 - (1 - USED_AT_LIMIT) / share;
  }
  if (RATINGS.has(check.code)) return value >= limit ? (USED_AT_LIMIT * limit) / value : 1;
  if (check.code === 'rim-width') return check.verdict === 'ok' ? clamp(USED_AT_LIMIT / (1 + 2 * margin)) : 0.9;
  // Clearances.
  if (limit <= 0) return clamp(USED_AT_LIMIT / (1 + Math.max(0, value) / 10));
  return value >= limit ? (USED_AT_LIMIT * limit) / value : 1 - ((1 - USED_AT_LIMIT) * value) / limit;
}

/** What a part may carry or run, against what it must. */
const RATINGS: ReadonlySet<string> = new Set(['load', 'wheel-rating', 'speed-rating']);

const clamp = (share: number): number => Math.min(1, Math.max(0, share));
