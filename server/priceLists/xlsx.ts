import readSheet from 'read-excel-file/node';
import { rowsOf, type ListRows } from '#formats/priceList';
import { unpack } from '../zip/unpack';

/** What all of a workbook may come to. */
const MOST_BYTES = 300 * 1024 * 1024;

/** A zip begins so. */
export const isZip = (bytes: Uint8Array): boolean => bytes[0] === 0x50 && bytes[1] === 0x4b;

/** The first sheet of a workbook as rows of text: figures that were computed as they were kept, nothing is computed. */
export async function rowsOfXlsx(bytes: Uint8Array): Promise<ListRows | { fault: string }> {
  // Looked through before anybody trusts what it says of its sizes.
  const { files, fault } = await unpack(bytes, MOST_BYTES, (name) => name.startsWith('xl/'));
  if (fault !== undefined) return { fault };
  if (!files.has('xl/workbook.xml')) return { fault: 'is no XLSX' };
  if ([...files.keys()].some((name) => /vbaproject/i.test(name)))
    return { fault: 'has macros: save it as an XLSX without them' };
  try {
    const [sheet] = await readSheet(Buffer.from(bytes));
    return rowsOf((sheet?.data ?? []).map((row) => row.map(cellText)));
  } catch {
    return { fault: 'is a broken XLSX' };
  }
}

/** A cell as it would stand in a CSV; a date is no part of a list, and says so where it is read. */
function cellText(cell: unknown): string {
  if (cell === null || cell === undefined) return '';
  if (cell instanceof Date) return `a date, ${cell.toISOString().slice(0, 10)}`;
  return typeof cell === 'number' ? String(Math.round(cell * 1e6) / 1e6) : String(cell as string | boolean);
}
