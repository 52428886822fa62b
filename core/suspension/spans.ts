import type { GeometryKey } from './geometry';

/** How far a value that nobody measured may be off, either way (common practice, no source). */
export const ASSUMED_SPAN: Record<GeometryKey, number> = {
  lockOutDeg: 4,
  lockInDeg: 4,
  bumpMm: 15,
  droopMm: 15,
  kingpinInclinationDeg: 3,
  casterDeg: 3,
  kingpinOffsetMm: 20,
  kingpinForeMm: 10,
  camberDeg: 1,
  camberGainDegPer100: 1,
  lateralPerMm: 0.05,
  lateralPerMm2: 0.0005,
};

/** What is not less than none. */
export const STOPS: ReadonlySet<GeometryKey> = new Set(['lockOutDeg', 'lockInDeg', 'bumpMm', 'droopMm']);
