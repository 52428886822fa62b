import { DomainError } from '#core/errors';
import { placementOf, toCorner, toHub, AT_REST, type Placement, type Point3, type Pose } from '#core/kinematics';
import { surfacePoint, type SurfaceName } from '#core/section';
import type { SuspensionGeometry } from '#core/suspension';
import { mountOf, type Mount, type ObstacleKind } from './kinds';
import type { SweptSolid } from './solid';

/**
 * A gap to the present wheel, read in a pose; left-out values are straight ahead, at rest, in the middle of the tread.
 */
export interface GapReading {
  surface: SurfaceName;
  clockDeg: number;
  gapMm: number;
  axialMm?: number | null | undefined;
  /** Of the spokes: at which radius of the wheel. */
  radiusMm?: number | null | undefined;
  steerDeg?: number | null | undefined;
  travelMm?: number | null | undefined;
}

/** A part to place: by a gap, or by coordinates in the corner's frame at rest. */
export interface Part {
  id: string;
  kind?: ObstacleKind | undefined;
  mount?: Mount | undefined;
  gap?: GapReading | undefined;
  points?: readonly Point3[] | undefined;
}

/**
 * A part in space: in the corner's frame where it is fixed to the body, in the hub's frame where it moves with the
 * wheel.
 */
export interface PlacedPart {
  id: string;
  mount: Mount;
  /** Out, fwd and up of each point, mm; neighbours on an edge close enough for a sweep. */
  xyz: Float64Array;
  /** The points are joined: a part between two of them may be nearest. */
  edge: boolean;
}

/** How close the points of an edge stand, mm, and how many there may be. */
const SPACING_MM = 16;
const MOST_POINTS = 1200;

/** The pose something was read in; what is left out is straight ahead and at rest. */
export const readingPose = ({ steerDeg, travelMm }: Pick<GapReading, 'steerDeg' | 'travelMm'>): Pose => ({
  steerDeg: steerDeg ?? 0,
  travelMm: travelMm ?? 0,
});

/**
 * A wheel that cannot be moved, for an axle of whose suspension nothing is known: it stands as the hub's frame does.
 */
const UNMOVED: Placement = Float64Array.from([1, 0, 0, 0, 0, 1, 0, 0, 0, 0, 1, 0]);

/** Where the hub stands in a pose; without a geometry only at rest can be told. */
export const placementIn = (geometry: SuspensionGeometry | null, pose: Pose): Placement =>
  geometry ? placementOf(geometry, pose) : UNMOVED;

/**
 * The point that a gap reading means, in the hub's frame: from the named place of the present tire squarely out by the
 * gap, clock angle (0 top, + toward the front, in the wheel's own plane).
 * @param present the present wheel; outer places are taken on the outer wheel of a dual pair
 * @throws DomainError where the named place is not on the tire
 */
export function gapPoint(gap: GapReading, present: SweptSolid): Point3 {
  const body = gap.surface.startsWith('outer') ? present.bodies.at(-1) : present.bodies[0];
  if (!body) throw new DomainError('the present wheel and tire are not known', 'gap');
  const { a, r, na, nr } = surfacePoint(body.section, gap.surface, gap);
  const radius = r + nr * gap.gapMm;
  const clock = (gap.clockDeg * Math.PI) / 180;
  return {
    out: body.centerOut + a + na * gap.gapMm,
    fwd: radius * Math.sin(clock),
    up: radius * Math.cos(clock),
  };
}

/**
 * Places a part. A reading at a pose other than rest, without a geometry to move the wheel by, cannot be placed.
 * @throws DomainError with what is missing or wrong
 */
export function placePart(part: Part, present: SweptSolid | null, geometry: SuspensionGeometry | null): PlacedPart {
  const mount = mountOf(part);
  if (part.points) return placedPoints({ id: part.id, mount, points: part.points, geometry });
  if (!part.gap) throw new DomainError('has neither a gap nor coordinates', 'gap');
  if (!present) throw new DomainError('the present wheel and tire are not known', 'gap');
  const at = gapPoint(part.gap, present);
  const pose = readingPose(part.gap);
  if (mount === 'knuckle') return placed(part.id, mount, [at]);
  if (!geometry && (pose.steerDeg !== 0 || pose.travelMm !== 0))
    throw new DomainError('was measured away from rest; enter the suspension to place it', 'gap');
  const inCorner = toCorner(placementIn(geometry, pose), at);
  if (mount === 'body') return placed(part.id, mount, [inCorner]);
  return placed(part.id, mount, [toHub(placementIn(geometry, { steerDeg: 0, travelMm: pose.travelMm }), inCorner)]);
}

function placedPoints({
  id,
  mount,
  points,
  geometry,
}: {
  id: string;
  mount: Mount;
  points: readonly Point3[];
  geometry: SuspensionGeometry | null;
}): PlacedPart {
  if (mount === 'body') return placed(id, mount, points);
  const rest = placementIn(geometry, AT_REST);
  return placed(
    id,
    mount,
    points.map((point) => toHub(rest, point)),
  );
}

/** Lays points along the edge so that no two neighbours stand further apart than the spacing. */
function placed(id: string, mount: Mount, corners: readonly Point3[]): PlacedPart {
  const lengths = corners.slice(1).map((to, i) => apart(corners[i]!, to));
  const spacing = Math.max(SPACING_MM, lengths.reduce((sum, one) => sum + one, 0) / MOST_POINTS);
  const xyz: number[] = [];
  const lay = ({ out, fwd, up }: Point3) => xyz.push(out, fwd, up);
  corners.slice(0, 1).forEach(lay);
  lengths.forEach((length, i) => {
    const [from, to] = [corners[i]!, corners[i + 1]!];
    const steps = Math.max(1, Math.ceil(length / spacing));
    for (let step = 1; step <= steps; step++) lay(between(from, to, step / steps));
  });
  return { id, mount, xyz: Float64Array.from(xyz), edge: corners.length > 1 };
}

const between = (from: Point3, to: Point3, share: number): Point3 => ({
  out: from.out + (to.out - from.out) * share,
  fwd: from.fwd + (to.fwd - from.fwd) * share,
  up: from.up + (to.up - from.up) * share,
});

const apart = (one: Point3, other: Point3): number =>
  Math.hypot(other.out - one.out, other.fwd - one.fwd, other.up - one.up);
