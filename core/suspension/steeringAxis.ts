import { kindOn, steers, USUAL_GEOMETRY, type KnownSuspension } from './geometry';

/** A steering axis with a list of the values nobody measured. */
export interface SteeringAxis {
  kingpinInclinationDeg: number;
  kingpinOffsetMm: number;
  assumed: ('kingpinInclinationDeg' | 'kingpinOffsetMm')[];
}

/**
 * The steering axis of an axle, filled up with the usual values of its kind where nothing was measured.
 * @returns null for an axle that does not steer, or one whose kind is not known and whose axis was not measured
 */
export function steeringAxis(suspension: KnownSuspension | undefined, axle: 'front' | 'rear'): SteeringAxis | null {
  if (!suspension) return null;
  // An axis that somebody measured is there, whatever else is not said of the axle.
  const measured = suspension.kingpinInclinationDeg != null && suspension.kingpinOffsetMm != null;
  if (!steers(suspension, axle) && (!measured || suspension.kind?.startsWith('rear'))) return null;
  const kind = kindOn(suspension, axle);
  const usual = kind ? USUAL_GEOMETRY[kind] : null;
  const assumed: SteeringAxis['assumed'] = [];
  const take = (key: 'kingpinInclinationDeg' | 'kingpinOffsetMm'): number | null => {
    const own = suspension[key];
    if (own != null) return own;
    assumed.push(key);
    return usual?.[key] ?? null;
  };
  const kingpinInclinationDeg = take('kingpinInclinationDeg');
  const kingpinOffsetMm = take('kingpinOffsetMm');
  if (kingpinInclinationDeg === null || kingpinOffsetMm === null) return null;
  return { kingpinInclinationDeg, kingpinOffsetMm, assumed };
}
