import { DomainError } from '#core/errors';

/** Speed in km/h that each symbol allows (ISO 4000-1 and UNECE R30, from memory). H stands between U and V. */

export const SPEEDS_KMH: Readonly<Record<string, number>> = {
  A1: 5,
  A2: 10,
  A3: 15,
  A4: 20,
  A5: 25,
  A6: 30,
  A7: 35,
  A8: 40,
  B: 50,
  C: 60,
  D: 65,
  E: 70,
  F: 80,
  G: 90,
  J: 100,
  K: 110,
  L: 120,
  M: 130,
  N: 140,
  P: 150,
  Q: 160,
  R: 170,
  S: 180,
  T: 190,
  U: 200,
  H: 210,
  V: 240,
  W: 270,
  Y: 300,
};

/** The speed of a symbol in km/h; null where it is none. */
export const speedOfSymbolKmh = (symbol: string | null | undefined): number | null =>
  symbol ? (SPEEDS_KMH[symbol] ?? null) : null;

/**
 * Reads a speed rating in either case.
 * @throws DomainError where there is none of that letter
 */
export function readSpeedRating(text: string): string {
  const symbol = text.trim().toUpperCase();
  if (!Object.hasOwn(SPEEDS_KMH, symbol))
    throw new DomainError(`“${text.slice(0, 8)}” is not a speed rating such as T, H or V`);
  return symbol;
}

/**
 * From which speed on, in km/h, a symbol carries less than its index says, and by how much each 10 km/h (UNECE R30,
 * from memory).
 */
const LESS_ABOVE: Readonly<Record<string, { fromKmh: number; sharePer10: number }>> = {
  V: { fromKmh: 210, sharePer10: 0.03 },
  W: { fromKmh: 240, sharePer10: 0.05 },
  Y: { fromKmh: 270, sharePer10: 0.05 },
};

/**
 * The share of its load that a tire carries at a speed in km/h: V loses 3 % each 10 km/h above 210, W 5 % above 240, Y
 * 5 % above 270, stepped up to the next 10 km/h; 1 below, and for every other symbol.
 */
export function loadShareAtSpeed(symbol: string | null, speedKmh: number): number {
  const rule = symbol ? LESS_ABOVE[symbol] : undefined;
  if (!rule || speedKmh <= rule.fromKmh) return 1;
  const top = Math.min(speedKmh, SPEEDS_KMH[symbol!]!);
  return 1 - rule.sharePer10 * Math.ceil((top - rule.fromKmh) / 10 - 1e-9);
}
