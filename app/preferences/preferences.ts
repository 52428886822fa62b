import type { LengthUnit } from '#core/units';
import type { ThemeName } from '../theme/antdTheme';

/** What a person has chosen for all jobs. */
export interface Preferences {
  unit: LengthUnit;
  theme: ThemeName;
}

export const DEFAULT_PREFERENCES: Preferences = { unit: 'mm', theme: 'light' };
