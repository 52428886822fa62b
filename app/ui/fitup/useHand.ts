import { useSyncExternalStore } from 'react';
import type { Fitting } from '#core/fitting';
import type { Edit } from '#core/job';
import { useDocument } from '../../job/DocumentContext';
import { usePreferences } from '../../preferences/PreferencesContext';
import { timeIn } from './fittingEdits';

/** Who does it, and when: what is kept with a step, a reading or a pull. */
export interface Hand {
  by: string;
  now(fitting: Pick<Fitting, 'startedAt'>): string;
  edit(edits: readonly Edit[]): void;
}

/** The hand that works at a fitting. */
export function useHand(): Hand {
  const { edit } = useDocument();
  const { initials: by } = usePreferences();
  return {
    by,
    now: (fitting) => timeIn(fitting, new Date()),
    edit: (edits) => {
      if (edits.length > 0) edit(...edits);
    },
  };
}

/** How often the clock is looked at, ms. */
const TICK_MS = 30_000;

const everyTick = (changed: () => void): (() => void) => {
  const timer = setInterval(changed, TICK_MS);
  return () => clearInterval(timer);
};

/** Whether this device's clock stands before a time; the first HTML takes it for right. */
export const useIsBefore = (time: string | undefined): boolean =>
  useSyncExternalStore(
    everyTick,
    () => time !== undefined && Date.now() < new Date(time).getTime(),
    () => false,
  );
