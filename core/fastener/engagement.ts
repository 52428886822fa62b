import { DomainError } from '#core/errors';

/**
 * Thread engagement, mm: what is left of a stud or bolt after everything it clamps, e = L − t − p.
 * @param lengthMm stud: usable length from the hub face; bolt: under its seat
 * @param clampedMm spacers between (t) and the thickness under the lug seat (wheel pad or adapter, p)
 * @throws DomainError on a negative length or thickness
 */
export function engagementMm(lengthMm: number, clampedMm: number): number {
  if (lengthMm < 0) throw new DomainError('a length cannot be negative', 'lengthMm');
  if (clampedMm < 0) throw new DomainError('a thickness cannot be negative', 'thicknessMm');
  return lengthMm - clampedMm;
}

/** Full turns that an engagement gives: e / pitch. Both mm; nothing engaged is no turn. */
export const turnsOf = (engagedMm: number, pitchMm: number): number => Math.max(0, engagedMm) / pitchMm;

/** Least engagement, mm: so many thread diameters (1.0, shop limit; common practice, no source). */
export const leastEngagementMm = (threadDiameterMm: number, ratio: number): number => threadDiameterMm * ratio;

/** Free room a pocket in the wheel's back must leave over a stud's end, mm. */
export const POCKET_SPARE_MM = 1;

/** How far the car's own stud sticks out of an adapter's outer face, mm; nothing when it ends inside. */
export const studProudMm = (studMm: number, stackMm: number): number => Math.max(0, studMm - stackMm);

/** Whether a wheel's pockets take studs that stick out: as deep as they are, and 1 mm more. */
export const pocketTakes = (proudMm: number, pocketDepthMm: number): boolean =>
  proudMm <= 0 || pocketDepthMm >= proudMm + POCKET_SPARE_MM - 1e-9;

/**
 * Thinnest adapter, mm, that needs neither pockets nor trimmed studs: as thick as the stud is long, less what the
 * pockets take.
 */
export const thinnestAdapterMm = (studMm: number, pocketDepthMm = 0): number =>
  studMm - Math.max(0, pocketDepthMm - POCKET_SPARE_MM);
