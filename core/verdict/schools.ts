/**
 * What may be chosen between the schools of the trade, and of what the law or the season asks; the first of each is
 * followed where nobody says otherwise (product default, common practice).
 */
export const RULE_CHOICES = {
  /** Whether the hub must center the wheel, or its nuts may. */
  centring: ['required', 'nuts'],
  /** What is done with a near pattern. */
  nearPatterns: ['care', 'refuse'],
  /** Anything between hub and wheel: accepted, a wheel of the right offset preferred, or never. */
  spacers: ['accepted', 'prefer-offset', 'never'],
  /** Whether a little rub is accepted: not at all, of plastic only, or at full lock only. */
  rub: ['none', 'plastic', 'full-lock'],
  /**
   * Whether the fender must cover the wheel: (EU) 1009/2010 (from memory), over the full width from 30° ahead to 50°
   * behind.
   */
  cover: ['none', 'eu-1009-2010'],
  /** Room for chains or other traction devices, by the classes of SAE J1232 (from memory). */
  winter: ['none', 'S', 'U', 'W'],
  /** Which poses count: all, or those that a car on the road takes. */
  poses: ['all', 'road'],
} as const;

export type RuleKey = keyof typeof RULE_CHOICES;
export type RuleOf<K extends RuleKey> = (typeof RULE_CHOICES)[K][number];
export type CenteringRule = RuleOf<'centring'>;
export type NearPatternRule = RuleOf<'nearPatterns'>;
export type SpacerRule = RuleOf<'spacers'>;
export type RubRule = RuleOf<'rub'>;
export type CoverRule = RuleOf<'cover'>;
export type WinterRule = RuleOf<'winter'>;
export type PoseRule = RuleOf<'poses'>;

/** Least room over the tread and beside the tire, mm, by class: SAE J1232, from memory. */
export const WINTER_ROOM_MM: Record<Exclude<WinterRule, 'none'>, { tread: number; side: number }> = {
  S: { tread: 37, side: 15 },
  U: { tread: 50, side: 23 },
  W: { tread: 64, side: 38 },
};

/** The arc that a fender must cover, degrees from the top, + ahead: (EU) 1009/2010, from memory. */
export const COVER_ARC_DEG = { ahead: 30, behind: 50 } as const;

/** The higher of a limit and what winter traction wants there. */
export function withWinter<L extends { value: number }>(
  limit: L,
  winter: WinterRule,
  where: 'tread' | 'side',
): L | { value: number; origin: 'winter' } {
  if (winter === 'none') return limit;
  const wanted = WINTER_ROOM_MM[winter][where];
  return wanted > limit.value ? { value: wanted, origin: 'winter' } : limit;
}
