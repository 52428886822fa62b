import type { BoltPattern } from '#core/hub';
import type { ShelfItem } from './item';

const same = (one: number | null | undefined, other: number): boolean => one != null && Math.abs(one - other) < 0.05;

/** Adapters kept that turn one pattern into another, thinnest first; what has run out is left out. Circles in mm. */
export const adaptersOnShelf = (
  items: readonly ShelfItem[],
  from: Partial<BoltPattern>,
  to: Partial<BoltPattern>,
): ShelfItem[] =>
  from.lugCount == null || from.boltCircleMm == null || to.lugCount == null || to.boltCircleMm == null
    ? []
    : items
        .filter(
          (item) =>
            item.kind === 'adapter' &&
            item.quantity !== 0 &&
            item.thicknessMm != null &&
            item.lugCount === from.lugCount &&
            same(item.boltCircleMm, from.boltCircleMm!) &&
            (item.toLugCount ?? item.lugCount) === to.lugCount &&
            same(item.toBoltCircleMm ?? item.boltCircleMm, to.boltCircleMm!),
        )
        .sort((one, other) => one.thicknessMm! - other.thicknessMm!);
