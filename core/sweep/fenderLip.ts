import type { Point3 } from '#core/kinematics';

/** The id of a fender lip that nobody measured. */
export const ASSUMED_LIP_ID = 'assumed-lip';

/** How far to either side of the top the assumed lip runs, degrees. */
const SPREAD_DEG = 60;
const STEP_DEG = 2;

/**
 * A fender lip from the static readings alone: an arc at the fender's lateral place, about the hub's axis at the
 * present tire's radius plus the fender clearance, 60° to either side of the top. Mm in the corner's frame.
 * @param fenderOutMm where the lip stands in space: the bulge of the present wheel straight above the hub, as it leans
 *   at rest, and the gap that was read to it
 */
export function assumedLip(fenderOutMm: number, presentRadiusMm: number, archGapMm: number): Point3[] {
  const radius = presentRadiusMm + archGapMm;
  return Array.from({ length: (2 * SPREAD_DEG) / STEP_DEG + 1 }, (_, i) => {
    const clock = ((i * STEP_DEG - SPREAD_DEG) * Math.PI) / 180;
    return { out: fenderOutMm, fwd: radius * Math.sin(clock), up: radius * Math.cos(clock) };
  });
}
