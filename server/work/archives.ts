import { openPromise } from 'yauzl';
import type { ShopDefaults } from '#core/job';
import { checkArchive, MOST_UNPACKED_BYTES } from '#formats/archive';
import type { Fault } from '#formats/faults';
import { filesOf, zipWords } from '../zip/files';
import { shelfRows } from './shelfRows';

/** What stands in an archive beside its jobs, its shelf as rows. */
export interface ShopOnHand {
  rows: string;
  items: number;
  defaults: ShopDefaults;
}

/** Checks the zip of an archive that lies in a file: what is in it, or all that is wrong with it. Never throws. */
export async function checkedArchive(
  file: string,
): Promise<{ shop: ShopOnHand; faults?: undefined } | { shop?: undefined; faults: Fault[] }> {
  try {
    const { shop, faults } = await checkArchive(filesOf(await openPromise(file), MOST_UNPACKED_BYTES));
    if (!shop) return { faults };
    return { shop: { rows: shelfRows(shop.shelf), items: shop.shelf.length, defaults: shop.defaults } };
  } catch (error) {
    return { faults: [{ path: '', message: zipWords(error) }] };
  }
}
