import { mergedFinds, mergedRows } from './merge';
import type { FindRow, Finds } from './records';
import { keyOfRow } from './rows';
import type { FindPart } from './session';

/** A share of a search wherever it runs. */
export interface FindShare {
  go(ms: number, enough: number): Promise<FindPart>;
}

/** How far all of it has come. */
export interface FoundSoFar {
  tried: number;
  of: number;
  /** The best so far; what comes may still go before them. */
  rows: FindRow[];
}

/** How long a share goes on before it hears of the others, ms. */
const STRETCH_MS = 60;

/**
 * Searches all shares at once; where together they have all rows that are wanted, none looks for worse ones.
 * @returns what was found; null where `goesOn` said no
 */
export async function findTogether(
  shares: readonly FindShare[],
  top: number,
  { heard, goesOn }: { heard?(so: FoundSoFar): void; goesOn?(): boolean } = {},
): Promise<Finds | null> {
  const counts = shares.map(() => ({ tried: 0, of: 0 }));
  const sure: FindRow[][] = shares.map(() => []);
  const early: FindRow[][] = shares.map(() => []);
  const enough = (): number => {
    const rows = mergedRows(sure, top);
    return rows.length < top ? Infinity : keyOfRow(rows.at(-1)!);
  };
  const ended = await Promise.all(
    shares.map(async (share, at): Promise<Finds | null> => {
      while (goesOn?.() ?? true) {
        const part = await share.go(STRETCH_MS, enough());
        counts[at] = { tried: part.tried, of: part.of };
        sure[at]!.push(...part.rows);
        if (part.early) early[at] = part.early;
        if (part.finds) return part.finds;
        heard?.({
          tried: counts.reduce((sum, one) => sum + one.tried, 0),
          of: counts.reduce((sum, one) => sum + one.of, 0),
          rows: mergedRows(
            sure.map((rows, nth) => (rows.length > 0 ? rows : early[nth]!)),
            top,
          ),
        });
      }
      return null;
    }),
  );
  const parts = ended.filter((part) => part !== null);
  return parts.length === shares.length ? mergedFinds(parts, top) : null;
}
