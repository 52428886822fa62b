import { cornerSection, type AxlePart } from '#core/evaluate';
import type { SetupOnAxle } from '#core/job';
import type { Point3 } from '#core/kinematics';
import { assumedLip, type Side } from '#core/sweep';
import { isLip, pointsOf } from './part';

/** The fender lip of a corner, in the corner's frame. */
export interface CornerLip {
  points: Point3[];
  /** It is one of the parts, and is drawn with them. */
  isPart: boolean;
  isAssumed: boolean;
}

/**
 * The lip of a corner: as it was measured, or made of the gaps at rest. Of one that is a single point only its place is
 * known; an arc about the hub goes through it. Null while there is nothing to make one of.
 */
export function cornerLip({ job, axle }: SetupOnAxle, own: readonly AxlePart[], side: Side): CornerLip | null {
  const longest = own
    .filter((part) => isLip(part) && part.placed?.mount === 'body')
    .map((part) => ({ part, points: pointsOf(part) }))
    .sort((one, other) => other.points.length - one.points.length)[0];
  if (longest && longest.points.length > 1)
    return { points: longest.points, isPart: true, isAssumed: longest.part.assumed };
  const only = longest?.points[0];
  if (only) return { points: assumedLip(only.out, Math.hypot(only.fwd, only.up), 0), isPart: true, isAssumed: true };
  const { fenderOut, lipUp } = cornerSection(job.vehicle, axle, side);
  if (fenderOut === null || lipUp === null) return null;
  return { points: assumedLip(fenderOut, lipUp, 0), isPart: false, isAssumed: true };
}
