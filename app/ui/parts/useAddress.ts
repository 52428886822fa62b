import { useCallback } from 'react';
import { useAskedSearch } from './useAskedSearch';

/** What a list asks for; an empty text, or null, takes a parameter out. */
export type AddressChange = Readonly<Record<string, string | null>>;

/** Asks for another part of a list by its address; a new question begins on the first page. */
export function useAddress(): (change: AddressChange) => void {
  const { last, ask } = useAskedSearch();
  return useCallback(
    (change) => {
      const next = new URLSearchParams(last());
      if (!('page' in change)) next.delete('page');
      for (const [name, value] of Object.entries(change))
        if (value) next.set(name, value);
        else next.delete(name);
      const search = next.toString();
      void ask(search && `?${search}`, { replace: false });
    },
    [last, ask],
  );
}
