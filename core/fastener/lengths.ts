/** Lug bolt lengths under the seat that are kept, mm (common practice, no source). */
const BOLTS: readonly number[] = [
  20, 22, 24, 26, 28, 30, 32, 34, 35, 36, 38, 40, 42, 43, 45, 48, 50, 52, 53, 55, 58, 60, 65, 70, 75, 80,
];
/** Usable stud lengths that are kept, mm (common practice, no source). */
const STUDS: readonly number[] = [30, 35, 38, 40, 43, 45, 48, 50, 55, 58, 60, 65, 70, 75, 78, 80, 85, 90, 100];

/**
 * The next standard length of a stud or bolt, mm.
 * @param least what is needed at least
 * @param most what the hub takes at most; leave it out where there is no such limit
 * @returns null when no standard length lies between
 */
export const standardLengthMm = (kind: 'stud' | 'bolt', least: number, most = Infinity): number | null =>
  (kind === 'bolt' ? BOLTS : STUDS).find((mm) => mm >= least - 1e-6 && mm <= most + 1e-6) ?? null;
