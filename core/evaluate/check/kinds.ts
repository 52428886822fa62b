import type { Verdict } from '#core/verdict';
import type { Check } from './check';

/** The words that stand for a verdict, so that color is never the only sign. */
export type VerdictWords = Readonly<Record<Verdict, string>>;

const CLEARS: VerdictWords = { ok: 'clears', caution: 'tight', fail: 'touches', unknown: 'not measured' };
export const FITS: VerdictWords = { ok: 'fits', caution: 'with care', fail: 'does not fit', unknown: 'not known' };
const CARRIES: VerdictWords = { ok: 'carries it', caution: 'with care', fail: 'too little', unknown: 'not known' };

/** What a ring is drawn from. */
export type RingFigure = Pick<Check, 'value' | 'limit' | 'margin' | 'verdict'>;

/** A figure of which everything is known and that does not fail. */
export interface KnownFigure {
  value: number;
  limit: number;
  margin: number;
  verdict: Verdict;
}

/** Where the ring stands when a figure is exactly at its limit. */
export const USED_AT_LIMIT = 0.75;

/** A share: never below none, never above all. */
export const shareOf = (share: number): number => Math.min(1, Math.max(0, share));

/** Room to a limit, and below it to contact. */
function clearanceShare({ value, limit }: KnownFigure): number {
  if (limit <= 0) return shareOf(USED_AT_LIMIT / (1 + Math.max(0, value) / 10));
  return value >= limit ? (USED_AT_LIMIT * limit) / value : 1 - ((1 - USED_AT_LIMIT) * value) / limit;
}

/** What goes together has no room of which a share is used. */
const matchShare = ({ verdict }: KnownFigure): number => (verdict === 'ok' ? 0 : USED_AT_LIMIT);

/** What a part may carry or run, against what it must. */
const ratingShare = ({ value, limit }: KnownFigure): number => (value >= limit ? (USED_AT_LIMIT * limit) / value : 1);

/** A change against the most that is allowed either way. */
function rangeShare({ value, limit }: KnownFigure): number {
  const share = Math.abs(value) / limit;
  return share <= 1 ? USED_AT_LIMIT * share : 1 - (1 - USED_AT_LIMIT) / share;
}

/** What kinds of check there are: the words of its verdicts, and the share of the room that is used, for its ring. */
export const CHECK_KINDS = {
  clearance: { words: CLEARS, ring: clearanceShare },
  match: { words: FITS, ring: matchShare },
  rating: { words: CARRIES, ring: ratingShare },
  range: { words: FITS, ring: rangeShare },
} as const satisfies Record<string, { words: VerdictWords; ring(figure: KnownFigure): number }>;

export type CheckKind = keyof typeof CHECK_KINDS;
