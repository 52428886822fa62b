import Papa from 'papaparse';
import { DomainError } from '#core/errors';
import { SHELF_KINDS, type ShelfItem, type ShelfKind } from '#core/shelf';
import { readNumber } from '#core/units';
import { faultsOf, type Fault } from '#formats/faults';
import { VALIDATION } from '#formats/rules';
import { cellOf, columnsOf, FILE_COLUMNS, type Column } from './columns';
import { storeItemSchema } from './schema';

/** The largest file of the shelf that is read. */
export const MAX_CSV_BYTES = 12 * 1024 * 1024;
const MAX_FAULTS = 50;

export type ReadShelf = { items: ShelfItem[]; faults?: undefined } | { items?: undefined; faults: Fault[] };

const whole = (message: string): ReadShelf => ({ faults: [{ path: '', message }] });

/**
 * Reads a shelf file from its bytes. UTF-8, or UTF-16 where the file says so by its first bytes; anything else is
 * told with the line it begins in, never guessed. Never throws: either every item, or every fault with its line.
 */
export function readShelfFile(bytes: Uint8Array): ReadShelf {
  if (bytes.length > MAX_CSV_BYTES) return whole(`the file is larger than ${MAX_CSV_BYTES / 1024 / 1024} MB`);
  const wide =
    bytes[0] === 0xff && bytes[1] === 0xfe ? 'utf-16le' : bytes[0] === 0xfe && bytes[1] === 0xff ? 'utf-16be' : null;
  const text = decoded(bytes, wide ?? 'utf-8');
  if (text !== null) return readShelfText(text);
  if (wide) return whole('the file says it is UTF-16 and is not: save it as CSV UTF-8');
  return whole(`line ${firstBadLine(bytes)} has letters that are not UTF-8: save the file as CSV UTF-8`);
}

/** The text of bytes, null where they are not of that encoding. */
function decoded(bytes: Uint8Array, encoding: string): string | null {
  try {
    return new TextDecoder(encoding, { fatal: true }).decode(bytes);
  } catch {
    return null;
  }
}

/** Where the text stops being UTF-8: the first line that cannot be decoded by itself. */
function firstBadLine(bytes: Uint8Array): number {
  let line = 1;
  let start = 0;
  for (let at = 0; at <= bytes.length; at++) {
    if (at < bytes.length && bytes[at] !== 10) continue;
    if (decoded(bytes.subarray(start, at), 'utf-8') === null) return line;
    start = at + 1;
    line += 1;
  }
  return line;
}

/**
 * Reads the text of a shelf file: a heading line with the fields' names, one item a line; comma, semicolon or tab.
 */
export function readShelfText(source: string): ReadShelf {
  const plain = source.replace(/^\ufeff/, '');
  if (plain.trim() === '') return whole('the file is empty');
  const lines: number[] = [];
  const { data, errors } = Papa.parse<string[]>(plain, { skipEmptyLines: false, delimitersToGuess: [',', ';', '\t'] });
  const broken = errors.find(({ type }) => type === 'Quotes');
  if (broken) return whole(`line ${(broken.row ?? 0) + 1}: a quotation mark is not closed`);
  let line = 1;
  const rows = data.flatMap((cells) => {
    const at = line;
    line += 1 + cells.join('').split('\n').length - 1;
    if (cells.every((cell) => cell.trim() === '')) return [];
    lines.push(at);
    return [cells.map((cell) => plainCell(cell.trim()))];
  });
  const [heading, ...body] = rows;
  if (!heading) return whole('the file is empty');
  const faults = headingFaults(heading);
  if (faults.length > 0) return { faults };
  if (body.length === 0) return whole('the file has a heading but no items');
  const items: ShelfItem[] = [];
  body.forEach((cells, index) => {
    const place = `line ${lines[index + 1]}`;
    const read = readRow(heading, cells);
    faults.push(...read.faults.map(({ path, message }) => ({ path: path ? `${place}, ${path}` : place, message })));
    if (read.item) items.push(read.item);
  });
  if (faults.length > MAX_FAULTS)
    return {
      faults: [...faults.slice(0, MAX_FAULTS), { path: '', message: `and ${faults.length - MAX_FAULTS} more faults` }],
    };
  return faults.length > 0 ? { faults } : { items };
}

function headingFaults(heading: readonly string[]): Fault[] {
  const faults: Fault[] = [];
  for (const needed of ['kind', 'name'])
    if (!heading.includes(needed))
      faults.push({
        path: 'line 1',
        message: `the column “${needed}” is missing (there are: ${heading.join(', ').slice(0, 200)})`,
      });
  for (const [index, name] of heading.entries()) {
    if (!FILE_COLUMNS.includes(name))
      faults.push({ path: 'line 1', message: `“${name.slice(0, 40)}” is not a known column` });
    else if (heading.indexOf(name) !== index)
      faults.push({ path: 'line 1', message: `the column “${name}” stands twice` });
  }
  return faults;
}

function readRow(heading: readonly string[], cells: readonly string[]): { item?: ShelfItem; faults: Fault[] } {
  if (cells.length > heading.length && cells.slice(heading.length).some((cell) => cell !== ''))
    return { faults: [{ path: '', message: `has ${cells.length} cells under ${heading.length} columns` }] };
  const given = Object.fromEntries(
    heading.map((name, index) => [name, cells[index] ?? '']).filter(([, cell]) => cell !== ''),
  );
  const kind = given['kind'] as ShelfKind | undefined;
  if (!kind || !SHELF_KINDS.includes(kind))
    return { faults: [{ path: 'kind', message: `must be one of ${SHELF_KINDS.join(', ')}` }] };
  const columns = columnsOf(kind);
  const faults: Fault[] = [];
  const item: Record<string, unknown> = { kind };
  for (const [name, cell] of Object.entries(given)) {
    if (name === 'kind') continue;
    const column = columns.find(({ key }) => key === name);
    if (!column) faults.push({ path: name, message: `a ${kind} has no such field` });
    else item[name] = readCell(column, String(cell), (message) => faults.push({ path: name, message }));
  }
  const unread = new Set(faults.map(({ path }) => path));
  const { error } = storeItemSchema.validate(item, VALIDATION);
  if (error) faults.push(...faultsOf(error).filter(({ path }) => !unread.has(path)));
  return faults.length > 0 ? { faults } : { item: item as unknown as ShelfItem, faults };
}

function readCell(column: Column, cell: string, fault: (message: string) => void): unknown {
  if (column.type === 'text' || column.type === 'marking' || column.type === 'choice') return cell;
  try {
    return column.shape ? column.shape.read(cell) : readNumber(cell);
  } catch (error) {
    if (!(error instanceof DomainError)) throw error;
    fault(error.message);
    return undefined;
  }
}

/**
 * A cell that a spreadsheet would take for a formula gets an apostrophe before it (OWASP, CSV injection); numbers stay
 * numbers. {@link plainCell} takes it off again.
 */
const harmlessCell = (cell: string | number): string | number =>
  typeof cell === 'string' && /^'*[=+\-@\t\r]/.test(cell) && !/^[+-]?\d+(\.\d+)?$/.test(cell) ? `'${cell}` : cell;
const plainCell = (cell: string): string => (/^'+[=+\-@\t\r]/.test(cell) ? cell.slice(1) : cell);

/** Writes the shelf as a file that reads back the same. */
export function writeShelfFile(items: readonly ShelfItem[]): string {
  const rows = items.map((item) => {
    const columns = new Map(columnsOf(item.kind).map((column) => [column.key as string, column]));
    return FILE_COLUMNS.map((key) => {
      const column = columns.get(key);
      return column ? cellOf(column, item[column.key]) : key === 'kind' ? item.kind : '';
    });
  });
  const data = rows.map((cells) => cells.map(harmlessCell));
  return `${Papa.unparse({ fields: [...FILE_COLUMNS], data }, { newline: '\r\n' })}\r\n`;
}
