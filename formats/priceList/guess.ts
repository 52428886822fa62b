import type { KnownMappings, ListGuess } from './mapping';
import type { ListRows } from './rows';
import {
  currencyIn,
  decimalOf,
  readTireText,
  targetOf,
  TARGET_NAMES,
  type ListKind,
  type ListTargetName,
} from './columns';

/** How far down a head is looked for: letters of the supplier may stand before it. */
const HEAD_WITHIN = 20;
/** How many rows are looked at to know a column by its cells, and what share of them must look so. */
const SAMPLE = 200;
const SHARE = 0.8;

/** A head without case, accents, units in brackets and signs: `Center-Bore (mm)` is `center bore`. */
const plainHead = (head: string): string =>
  head
    .toLowerCase()
    .replaceAll('ß', 'ss')
    .replaceAll('ä', 'ae')
    .replaceAll('ö', 'oe')
    .replaceAll('ü', 'ue')
    .normalize('NFD')
    .replace(/[\u0300-\u036f]/g, '')
    .replace(/\(.*?\)|\[.*?\]/g, ' ')
    .replace(/[^a-z0-9]+/g, ' ')
    .trim();

const targetsOf = (kind: ListKind): ListTargetName[] =>
  TARGET_NAMES.filter((name) => targetOf(name).kinds.includes(kind));

/** What a head says its column is, of a kind. */
const claims = (head: string, kind: ListKind): ListTargetName[] =>
  targetsOf(kind).filter((name) => targetOf(name).heads.test(plainHead(head)));

/**
 * What a list seems to be: by its heads, and by what its cells look like where they say nothing. A column that two
 * things could be, or a thing that two columns claim, is left open.
 * @param before how lists of this supplier were read before, by what they were of: columns are known again by heads
 * @param said what it is of, where somebody has said so
 */
export function guessList({ rows }: ListRows, before: KnownMappings = {}, said?: ListKind): ListGuess {
  const kind = said ?? kindOf(rows);
  const known = before[kind] ?? null;
  const head = headRow(rows, kind);
  const heads = head === null ? [] : rows[head]!;
  const width = Math.max(...rows.slice(0, SAMPLE).map((cells) => cells.length));
  const firstRow = head === null ? 0 : head + 1;
  const sample = rows.slice(firstRow, firstRow + SAMPLE);
  const taken = new Map<ListTargetName, number>();
  const contested: ListTargetName[] = [];
  for (const { target, at, head: once } of known?.columns ?? []) {
    const again = once === null ? at : heads.findIndex((one) => plainHead(one) === plainHead(once));
    if (again !== -1 && again < width) taken.set(target, again);
  }
  const isTaken = (at: number) => [...taken.values()].includes(at);
  for (const target of targetsOf(kind)) {
    if (taken.has(target)) continue;
    const claiming = [...heads.keys()].filter((at) => !isTaken(at) && claims(heads[at]!, kind).includes(target));
    if (claiming.length === 1) taken.set(target, claiming[0]!);
    else if (claiming.length > 1) contested.push(target);
  }
  for (const target of targetsOf(kind)) {
    const { looks } = targetOf(target);
    if (taken.has(target) || contested.includes(target) || !looks) continue;
    const alike = Array.from({ length: width }, (_, at) => at).filter(
      (at) => !isTaken(at) && shareOf(sample, at, looks) >= SHARE,
    );
    if (alike.length === 1) taken.set(target, alike[0]!);
  }
  const price = taken.get('priceEach');
  return {
    heads: Array.from({ length: width }, (_, at) => heads[at] ?? null),
    contested,
    mapping: {
      kind,
      columns: [...taken].map(([target, at]) => ({ target, at, head: heads[at] ?? null })),
      firstRow,
      decimal: known?.decimal ?? decimalOf(sample.flat()),
      currency: known?.currency ?? (price === undefined ? null : currencyOver(heads[price], sample, price)),
    },
  };
}

const shareOf = (sample: readonly string[][], at: number, looks: RegExp): number => {
  const cells = sample.map((row) => row[at] ?? '').filter((cell) => cell !== '');
  return cells.length === 0 ? 0 : cells.filter((cell) => looks.test(cell)).length / cells.length;
};

/** The currency in the head over the prices, else the one that the prices begin with. */
function currencyOver(head: string | undefined, sample: readonly string[][], at: number): string | null {
  const named =
    head === undefined ? null : currencyIn(head.toUpperCase().replace(/\b(EK|NET|NETTO|PRICE|PREIS)\b/g, ' '));
  if (named) return named;
  for (const row of sample) {
    const found = currencyIn(row[at] ?? '');
    if (found) return found;
  }
  return null;
}

/** Tires where more of its first rows name a tire size than a rim, wheels else. */
function kindOf(rows: readonly string[][]): ListKind {
  const naming = (reads: (cell: string) => unknown): number =>
    rows.slice(0, SAMPLE).filter((row) => row.some((cell) => reads(cell) !== null)).length;
  return naming(readTireText) > naming(rimOrNull) ? 'tire' : 'wheel';
}

const rimOrNull = (cell: string): unknown => (/J|x|×/i.test(cell) && RIM_LOOKS.test(cell) ? cell : null);
const RIM_LOOKS = /(?<![\d.,/])\d{1,2}([.,]\d)?\s*J{0,2}\s*[x×]\s*\d{1,2}([.,]\d)?(?!\d)/i;

/** The row of the heads: the first in which two cells or more say what they are. Null where there is none. */
function headRow(rows: readonly string[][], kind: ListKind): number | null {
  for (const [at, row] of rows.slice(0, HEAD_WITHIN).entries())
    if (row.filter((cell) => cell !== '' && claims(cell, kind).length > 0).length >= 2) return at;
  return null;
}
