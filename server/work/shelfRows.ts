import { nanoid } from 'nanoid';
import { itemName, type ShelfItem } from '#core/shelf';
import { orderOf } from '../database/order';

/** Items with what they are kept by, as the JSON text of a list: made beside the requests, taken in by the database. */
export const shelfRows = (items: readonly ShelfItem[]): string =>
  JSON.stringify(
    items.map((item) => ({
      id: nanoid(10),
      kind: item.kind,
      name: itemName(item),
      sortKey: orderOf(itemName(item)),
      item,
    })),
  );
