import type { LengthUnit } from '#core/units';
import type { ThemeName } from '../theme/antdTheme';

/** What a person has chosen for all jobs. */
export interface Preferences {
  unit: LengthUnit;
  theme: ThemeName;
}

export const DEFAULT_PREFERENCES: Preferences = { unit: 'mm', theme: 'light' };

export const COOKIE_NAME = 'scoval-preferences';
const YEAR_SECONDS = 60 * 60 * 24 * 365;

/** Keeps preferences in a cookie, so that the first HTML of the next page already shows them. Written as React Router reads cookies. */
export function keepPreferences({ unit, theme }: Preferences): void {
  const value = encodeURIComponent(btoa(JSON.stringify({ unit, theme })));
  document.cookie = `${COOKIE_NAME}=${value}; path=/; samesite=lax; max-age=${YEAR_SECONDS}`;
}
