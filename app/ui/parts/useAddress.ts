import { useEffect, useRef } from 'react';
import { useSearchParams } from 'react-router';
import { useStable } from './useStable';

/** What a list asks for; an empty text, or null, takes a parameter out. */
export type AddressChange = Readonly<Record<string, string | null>>;

/**
 * Asks for another part of a list by its address. What is asked for adds to what was asked before, also while that is
 * still on its way; a new question begins on the first page.
 */
export function useAddress(): (change: AddressChange) => void {
  const [params, setParams] = useSearchParams();
  const asked = useRef<URLSearchParams | null>(null);
  useEffect(() => {
    asked.current = null;
  }, [params]);
  return useStable({
    ask(change: AddressChange) {
      const next = new URLSearchParams(asked.current ?? params);
      if (!('page' in change)) next.delete('page');
      for (const [name, value] of Object.entries(change))
        if (value) next.set(name, value);
        else next.delete(name);
      asked.current = next;
      setParams(next, { preventScrollReset: true });
    },
  }).ask;
}
