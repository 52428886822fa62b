import { shelfText } from '#server/shelf';
import { inWorker } from '#server/work/pool';
import { stored } from '../stored';

/** Everything the shop keeps as a file for a spreadsheet. The mark at its head tells spreadsheets that it is UTF-8. */
export async function loader() {
  const text = await stored(shelfText);
  return new Response(`\ufeff${await inWorker('writeShelf', text)}`, {
    headers: { 'Content-Type': 'text/csv; charset=utf-8', 'Content-Disposition': 'attachment; filename="shelf.csv"' },
  });
}
