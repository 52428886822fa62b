import { UNIT_SETS, type LengthUnit, type Units } from '#core/units';
import type { ThemeName } from '../theme/palette';

/** What a person has chosen for all jobs. */
export interface Preferences {
  /** How lengths are written; and each other quantity for itself. */
  unit: LengthUnit;
  measures: Omit<Units, 'length'>;
  /** The one of the system until somebody chooses. */
  theme: ThemeName | 'system';
  /** The guide through a first job: offered by an empty bench, going along with a job, or dismissed for good. */
  guide: (typeof GUIDE_STATES)[number];
  /** Whether single keys act. */
  keys: (typeof KEY_STATES)[number];
  /** Who ticks a step at the car; empty until somebody says. */
  initials: string;
}

export const MOST_INITIALS = 40;

export const KEY_STATES = ['on', 'off'] as const;
export const GUIDE_STATES = ['offered', 'on', 'off'] as const;

const { length: _, ...metric } = UNIT_SETS.metric;
export const DEFAULT_PREFERENCES: Preferences = {
  unit: 'mm',
  measures: metric,
  theme: 'system',
  guide: 'offered',
  keys: 'on',
  initials: '',
};

export const COOKIE_NAME = 'scoval-preferences';
const YEAR_SECONDS = 60 * 60 * 24 * 365;

/**
 * Keeps preferences in a cookie, so that the first HTML of the next page already shows them. Written as React Router
 * reads cookies.
 */
export function keepPreferences({ unit, measures, theme, guide, keys, initials }: Preferences): void {
  // A cookie holds letters that every browser passes on: the dot of N·m is none, nor is Ø.
  const text = JSON.stringify({ unit, measures, theme, guide, keys, initials }).replace(
    /[^\x20-\x7e]/g,
    (letter) => `\\u${letter.charCodeAt(0).toString(16).padStart(4, '0')}`,
  );
  const value = encodeURIComponent(btoa(text));
  document.cookie = `${COOKIE_NAME}=${value}; path=/; samesite=lax; max-age=${YEAR_SECONDS}`;
}
