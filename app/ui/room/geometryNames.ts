import type { GeometryKey } from '#core/suspension';

/** The values of a geometry with their names; lengths in the reader's unit. */
export const GEOMETRY_NAMES: Record<GeometryKey, { name: string; short: string; unit: 'length' | '°' | '' }> = {
  lockOutDeg: { name: 'lock, leading edge out', short: 'Lock, out', unit: '°' },
  lockInDeg: { name: 'lock, leading edge in', short: 'Lock, in', unit: '°' },
  bumpMm: { name: 'travel up to the stop', short: 'Travel, up', unit: 'length' },
  droopMm: { name: 'travel down', short: 'Travel, down', unit: 'length' },
  kingpinInclinationDeg: { name: 'kingpin inclination', short: 'Kingpin incl.', unit: '°' },
  casterDeg: { name: 'caster', short: 'Caster', unit: '°' },
  kingpinOffsetMm: { name: 'steering axis inboard of the hub face', short: 'Axis inboard', unit: 'length' },
  kingpinForeMm: { name: 'steering axis behind the hub', short: 'Axis behind', unit: 'length' },
  camberDeg: { name: 'camber at rest', short: 'Camber', unit: '°' },
  camberGainDegPer100: { name: 'camber over 100 mm up', short: 'Camber a 100', unit: '°' },
  lateralPerMm: { name: 'outward movement a mm up', short: 'Out a mm up', unit: '' },
  lateralPerMm2: { name: 'outward movement, second order', short: 'Out a mm²', unit: '' },
};
