import { useState, type FocusEvent } from 'react';
import { useStable } from '../parts/useStable';
import type { ReadingItem } from './ReadingPanel';

const inputOf = (key: string) => document.querySelector<HTMLInputElement>(`[data-reading="${key}"] input`);
const keyOf = (element: Element) => element.closest<HTMLElement>('[data-reading]')?.dataset.reading;

/**
 * Which reading the help belongs to: the one whose field has the focus or was chosen from the panel; until then the
 * first one that is missing, or the given one. The items stand in the order of the work: Enter goes on
 * to the next one that is missing.
 */
export function useReadingInHand(items: readonly ReadingItem[], otherwise: string) {
  const [chosen, setChosen] = useState<string | null>(null);
  const missing = items.find(({ shown, optional }) => shown === null && !optional);
  const { next } = useStable({
    next(from: HTMLInputElement): boolean {
      const at = items.findIndex(({ key }) => key === keyOf(from));
      if (at === -1) return false;
      const input = [...items.slice(at + 1), ...items.slice(0, at)]
        .filter(({ shown, optional }) => shown === null && !optional)
        .map(({ key }) => inputOf(key))
        .find((found) => found !== null);
      input?.focus();
      return Boolean(input);
    },
  });
  return {
    inHand: chosen ?? missing?.key ?? otherwise,
    /** Goes to a reading's field. */
    goTo(key: string) {
      setChosen(key);
      inputOf(key)?.focus();
    },
    /** For fields: what follows one. */
    next,
    /** For the element around all fields. */
    follow: {
      onFocus(event: FocusEvent) {
        const key = keyOf(event.target);
        if (key) setChosen(key);
      },
    },
  };
}
