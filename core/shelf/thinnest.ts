import type { BoltPattern } from '#core/hub';
import { SHOP_LIMITS } from '#core/verdict';
import type { ShelfItem } from './item';

/** What a spacer must do. Lengths mm. */
export interface SpacerNeed {
  leastMm: number;
  /** Null where nothing limits it. */
  mostMm: number | null;
  pattern: Partial<BoltPattern>;
  hubBoreMm: number | null;
  /** Whether the setup stays centered and held with it; any item does where this is left out. */
  holds?(item: ShelfItem): boolean;
}

/**
 * The thinnest spacer kept that does it: thick enough, not too thick, on this pattern (or for any), with a bore that
 * goes over the hub, and with the wheel still centered and held. Among equals the one whose bore is closest to the hub.
 * An item of which none are left is not offered.
 */
export function thinnestOnShelf(items: readonly ShelfItem[], need: SpacerNeed): ShelfItem | null {
  const does = ({ kind, thicknessMm, quantity, lugCount, boltCircleMm, innerBoreMm }: ShelfItem): boolean =>
    kind === 'spacer' &&
    quantity !== 0 &&
    thicknessMm != null &&
    thicknessMm >= need.leastMm - 1e-6 &&
    (need.mostMm === null || thicknessMm <= need.mostMm + 1e-6) &&
    (lugCount == null || need.pattern.lugCount === lugCount) &&
    (boltCircleMm == null ||
      (need.pattern.boltCircleMm != null && Math.abs(need.pattern.boltCircleMm - boltCircleMm) < 0.05)) &&
    (innerBoreMm == null || need.hubBoreMm === null || innerBoreMm >= need.hubBoreMm - 0.005);
  const holds = (item: ShelfItem): boolean => need.holds?.(item) ?? true;
  return (
    items
      .filter((item) => does(item) && holds(item))
      .sort(
        (one, other) => one.thicknessMm! - other.thicknessMm! || looseness(one, need) - looseness(other, need),
      )[0] ?? null
  );
}

/** A bore nobody measured comes after every measured one, mm. */
const NOT_MEASURED_MM = 1000;

/** How far a spacer's bore is from being hub-centric, mm. */
function looseness({ innerBoreMm }: ShelfItem, { hubBoreMm }: SpacerNeed): number {
  if (innerBoreMm == null || hubBoreMm === null) return NOT_MEASURED_MM;
  return Math.max(0, innerBoreMm - hubBoreMm - SHOP_LIMITS.boreMm);
}
