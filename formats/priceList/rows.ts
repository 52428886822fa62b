import Papa from 'papaparse';

/** A list as rows of cells, each with the line it began in. */
export interface ListRows {
  rows: string[][];
  /** Line of each row, from 1. */
  lines: number[];
}

/** The most rows of a list, and the most columns. */
const MOST_ROWS = 100_000;
export const MOST_COLUMNS = 60;
/** How long a cell may be; what is longer is no part of a list. */
const MOST_LETTERS = 400;

/** Reads the text of a CSV: semicolon, tab or comma. */
export function rowsOfCsv(bytes: Uint8Array): ListRows | { fault: string } {
  const text = textOf(bytes);
  const { data, errors } = Papa.parse<string[]>(text, { skipEmptyLines: false, delimiter: delimiterOf(text) });
  const broken = errors.find(({ type }) => type === 'Quotes');
  if (broken) return { fault: `line ${(broken.row ?? 0) + 1}: a quotation mark is not closed` };
  return rowsOf(data);
}

/** How many lines are looked at to know what stands between the cells. */
const LINES_LOOKED_AT = 100;
const DELIMITERS = [';', '\t', '|', ','] as const;

/** What stands between the cells: of what most lines hold some, the one that they hold most of. */
function delimiterOf(text: string): string {
  const lines = text
    .slice(0, 100_000)
    .split('\n')
    .filter((line) => line.trim() !== '')
    .slice(0, LINES_LOOKED_AT);
  const usual = (sign: string): number => {
    const counts = lines.map((line) => line.split(sign).length - 1).sort((one, other) => one - other);
    return counts[counts.length >> 1] ?? 0;
  };
  return DELIMITERS.reduce<string>((best, sign) => (usual(sign) > usual(best) ? sign : best), DELIMITERS[0]);
}

/** Rows of cells without the empty ones; or why they are too many. */
export function rowsOf(data: readonly (readonly string[])[]): ListRows | { fault: string } {
  const rows: string[][] = [];
  const lines: number[] = [];
  let line = 1;
  for (const cells of data) {
    const at = line;
    line += 1;
    for (const cell of cells) for (const letter of cell) if (letter === '\n') line += 1;
    if (cells.every((cell) => cell.trim() === '')) continue;
    if (cells.length > MOST_COLUMNS) return { fault: `line ${at} has more than ${MOST_COLUMNS} columns` };
    rows.push(cells.map((cell) => cell.trim().slice(0, MOST_LETTERS)));
    lines.push(at);
    if (rows.length > MOST_ROWS)
      return { fault: `has more than ${MOST_ROWS.toLocaleString('en-US')} lines: take it in by parts` };
  }
  return rows.length === 0 ? { fault: 'is empty' } : { rows, lines };
}

/** UTF-8, UTF-16 where the file says so by its first bytes; else Windows-1252, as spreadsheets write by themselves. */
function textOf(bytes: Uint8Array): string {
  const wide =
    bytes[0] === 0xff && bytes[1] === 0xfe ? 'utf-16le' : bytes[0] === 0xfe && bytes[1] === 0xff ? 'utf-16be' : null;
  try {
    return new TextDecoder(wide ?? 'utf-8', { fatal: true }).decode(bytes).replace(/^\ufeff/, '');
  } catch {
    return new TextDecoder('windows-1252').decode(bytes);
  }
}
