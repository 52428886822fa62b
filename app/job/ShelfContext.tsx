import { createContext, useCallback, useContext, useEffect, useMemo, useState, type ReactNode } from 'react';
import { itemName, type ShelfItem } from '#core/shelf';

interface Shelf {
  /** Null until it has come. */
  items: readonly ShelfItem[] | null;
  ask(): void;
  replace(item: ShelfItem): void;
}
const ShelfContext = createContext<Shelf>({ items: null, ask: () => {}, replace: () => {} });

const NONE: readonly ShelfItem[] = [];

/** How long after a failure the shelf is asked for again. */
const AGAIN_MS = 3000;

/**
 * What the shop keeps: asked for by the first station that offers any of it, as it is then and as it was changed from
 * here since.
 */
export function ShelfProvider({ children }: { children: ReactNode }) {
  const [asked, setAsked] = useState(false);
  const [tries, setTries] = useState(0);
  const [items, setItems] = useState<readonly ShelfItem[] | null>(null);
  useEffect(() => {
    if (!asked) return;
    let [gone, timer] = [false, 0];
    const load = async () => {
      const response = await fetch('/shelf.json');
      if (!response.ok) throw new Error(`the shelf did not come: ${response.status}`);
      const kept = (await response.json()) as ShelfItem[];
      if (!gone) setItems(kept);
    };
    load().catch(() => {
      if (!gone) timer = window.setTimeout(() => setTries((made) => made + 1), AGAIN_MS);
    });
    return () => {
      gone = true;
      clearTimeout(timer);
    };
  }, [asked, tries]);
  const ask = useCallback(() => setAsked(true), []);
  const replace = useCallback(
    (item: ShelfItem) =>
      setItems((all) => {
        if (!all) return all;
        const same = (one: ShelfItem) => one.kind === item.kind && itemName(one) === itemName(item);
        return all.some(same) ? all.map((one) => (same(one) ? item : one)) : [...all, item];
      }),
    [],
  );
  const shelf = useMemo(() => ({ items, ask, replace }), [items, ask, replace]);
  return <ShelfContext value={shelf}>{children}</ShelfContext>;
}

/** What the shop keeps, and whether it has come already. */
export function useShelfState(): { items: readonly ShelfItem[]; come: boolean } {
  const { items, ask } = useContext(ShelfContext);
  useEffect(ask, [ask]);
  return { items: items ?? NONE, come: items !== null };
}

export const useShelf = (): readonly ShelfItem[] => useShelfState().items;

/** Puts an item that was saved in the place of the one of its kind and name, or beside the others. */
export const useReplaceItem = (): ((item: ShelfItem) => void) => useContext(ShelfContext).replace;
