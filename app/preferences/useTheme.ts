import type { ThemeName } from '../theme/palette';
import { useMedia } from '../ui/parts/useMedia';
import { usePreferences } from './PreferencesContext';

/** The theme in use: the chosen one, or the one of the system until somebody chooses. */
export function useTheme(): ThemeName {
  const { theme } = usePreferences();
  const isDark = useMedia('(prefers-color-scheme: dark)');
  return theme === 'system' ? (isDark ? 'dark' : 'light') : theme;
}
