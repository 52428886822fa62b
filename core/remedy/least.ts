import { AT_REST } from '#core/kinematics';
import { coarseMinima, distanceMm, lookAt, refine, type PosedPart, type SweepCase } from '#core/sweep';

/** Where one place of a part comes nearest over all poses. */
export interface LeastAt {
  mm: number;
  /** The way out of the solid there, in the part's own frame. */
  away: readonly [out: number, fwd: number, up: number];
}

type Point = readonly [number, number, number];

/** How much lower than a node of the rough grid a minimum may lie beside it, mm. */
const SLACK_MM = 18;
/** How far apart two looks are that tell the way out, mm. */
const TELL_MM = 0.02;
const FINE = { from: 0.5, to: 0.02 };

/** The least distance of one place to a wheel over the poses that count, and the way out there. Mm. */
export function leastOfPoint(
  { solid }: Pick<SweepCase, 'solid'>,
  point: Point,
  standings: readonly PosedPart[],
): LeastAt {
  const lows = standings.map((standing) => leastIn(solid, point, standing));
  return lows.reduce((least, one) => (one.mm < least.mm ? one : least));
}

function leastIn(solid: SweepCase['solid'], point: Point, { stand, grid, placements }: PosedPart): LeastAt {
  const looker = lookAt({ id: '', mount: 'body', xyz: Float64Array.from(point), edge: false }, solid);
  let pose = AT_REST;
  if (grid) {
    const map = Float32Array.from(placements, (placement) => looker.quick(placement));
    const walked = coarseMinima(map, grid, SLACK_MM)
      .slice(0, 3)
      .map((start) => refine({ start: start.pose, grid, walk: FINE, look: (at) => looker.points(stand(at)) }));
    pose = walked.reduce((best, one) => (one.mm < best.mm ? one : best)).pose;
  }
  const placement = stand(pose);
  const mmAt = ([x, y, z]: Point): number =>
    distanceMm(
      solid,
      placement[0]! * x + placement[1]! * y + placement[2]! * z + placement[3]!,
      placement[4]! * x + placement[5]! * y + placement[6]! * z + placement[7]!,
      placement[8]! * x + placement[9]! * y + placement[10]! * z + placement[11]!,
    );
  const slope = [0, 1, 2].map((axis) => {
    const moved = (by: number): Point => point.map((value, i) => (i === axis ? value + by : value)) as unknown as Point;
    return mmAt(moved(TELL_MM)) - mmAt(moved(-TELL_MM));
  });
  const length = Math.hypot(...slope) || 1;
  return { mm: mmAt(point), away: slope.map((value) => value / length) as unknown as LeastAt['away'] };
}
