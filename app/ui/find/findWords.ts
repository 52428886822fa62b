import { CHECKS, checkOf } from '#core/evaluate';
import type { FindWeight } from '#core/find';

/** What a combination falls out by, as it is said: its check, or what keeps it from being tried. */
export const reasonText = (code: string): string =>
  code === 'stack'
    ? 'Spacer or adapter for another hub'
    : code === 'obstacle'
      ? 'Parts around the wheel'
      : code in CHECKS
        ? checkOf(code).label
        : code;

/** What ranks finds, as it stands over its slider. */
export const WEIGHT_NAMES: Record<FindWeight, string> = {
  target: 'Near the poke target',
  room: 'Room left',
  cost: 'Low cost',
  mass: 'Low weight',
};

/** How much a weight counts, in words. */
export function weightWord(weight: number): string {
  if (weight === 0) return 'does not count';
  if (weight <= 0.3) return 'counts a little';
  return weight <= 0.7 ? 'counts' : 'counts most';
}
