import { writeShelfFile } from '#formats/shelf';
import { listItems } from '#server/shelf';
import { stored } from '../stored';

/** Everything the shop keeps as a file for a spreadsheet. The mark at its head tells spreadsheets that it is UTF-8. */
export async function loader() {
  const items = await stored(listItems);
  return new Response(`\ufeff${writeShelfFile(items.map(({ item }) => item))}`, {
    headers: { 'Content-Type': 'text/csv; charset=utf-8', 'Content-Disposition': 'attachment; filename="stores.csv"' },
  });
}
