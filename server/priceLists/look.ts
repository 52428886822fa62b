import type { ShelfItem } from '#core/shelf';
import type { Fault } from '#formats/faults';
import {
  guessList,
  readList,
  rowsOfCsv,
  type KnownMappings,
  type ListGuess,
  type ListMapping,
} from '#formats/priceList';
import type { ListKind } from '#formats/priceList/columns';
import { isZip, rowsOfXlsx } from './xlsx';

/** A list that is looked at: its bytes, and how it is read where somebody has said so. */
export interface ListAsk {
  bytes: Uint8Array;
  /** Said by whoever looks; else it is guessed. */
  mapping?: ListMapping | undefined;
  /** What it is of, where that is said and no more. */
  kind?: ListKind | undefined;
  /** How lists of the supplier were read before. */
  known?: KnownMappings | undefined;
}

/** What a list looks like, before it is taken in. */
export interface ListLook extends ListGuess {
  /** Its first lines as they stand there, and the first items read. */
  sample: string[][];
  first: ShelfItem[];
  count: number;
  faulty: number;
  faults: Fault[];
}

/** A list read whole: what it looks like, and its items as the text that is kept. */
export type ReadAll = { look: ListLook; items: string; fault?: undefined } | { fault: string };

const SAMPLE_LINES = 6;
const FIRST_ITEMS = 8;
/** The most faults that are shown. */
const SHOWN_FAULTS = 50;

/** Reads a list: CSV or XLSX, told by what is in it. */
export async function lookAtList({ bytes, mapping: said, kind, known }: ListAsk): Promise<ReadAll> {
  const rows = isZip(bytes) ? await rowsOfXlsx(bytes) : rowsOfCsv(bytes);
  if ('fault' in rows) return rows;
  const guess = guessList(rows, known, kind ?? said?.kind);
  const mapping = said ?? guess.mapping;
  const { items, faults, faulty } = readList(rows, mapping);
  const contested = guess.contested.filter((target) => !mapping.columns.some((one) => one.target === target));
  return {
    look: {
      mapping,
      heads: guess.heads,
      contested,
      sample: rows.rows.slice(mapping.firstRow, mapping.firstRow + SAMPLE_LINES),
      first: items.slice(0, FIRST_ITEMS),
      count: items.length,
      faulty,
      faults: faults.slice(0, SHOWN_FAULTS),
    },
    items: JSON.stringify(items),
  };
}
