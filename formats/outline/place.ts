import { outlineFault, withoutRepeats, type AxialPoint } from '#core/brake';
import { DomainError } from '#core/errors';
import { MOST_POINTS, RANGES } from '#formats/fields';
import type { DrawnLine } from './drawn';

/** Which way the car's outside lies in a drawing. */
export type Outboard = 'right' | 'left' | 'up' | 'down';

/**
 * How a drawing lies: its unit, where the hub's axis meets the mounting face (in drawing units), and which way is
 * outboard.
 */
export interface Placement {
  unitMm: number;
  origin: { x: number; y: number };
  outboard: Outboard;
}

/** Unit vectors of a and r in the drawing; r may come out on either side of the axis. */
const AXES: Record<Outboard, { a: readonly [number, number]; r: readonly [number, number] }> = {
  right: { a: [1, 0], r: [0, 1] },
  left: { a: [-1, 0], r: [0, 1] },
  up: { a: [0, 1], r: [1, 0] },
  down: { a: [0, -1], r: [1, 0] },
};

/**
 * A drawn line as a half section in mm: a from the face, r from the axis. A half section may be drawn on either side of
 * its axis.
 * @throws DomainError where it lies across the axis, is too large for a wheel, or has too many points
 */
export function placed(
  { points, fault }: Pick<DrawnLine, 'points' | 'fault'>,
  { unitMm, origin, outboard }: Placement,
): AxialPoint[] {
  if (fault !== null) throw new DomainError(fault);
  if (points.length > MOST_POINTS) throw new DomainError(`has ${points.length} points, more than ${MOST_POINTS}`);
  const { a, r } = AXES[outboard];
  const along = ([x, y]: readonly [number, number], point: { x: number; y: number }) =>
    (x * (point.x - origin.x) + y * (point.y - origin.y)) * unitMm;
  const sided = points.map((point) => ({ a: along(a, point), r: along(r, point) }));
  const [low, high] = [Math.min(...sided.map((point) => point.r)), Math.max(...sided.map((point) => point.r))];
  if (low < -0.1 && high > 0.1)
    throw new DomainError('lies across the hub’s axis: the origin must be where axis and mounting face meet');
  const side = high > 0.1 ? 1 : -1;
  const line = sided.map((point) => ({ a: point.a, r: Math.max(0, side * point.r) }));
  const [least, most] = RANGES.axialPlaceMm;
  const size = Math.max(...line.map((point) => point.r), ...line.map((point) => Math.abs(point.a)));
  if (line.some((point) => point.a < least || point.a > most || point.r > RANGES.radiusMm[1]))
    throw new DomainError(`reaches ${size.toFixed(0)} mm from the origin: is the unit right?`);
  return line;
}

/**
 * A drawn line as a brake's outline.
 * @throws DomainError as {@link placed} does, and where it is open or crosses itself
 */
export function outlineFrom(line: DrawnLine, placement: Placement): AxialPoint[] {
  const points = placed(line, placement);
  if (!line.closed) {
    const [first, last] = [points[0]!, points.at(-1)!];
    throw new DomainError(
      `is open: its ends are ${Math.hypot(first.a - last.a, first.r - last.r).toFixed(1)} mm apart`,
    );
  }
  const outline = withoutRepeats(points);
  const fault = outlineFault(outline);
  if (fault) throw new DomainError(fault);
  return outline;
}
