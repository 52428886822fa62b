import type { AxlePart } from '#core/evaluate';
import type { Point3 } from '#core/kinematics';
import { bar } from './lofted';
import { shifted, type Mesh } from './mesh';
import { revolved } from './revolved';

/** A lip and a part are as thick as this, mm; for orientation. */
const LIP = { wide: 4, high: 14 };
const EDGE = { wide: 8, high: 8 };
const BALL_MM = 10;

export const isLip = ({ obstacle }: AxlePart): boolean => obstacle.kind === 'fender-lip';

/** The points of a part where it was placed. */
export function pointsOf({ placed }: AxlePart): Point3[] {
  const xyz = placed?.xyz ?? new Float64Array();
  return Array.from({ length: xyz.length / 3 }, (_, at): Point3 => {
    const [out, fwd, up] = xyz.subarray(3 * at, 3 * at + 3);
    return { out: out!, fwd: fwd!, up: up! };
  });
}

/** A part as it was read: a point as a ball, points as the bar along them. */
export function partBody(part: AxlePart): Mesh {
  const points = pointsOf(part);
  if (points.length === 1) return shifted(ball(BALL_MM), points[0]!);
  return isLip(part) ? lipBody(points) : bar(points, EDGE);
}

/** A lip reaches in from where it was read: that is its outer face. */
export const lipBody = (points: readonly Point3[]): Mesh => shifted(bar(points, LIP), { out: -LIP.wide / 2 });

/** A point of a part, as a ball. */
export const ball = (radiusMm: number): Mesh =>
  revolved(
    Array.from({ length: 9 }, (_, at) => {
      const angle = (Math.PI * at) / 8;
      return { a: -radiusMm * Math.cos(angle), r: at % 8 === 0 ? 0 : radiusMm * Math.sin(angle) };
    }),
    16,
  );
