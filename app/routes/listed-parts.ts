import { listedText } from '#server/priceLists/lists';
import { stored } from '../stored';

/** Everything on the price lists in use, for Find: as it is kept, read by nobody on the way. */
export const loader = async () =>
  new Response(await stored(listedText), { headers: { 'Content-Type': 'application/json' } });
