import { rollingCircumferenceMm } from '#core/tire';
import { KM_PER_MILE } from '#core/units';

const MM_PER_KM = 1e6;
const MM_PER_MILE = KM_PER_MILE * MM_PER_KM;

/** Revolutions of a wheel each km: 10⁶ over the rolling circumference 3.05·D in mm. */
export const revolutionsPerKm = (diameterMm: number): number => MM_PER_KM / rollingCircumferenceMm(diameterMm);

/** Revolutions of a wheel each mile of 1609.344 m. */
export const revolutionsPerMile = (diameterMm: number): number => MM_PER_MILE / rollingCircumferenceMm(diameterMm);

/**
 * Engine speed in revolutions a minute without slip: v/60 · (revolutions a km) · axle ratio · gear ratio, v in km/h.
 * @param overall axle ratio times the ratio of the gear that is engaged
 */
export const engineSpeedRpm = (speedKmh: number, diameterMm: number, overall: number): number =>
  (speedKmh / 60) * revolutionsPerKm(diameterMm) * overall;
