/** Kinds of suspension whose steering axis has a usual place. */
export type SuspensionKind = 'strut' | 'wishbone' | 'axle' | 'rear';

/** The steering axis as it is usually found for a kind; angles in degrees, k in mm. Common practice, no source. */
export const USUAL_STEERING_AXIS: Record<
  SuspensionKind,
  { kingpinInclinationDeg: number; casterDeg: number; kingpinOffsetMm: number }
> = {
  strut: { kingpinInclinationDeg: 13, casterDeg: 5, kingpinOffsetMm: 105 },
  wishbone: { kingpinInclinationDeg: 9, casterDeg: 4, kingpinOffsetMm: 100 },
  axle: { kingpinInclinationDeg: 8, casterDeg: 3, kingpinOffsetMm: 115 },
  rear: { kingpinInclinationDeg: 0, casterDeg: 0, kingpinOffsetMm: 0 },
};

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
export function steeringAxis(
  suspension:
    | {
        kind?: SuspensionKind | undefined;
        kingpinInclinationDeg?: number | null | undefined;
        kingpinOffsetMm?: number | null | undefined;
      }
    | undefined,
): SteeringAxis | null {
  if (!suspension || suspension.kind === 'rear') return null;
  const usual = suspension.kind ? USUAL_STEERING_AXIS[suspension.kind] : null;
  const assumed: SteeringAxis['assumed'] = [];
  const take = (key: 'kingpinInclinationDeg' | 'kingpinOffsetMm'): number | null => {
    const measured = suspension[key];
    if (measured != null) return measured;
    assumed.push(key);
    return usual?.[key] ?? null;
  };
  const kingpinInclinationDeg = take('kingpinInclinationDeg');
  const kingpinOffsetMm = take('kingpinOffsetMm');
  if (kingpinInclinationDeg === null || kingpinOffsetMm === null) return null;
  return { kingpinInclinationDeg, kingpinOffsetMm, assumed };
}
