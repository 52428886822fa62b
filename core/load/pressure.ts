import { loadRangeOf } from './loadRange';
import type { Service } from './service';

/** How the load of a tire follows its pressure: L ~ P^0.8 (ETRTO Standards Manual, from memory). */
const PRESSURE_POWER = 0.8;

/**
 * Pressure in kPa at which a tire's load is stated: 250, reinforced 290 (ETRTO, from memory), light truck by its load
 * range letter.
 */
export function referencePressureKpa(service: Service): number | null {
  if (service.passenger) return service.extraLoad ? 290 : 250;
  return loadRangeOf(service.loadRange)?.referenceKpa ?? null;
}

/** A cold pressure by arithmetic, kPa, and whether both tires' loads were taken as stated at one pressure. */
export interface PressureEstimate {
  kpa: number;
  sameReference: boolean;
}

/**
 * Cold pressure in kPa that carries the same load on another tire: P2 = P1 · (Pref2/Pref1) · (L1/L2)^(1/0.8), L the
 * loads stated at the reference pressures. Where a reference pressure is not known both are taken as equal. An
 * estimate: the tire maker's table decides.
 * @param present the tire that is on the car at pressure `kpa`, its stated load in kg
 */
export function pressureForSameLoad(
  kpa: number,
  present: { loadKg: number; service: Service },
  next: { loadKg: number; service: Service },
): PressureEstimate {
  const [before, after] = [referencePressureKpa(present.service), referencePressureKpa(next.service)];
  const references = before === null || after === null ? null : after / before;
  return {
    kpa: kpa * (references ?? 1) * (present.loadKg / next.loadKg) ** (1 / PRESSURE_POWER),
    sameReference: references === null,
  };
}
