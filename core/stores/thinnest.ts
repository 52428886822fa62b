import type { BoltPattern } from '#core/hub';
import { HOUSE_LIMITS } from '#core/verdict';
import type { StoreItem } from './item';

/** What a spacer must do. Lengths mm. */
export interface SpacerNeed {
  leastMm: number;
  /** Null where nothing limits it. */
  mostMm: number | null;
  pattern: Partial<BoltPattern>;
  hubBoreMm: number | null;
}

/**
 * The thinnest spacer kept that does it: thick enough, not too thick, on this pattern (or for any), with a bore that goes over the hub.
 * Among equals the one whose bore is closest to the hub. An item of which none are left is not offered.
 */
export function thinnestInStores(items: readonly StoreItem[], need: SpacerNeed): StoreItem | null {
  const does = ({ kind, thicknessMm, quantity, lugCount, boltCircleMm, innerBoreMm }: StoreItem): boolean =>
    kind === 'spacer' &&
    quantity !== 0 &&
    thicknessMm != null &&
    thicknessMm >= need.leastMm - 1e-6 &&
    (need.mostMm === null || thicknessMm <= need.mostMm + 1e-6) &&
    (lugCount == null || need.pattern.lugCount === lugCount) &&
    (boltCircleMm == null ||
      (need.pattern.boltCircleMm != null && Math.abs(need.pattern.boltCircleMm - boltCircleMm) < 0.05)) &&
    (innerBoreMm == null || need.hubBoreMm === null || innerBoreMm >= need.hubBoreMm - 0.005);
  const play = ({ innerBoreMm }: StoreItem): number =>
    innerBoreMm == null || need.hubBoreMm === null ? Infinity : innerBoreMm - need.hubBoreMm;
  return (
    items
      .filter(does)
      .sort(
        (one, other) =>
          one.thicknessMm! - other.thicknessMm! ||
          (play(one) <= HOUSE_LIMITS.boreMm ? 0 : play(one)) - (play(other) <= HOUSE_LIMITS.boreMm ? 0 : play(other)),
      )[0] ?? null
  );
}
