import { createContext, useContext, useEffect, useMemo, useState, type ReactNode } from 'react';
import { formatLength, formatPlusMinus, lengthFigure, unitSign, type LengthUnit, type Units } from '#core/units';
import { DEFAULT_PREFERENCES, keepPreferences, type Preferences } from './preferences';

interface PreferencesState extends Preferences {
  choose(change: Partial<Preferences>): void;
}

const PreferencesContext = createContext<PreferencesState>({ ...DEFAULT_PREFERENCES, choose: () => {} });

/** Holds the preferences, shows a choice at once and keeps it in a cookie. */
export function PreferencesProvider({ initial, children }: { initial: Preferences; children: ReactNode }) {
  const [chosen, setChosen] = useState(initial);
  useEffect(() => {
    document.documentElement.dataset.theme = chosen.theme;
    document.documentElement.dataset.keys = chosen.keys;
  }, [chosen.theme, chosen.keys]);
  const state = useMemo<PreferencesState>(
    () => ({
      ...chosen,
      choose(change) {
        const next = { ...chosen, ...change };
        setChosen(next);
        keepPreferences(next);
      },
    }),
    [chosen],
  );
  return <PreferencesContext value={state}>{children}</PreferencesContext>;
}

export const usePreferences = (): PreferencesState => useContext(PreferencesContext);

/** How lengths are written in the chosen unit. */
export interface Lengths {
  unit: LengthUnit;
  /** The units of everything. */
  units: Units;
  /** What a bare number that somebody types means. */
  bare: 'mm' | 'in';
  sign: 'mm' | 'in';
  figure(mm: number | null | undefined, plus?: boolean): string;
  text(mm: number | null | undefined, plus?: boolean): string;
  /** How exact a length is, with its unit. */
  plusMinus(mm: number): string;
}

const UNKNOWN = '—';

export function useLengths(): Lengths {
  const { unit, measures } = usePreferences();
  return useMemo(
    () => ({
      unit,
      units: { length: unit, ...measures },
      bare: unitSign(unit),
      sign: unitSign(unit),
      figure: (mm, plus) => (mm == null ? UNKNOWN : lengthFigure(mm, unit, plus)),
      plusMinus: (mm) => formatPlusMinus(mm, unit),
      text: (mm, plus) => (mm == null ? UNKNOWN : formatLength(mm, unit, plus)),
    }),
    [unit, measures],
  );
}
