import { SHOP_LIMITS, type ShopLimits, type Verdict } from '#core/verdict';

/** Clearance holes, mm, fine series, by thread diameter (ISO 273; from memory). Between them d + 1. */
const FINE: Record<number, number> = { 8: 8.4, 10: 10.5, 12: 13, 14: 15, 16: 17, 18: 19, 20: 21, 22: 23, 24: 25 };

/** Hole that a fastener of this diameter needs, mm. */
export const clearanceHoleMm = (fastenerMm: number): number => FINE[fastenerMm] ?? fastenerMm + 1;

export interface LugHole {
  verdict: Verdict;
  neededMm: number;
  /** How much the hole must be opened out, ⌀ mm; 0 when it goes through as it is. */
  openMm: number;
  /** Seat left around the opened hole, mm; null when the seat's ⌀ is not known. */
  seatLeftMm: number | null;
}

/**
 * A wheel's lug hole against its fastener: opened out by up to 2 mm with at least 3 mm of seat left `caution`, further
 * `fail` (shop limits; common practice, no source); with the seat's ⌀ missing an opening stays `unknown`. Lengths mm.
 */
export function lugHoleFor({
  fastenerMm,
  holeMm,
  seatDiameterMm,
  limits = SHOP_LIMITS,
}: {
  fastenerMm: number;
  holeMm: number;
  seatDiameterMm: number | null;
  limits?: ShopLimits | undefined;
}): LugHole {
  const neededMm = clearanceHoleMm(fastenerMm);
  const openMm = Math.max(0, neededMm - holeMm);
  const seatLeftMm = seatDiameterMm === null ? null : (seatDiameterMm - Math.max(neededMm, holeMm)) / 2;
  const judged = (verdict: Verdict): LugHole => ({ verdict, neededMm, openMm, seatLeftMm });
  if (openMm === 0) return judged('ok');
  if (openMm > limits.lugHoleOpenMm + 1e-9) return judged('fail');
  if (seatLeftMm === null) return judged('unknown');
  return judged(seatLeftMm < limits.seatBandMm - 1e-9 ? 'fail' : 'caution');
}
