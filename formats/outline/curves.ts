import { DomainError } from '#core/errors';
import type { DrawnPoint } from './drawn';

/** Drawing programs write splines of degree 3, some of 5; no curve needs more than this. */
const MOST_DEGREE = 11;

/** No curve of a brake or a wheel needs more chords than this. */
const MOST_CHORDS = 20_000;

/** @throws DomainError for a curve so large, or so odd, that it cannot be cut into chords */
function bounded(chords: number): number {
  if (chords >= 1 && chords <= MOST_CHORDS) return chords;
  throw new DomainError('has a curve that is too large to cut into lines');
}

/** How many chords keep to a turn of an arc: sagitta r·(1 − cos(θ/2)) ≤ flat. */
function chordsOf(radius: number, turn: number, flat: number): number {
  const most = radius <= flat ? Math.PI / 2 : 2 * Math.acos(1 - flat / radius);
  return bounded(Math.max(1, Math.ceil(Math.abs(turn) / most)));
}

/** An arc as chords, ends included. Angles in radians, counter-clockwise for a growing angle. */
export function arcPoints({
  center,
  radius,
  from,
  to,
  flat,
}: {
  center: DrawnPoint;
  radius: number;
  from: number;
  to: number;
  flat: number;
}): DrawnPoint[] {
  return ellipsePoints({ center, major: { x: radius, y: 0 }, ratio: 1, from, to, flat });
}

/**
 * An arc of an ellipse as chords, by the end of its major axis, the ratio of its axes, and its parameter from and to.
 */
export function ellipsePoints({
  center,
  major,
  ratio,
  from,
  to,
  flat,
}: {
  center: DrawnPoint;
  major: DrawnPoint;
  ratio: number;
  from: number;
  to: number;
  flat: number;
}): DrawnPoint[] {
  const chords = chordsOf(Math.hypot(major.x, major.y), to - from, flat);
  return Array.from({ length: chords + 1 }, (_, index) => {
    const t = from + ((to - from) * index) / chords;
    const [c, s] = [Math.cos(t), ratio * Math.sin(t)];
    return { x: center.x + c * major.x - s * major.y, y: center.y + c * major.y + s * major.x };
  });
}

/**
 * The points behind the first of a polyline's piece with a bulge, b = tan(θ/4) of the arc between its ends, +
 * counter-clockwise (DXF reference, group 42).
 */
export function bulgePoints({
  from,
  to,
  bulge,
  flat,
}: {
  from: DrawnPoint;
  to: DrawnPoint;
  bulge: number;
  flat: number;
}): DrawnPoint[] {
  const turn = 4 * Math.atan(bulge);
  const [dx, dy] = [to.x - from.x, to.y - from.y];
  const chord = Math.hypot(dx, dy);
  if (Math.abs(turn) < 1e-12 || chord === 0) return [to];
  const radius = chord / (2 * Math.sin(turn / 2));
  // The center lies on the left of the chord for an arc of less than half a turn counter-clockwise.
  const off = radius * Math.cos(turn / 2);
  const center = { x: (from.x + to.x) / 2 - (off * dy) / chord, y: (from.y + to.y) / 2 + (off * dx) / chord };
  const start = Math.atan2(from.y - center.y, from.x - center.x);
  const points = arcPoints({ center, radius: Math.abs(radius), from: start, to: start + turn, flat });
  return [...points.slice(1, -1), to];
}

/**
 * The points behind the first of a cubic Bézier: chords enough that none leaves the curve (bound by the second
 * differences).
 */
export function cubicPoints(p: readonly [DrawnPoint, DrawnPoint, DrawnPoint, DrawnPoint], flat: number): DrawnPoint[] {
  const bend = (i: 0 | 1) =>
    Math.hypot(p[i]!.x - 2 * p[i + 1]!.x + p[i + 2]!.x, p[i]!.y - 2 * p[i + 1]!.y + p[i + 2]!.y);
  const chords = bounded(Math.max(1, Math.ceil(Math.sqrt((0.75 * Math.max(bend(0), bend(1))) / flat))));
  return Array.from({ length: chords }, (_, index) => {
    const t = (index + 1) / chords;
    const [a, b, c, d] = [(1 - t) ** 3, 3 * t * (1 - t) ** 2, 3 * t * t * (1 - t), t ** 3];
    return {
      x: a * p[0].x + b * p[1].x + c * p[2].x + d * p[3].x,
      y: a * p[0].y + b * p[1].y + c * p[2].y + d * p[3].y,
    };
  });
}

/** A B-spline: as many knots as control points, degree and one; a rational one has a weight for each control point. */
export interface Spline {
  degree: number;
  knots: readonly number[];
  control: readonly DrawnPoint[];
  weights?: readonly number[] | undefined;
}

/**
 * A spline's point at a parameter (de Boor, on x·w, y·w and w where it is rational: Piegl and Tiller, The NURBS Book,
 * 1997).
 */
function splinePoint({ degree, knots, control, weights }: Spline, t: number): DrawnPoint {
  let span = degree;
  while (span < control.length - 1 && t >= knots[span + 1]!) span += 1;
  const d = Array.from({ length: degree + 1 }, (_, j) => {
    const at = span - degree + j;
    const [{ x, y }, w] = [control[at]!, weights?.[at] ?? 1];
    return { x: x * w, y: y * w, w };
  });
  for (let r = 1; r <= degree; r++)
    for (let j = degree; j >= r; j--) {
      const i = span - degree + j;
      const width = knots[i + degree - r + 1]! - knots[i]!;
      const share = width === 0 ? 0 : (t - knots[i]!) / width;
      const mixed = (key: 'x' | 'y' | 'w') => (1 - share) * d[j - 1]![key] + share * d[j]![key];
      d[j] = { x: mixed('x'), y: mixed('y'), w: mixed('w') };
    }
  const { x, y, w } = d[degree]!;
  return { x: x / w, y: y / w };
}

/** A spline as chords, ends included: each span is halved until the places between two points lie on their chord. */
export function splinePoints(spline: Spline, flat: number): DrawnPoint[] {
  const { degree, knots, control } = spline;
  if (control.length > MOST_CHORDS || degree < 1 || degree > MOST_DEGREE)
    throw new DomainError('has a spline that is too large to cut into lines');
  const at = (t: number) => splinePoint(spline, t);
  const stops = [...new Set(knots.slice(degree, control.length + 1))];
  const points = [at(stops[0]!)];
  const walk = ({
    t0,
    t1,
    from,
    to,
    depth,
  }: {
    t0: number;
    t1: number;
    from: DrawnPoint;
    to: DrawnPoint;
    depth: number;
  }) => {
    const apart = [0.25, 0.5, 0.75].map((share) => offChord(at(t0 + share * (t1 - t0)), from, to));
    bounded(points.length);
    if (depth >= 14 || Math.max(...apart) <= flat / 2) return points.push(to);
    const [t, middle] = [(t0 + t1) / 2, at((t0 + t1) / 2)];
    walk({ t0, t1: t, from, to: middle, depth: depth + 1 });
    return walk({ t0: t, t1, from: middle, to, depth: depth + 1 });
  };
  for (let i = 1; i < stops.length; i++)
    walk({ t0: stops[i - 1]!, t1: stops[i]!, from: at(stops[i - 1]!), to: at(stops[i]!), depth: 0 });
  return points;
}

function offChord(point: DrawnPoint, from: DrawnPoint, to: DrawnPoint): number {
  const [dx, dy] = [to.x - from.x, to.y - from.y];
  const along = Math.min(
    1,
    Math.max(0, ((point.x - from.x) * dx + (point.y - from.y) * dy) / (dx * dx + dy * dy || 1)),
  );
  return Math.hypot(point.x - from.x - along * dx, point.y - from.y - along * dy);
}
