import { useEffect, useMemo, useState } from 'react';
import type { ShelfItem } from '#core/shelf';
import { currencyIn } from '#formats/priceList/columns';
import { useShelfState } from '../../job/ShelfContext';

/** A supplier's list, as the server sends it. */
interface Listed {
  supplier: string;
  currency: string | null;
  items: ShelfItem[];
}

/** What is looked among: the shelf, then every price list in use; null until both have come. */
export function useOffer(currency: string | null): {
  offer: readonly ShelfItem[] | null;
  lists: number;
  failed: boolean;
} {
  const { items, come } = useShelfState();
  const [listed, setListed] = useState<readonly Listed[] | null>(null);
  const [failed, setFailed] = useState(false);
  useEffect(() => {
    let gone = false;
    const load = async () => {
      const response = await fetch('/listed-parts.json');
      if (!response.ok) throw new Error(`the price lists did not come: ${response.status}`);
      const lists = (await response.json()) as Listed[];
      if (!gone) setListed(lists);
    };
    load().catch(() => {
      // What is on the shelf is looked among meanwhile.
      if (gone) return;
      setFailed(true);
      setListed([]);
    });
    return () => {
      gone = true;
    };
  }, []);
  const offer = useMemo(
    () => (come && listed ? [...items, ...listed.flatMap((list) => itemsOf(list, currency))] : null),
    [come, items, listed, currency],
  );
  return { offer, lists: listed?.length ?? 0, failed };
}

/** The items of a list with their supplier; a price in another currency than the job's is none. */
const itemsOf = ({ supplier, currency, items }: Listed, wanted: string | null): ShelfItem[] =>
  items.map((item) => ({
    ...item,
    listedBy: supplier,
    ...(item.priceEach != null && currency !== null && wanted !== null && currency !== (currencyIn(wanted) ?? wanted)
      ? { priceEach: null }
      : {}),
  }));
