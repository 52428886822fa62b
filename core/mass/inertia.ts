/** A uniform ring about its axis: I = m·(r² + R²)/2, lengths in m, mass in kg (any handbook of mechanics). */
const ringInertia = (massKg: number, innerM: number, outerM: number): number =>
  (massKg * (innerM ** 2 + outerM ** 2)) / 2;

/**
 * Share of a wheel's mass that sits in its rim; the rest is taken as a uniform disc inside it (common practice, no
 * source).
 */
export const RIM_SHARE = 0.6;

/**
 * Moment of inertia of a wheel about its axis, kg·m²: 0.6·m at the bead seat's radius and 0.4·m as a disc, I =
 * 0.8·m·r².
 */
export function wheelInertiaKgM2(massKg: number, seatDiameterMm: number): number {
  const r = seatDiameterMm / 2000;
  return RIM_SHARE * massKg * r ** 2 + ringInertia((1 - RIM_SHARE) * massKg, 0, r);
}

/** Moment of inertia of a tire about its axis, kg·m², as a uniform ring from bead seat to tread: I = m·(r² + R²)/2. */
export const tireInertiaKgM2 = (massKg: number, seatDiameterMm: number, overallDiameterMm: number): number =>
  ringInertia(massKg, seatDiameterMm / 2000, overallDiameterMm / 2000);

/** The mass that would be as hard to set moving in a straight line, kg: m + I/R², R the rolling radius. */
export const equivalentMassKg = (massKg: number, inertiaKgM2: number, overallDiameterMm: number): number =>
  massKg + inertiaKgM2 / (overallDiameterMm / 2000) ** 2;
