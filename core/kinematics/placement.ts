import type { SuspensionGeometry } from '#core/suspension';
import type { Point3 } from './point';

// Taken out of their object once: these are asked millions of times in a sweep.
const { cos, sin, sqrt, tan } = Math;

/**
 * Where a wheel is held: steered by so many degrees (+ leading edge outboard), moved by so many mm (+ bump, up against
 * the body).
 */
export interface Pose {
  steerDeg: number;
  travelMm: number;
}

/** Straight ahead, at rest. */
export const AT_REST: Pose = { steerDeg: 0, travelMm: 0 };

/**
 * A rigid placement of the hub's frame in the corner's frame: three rows of a rotation, each with its shift as a fourth
 * number; order of rows and columns out, fwd, up.
 */
export type Placement = Float64Array;

const { PI } = Math;
const radians = (degrees: number): number => (degrees * PI) / 180;

/**
 * Places the hub's frame for a pose, in order: camber γ0 + γ1·z/100 about the fwd axis through the hub face's center
 * (negative: top inboard); steer about the kingpin axis through (−k, −l, 0) along (−tan KPI, −tan caster, 1), positive
 * with the leading edge outboard; shift by (c1·z + c2·z², 0, z).
 */
export const placementOf = (geometry: SuspensionGeometry, pose: Pose): Placement => placer(geometry)(pose);

/** The same for one pose after another: what depends on the geometry alone is taken once. */
export function placer(geometry: SuspensionGeometry): (pose: Pose) => Placement {
  const { camberDeg, camberGainDegPer100, lateralPerMm, lateralPerMm2 } = geometry;
  const lean = tan(radians(geometry.kingpinInclinationDeg));
  const trail = tan(radians(geometry.casterDeg));
  const length = sqrt(lean * lean + trail * trail + 1);
  const [x, y, w] = [-lean / length, -trail / length, 1 / length];
  const [k, l] = [-geometry.kingpinOffsetMm, -geometry.kingpinForeMm];
  return ({ steerDeg, travelMm: z }) => {
    const into = new Float64Array(12);
    // Out turns toward fwd by a positive turn about up, so a leading edge outboard is a negative one.
    const turn = -radians(steerDeg);
    const [c, s] = [cos(turn), sin(turn)];
    const v = 1 - c;
    // The turn about the kingpin axis (Rodrigues).
    const a = c + x * x * v;
    const b = x * y * v - w * s;
    const d = x * w * v + y * s;
    const e = y * x * v + w * s;
    const f = c + y * y * v;
    const g = y * w * v - x * s;
    const h = w * x * v - y * s;
    const i = w * y * v + x * s;
    const j = c + w * w * v;
    // After camber, a turn about fwd that carries up toward out: out' = out·cos + up·sin, up' = up·cos − out·sin.
    const camber = radians(camberDeg + (camberGainDegPer100 * z) / 100);
    const [cc, cs] = [cos(camber), sin(camber)];
    const migration = lateralPerMm * z + lateralPerMm2 * z * z;
    into[0] = a * cc - d * cs;
    into[1] = b;
    into[2] = a * cs + d * cc;
    into[3] = k - (a * k + b * l) + migration;
    into[4] = e * cc - g * cs;
    into[5] = f;
    into[6] = e * cs + g * cc;
    into[7] = l - (e * k + f * l);
    into[8] = h * cc - j * cs;
    into[9] = i;
    into[10] = h * cs + j * cc;
    into[11] = -(h * k + i * l) + z;
    return into;
  };
}

/** A point of the hub's frame where the placement puts it in the corner's frame. */
export const toCorner = (p: Placement, { out, fwd, up }: Point3): Point3 => ({
  out: p[0]! * out + p[1]! * fwd + p[2]! * up + p[3]!,
  fwd: p[4]! * out + p[5]! * fwd + p[6]! * up + p[7]!,
  up: p[8]! * out + p[9]! * fwd + p[10]! * up + p[11]!,
});

/** A point of the corner's frame as the placed hub sees it: the inverse of {@link toCorner}. */
export function toHub(p: Placement, { out, fwd, up }: Point3): Point3 {
  const [x, y, z] = [out - p[3]!, fwd - p[7]!, up - p[11]!];
  return {
    out: p[0]! * x + p[4]! * y + p[8]! * z,
    fwd: p[1]! * x + p[5]! * y + p[9]! * z,
    up: p[2]! * x + p[6]! * y + p[10]! * z,
  };
}
