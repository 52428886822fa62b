import { shelfText } from '#server/shelf';
import { stored } from '../stored';

/** Everything the shop keeps, for the stations that offer it: as the database writes it, read by nobody on the way. */
export const loader = async () =>
  new Response(await stored(shelfText), { headers: { 'Content-Type': 'application/json' } });
