/** Whether a little rub is accepted: not at all, of plastic only, or at full lock only. */
export type RubRule = 'none' | 'plastic' | 'full-lock';
/** Whether the fender must cover the wheel: (EU) 1009/2010 (from memory), over the full width from 30° ahead to 50° behind. */
export type CoverRule = 'none' | 'eu-1009-2010';
/** Room for chains or other traction devices, by the classes of SAE J1232 (from memory). */
export type WinterRule = 'none' | WinterClass;
export type WinterClass = keyof typeof WINTER_ROOM_MM;

/** Least room over the tread and beside the tire, mm, by class: SAE J1232, from memory. */
export const WINTER_ROOM_MM = {
  S: { tread: 37, side: 15 },
  U: { tread: 50, side: 23 },
  W: { tread: 64, side: 38 },
} as const;

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
