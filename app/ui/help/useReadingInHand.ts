import { useState, type FocusEvent } from 'react';
import type { ReadingItem } from './ReadingPanel';

/**
 * Which reading the help belongs to: the one whose field has the focus or was chosen from the panel; until then the
 * first one that is missing, or the given one.
 */
export function useReadingInHand(items: readonly (ReadingItem & { optional?: boolean })[], otherwise: string) {
  const [chosen, setChosen] = useState<string | null>(null);
  const missing = items.find(({ shown, optional }) => shown === null && !optional);
  return {
    inHand: chosen ?? missing?.key ?? otherwise,
    /** Goes to a reading's field. */
    goTo(key: string) {
      setChosen(key);
      document.querySelector<HTMLInputElement>(`[data-reading="${key}"] input`)?.focus();
    },
    /** For the element around all fields. */
    follow: {
      onFocus(event: FocusEvent) {
        const key = event.target.closest<HTMLElement>('[data-reading]')?.dataset.reading;
        if (key) setChosen(key);
      },
    },
  };
}
