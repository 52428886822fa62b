import type { GeometryKey } from '#core/suspension';

/** The values of a geometry as fields; lengths in the reader's unit. */
export const GEOMETRY_FIELDS: Record<GeometryKey, { short: string; unit: 'length' | '°' | '' }> = {
  lockOutDeg: { short: 'Lock, out', unit: '°' },
  lockInDeg: { short: 'Lock, in', unit: '°' },
  bumpMm: { short: 'Travel, up', unit: 'length' },
  droopMm: { short: 'Travel, down', unit: 'length' },
  kingpinInclinationDeg: { short: 'Kingpin incl.', unit: '°' },
  casterDeg: { short: 'Caster', unit: '°' },
  kingpinOffsetMm: { short: 'Axis inboard', unit: 'length' },
  kingpinForeMm: { short: 'Axis behind', unit: 'length' },
  camberDeg: { short: 'Camber', unit: '°' },
  camberGainDegPer100: { short: 'Camber gain per 100 mm', unit: '°' },
  lateralPerMm: { short: 'Lateral shift per mm of bump', unit: '' },
  lateralPerMm2: { short: 'Lateral shift per mm² of bump', unit: '' },
};
