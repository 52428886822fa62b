import type { GeometryKey } from './geometry';

/** What the values of a suspension are called. */
export const GEOMETRY_NAMES: Record<GeometryKey, string> = {
  lockOutDeg: 'lock, leading edge out',
  lockInDeg: 'lock, leading edge in',
  bumpMm: 'travel up to the stop',
  droopMm: 'travel down',
  kingpinInclinationDeg: 'kingpin inclination',
  casterDeg: 'caster',
  kingpinOffsetMm: 'steering axis inboard of the hub face',
  kingpinForeMm: 'steering axis behind the hub',
  camberDeg: 'camber at rest',
  camberGainDegPer100: 'camber over 100 mm up',
  lateralPerMm: 'outward movement a mm up',
  lateralPerMm2: 'outward movement, second order',
};
