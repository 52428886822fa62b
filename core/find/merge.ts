import type { FellOut, FindRow, Finds } from './records';
import { byRank } from './rows';

/** What several found, each in its share of the wheels, as one. */
export function mergedFinds(parts: readonly Finds[], top: number): Finds {
  const fellOut: Record<string, number> = {};
  const relaxed: Record<string, number> = {};
  for (const part of parts) {
    for (const [code, count] of Object.entries(part.fellOut)) fellOut[code] = (fellOut[code] ?? 0) + count;
    for (const { code, count } of part.relaxations) relaxed[code] = (relaxed[code] ?? 0) + count;
  }
  const most = (counts: FellOut) => Object.entries(counts).sort(([, one], [, other]) => other - one);
  return {
    tried: parts.reduce((sum, { tried }) => sum + tried, 0),
    fit: parts.reduce((sum, { fit }) => sum + fit, 0),
    swept: parts.reduce((sum, { swept }) => sum + swept, 0),
    fellOut: Object.fromEntries(most(fellOut)),
    relaxations: most(relaxed).map(([code, count]) => ({ code, count })),
    rows: mergedRows(
      parts.map(({ rows }) => rows),
      top,
    ),
  };
}

/** The best of several ranked lists. */
export const mergedRows = (lists: readonly (readonly FindRow[])[], top: number): FindRow[] =>
  lists.flat().sort(byRank).slice(0, top);
