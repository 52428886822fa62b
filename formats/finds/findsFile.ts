import type { FindRow, Finds } from '#core/find';
import { itemName } from '#core/shelf';
import type { Verdict } from '#core/verdict';

/** A row of a file of finds. Lengths mm, masses kg. */
export interface FindsFileRow {
  rank: number;
  wheel: string;
  tire: string;
  stack: string[];
  fastener: string | null;
  verdict: Verdict;
  /** The code of the check that limits it. */
  limitedBy: string | null;
  pokeMm: number | null;
  inboardGapMm: number | null;
  /** How far from the poke target, + further out. */
  wishMm: number | null;
  /** The whole cost, with what its missing prices leave out of it. */
  cost: { currency: string | null; total: number | null; missing: string[] };
  massKg: number | null;
  /** The figures are the front axle's: of the axle looked for, or of the one further from the target. */
  front: boolean;
}

/** What `find` prints. */
export interface FindsFile {
  format: 'scoval.finds';
  version: 1;
  tried: number;
  fit: number;
  fellOut: Readonly<Record<string, number>>;
  /** What would let most in if it alone gave way. */
  relaxations: readonly { code: string; count: number }[];
  rows: FindsFileRow[];
}

/** What was found as a file. */
export const findsFile = ({ tried, fit, fellOut, relaxations, rows }: Finds): FindsFile => ({
  format: 'scoval.finds',
  version: 1,
  tried,
  fit,
  fellOut,
  relaxations,
  rows: rows.map((row, at) => fileRow(row, at + 1)),
});

const fileRow = (row: FindRow, rank: number): FindsFileRow => ({
  rank,
  wheel: itemName(row.wheel),
  tire: itemName(row.tire),
  stack: row.stack.map(itemName),
  fastener: row.fastener && itemName(row.fastener),
  verdict: row.verdict,
  limitedBy: row.limitedBy?.code ?? null,
  pokeMm: row.pokeMm,
  inboardGapMm: row.inboardGapMm,
  wishMm: row.offTargetMm,
  cost: { currency: row.cost.currency, total: row.cost.total, missing: row.cost.missing },
  massKg: row.massKg,
  front: row.axle === 'front',
});
