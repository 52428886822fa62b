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
  camberGainDegPer100: 'camber gain per 100 mm',
  lateralPerMm: 'lateral shift per mm of bump',
  lateralPerMm2: 'lateral shift per mm² of bump',
};
