import { axleParts, cornerSection, fitCandidate, hubHeightMm, type AxlePart } from '#core/evaluate';
import { AXLES, type Job, type Setup, type SetupOnAxle } from '#core/job';
import type { Point3, Pose } from '#core/kinematics';
import { assumedLip, placementIn, SIDES, standsOn, type Mount, type Side } from '#core/sweep';
import type { SuspensionGeometry } from '#core/suspension';
import { carFrame, inCar, type CarFrame } from './frame';
import { bar } from './lofted';
import { moved, shifted, type Mesh } from './mesh';
import { ball, hubBody, stackBody, wheelBodies } from './wheel';

/** What a body is. */
export const STANCE_KINDS = ['tire', 'rim', 'spokes', 'stack', 'hub', 'lip', 'part'] as const;
export type StanceKind = (typeof STANCE_KINDS)[number];

/** A body of the scene, in the car's frame: x forward, y up, z to the right; mm. */
export interface StanceBody {
  /** Names it, such as `tire-front-right`. */
  name: string;
  kind: StanceKind;
  mesh: Mesh;
}

/** A car as it stands with a setup. */
export interface StanceScene {
  bodies: StanceBody[];
  /** What nobody measured, as it is said. */
  assumed: string[];
}

/** A lip and a part are as thick as this, mm; for orientation. */
const LIP = { wide: 4, high: 14 };
const EDGE = { wide: 8, high: 8 };
const BALL_MM = 10;

/**
 * A car with a setup on it, in three dimensions, by the geometry of every figure: wheels and tires, what stands between
 * them and the hubs, the fender lips and the parts that were measured, on all four corners.
 * @param poses how the wheels of an axle are held; straight ahead and at rest where it is left out
 */
export function stanceScene(job: Job, setup: Setup, poses: Partial<Record<'front' | 'rear', Pose>> = {}): StanceScene {
  const frame = carFrame(job.vehicle);
  const corners = AXLES.flatMap((axle) =>
    SIDES.map((side) => cornerOf({ job, setup, axle }, { side, frame, pose: poses[axle] ?? AT_REST })),
  );
  return {
    bodies: corners.flatMap(({ bodies }) => bodies),
    assumed: [...frame.assumed, ...new Set(corners.flatMap(({ assumed }) => assumed))],
  };
}

const AT_REST: Pose = { steerDeg: 0, travelMm: 0 };

/** What a body is called, and what it moves with, where that is not the wheel. */
interface Placed {
  name?: string;
  mount?: Mount;
}

interface CornerAsk {
  side: Side;
  frame: CarFrame;
  pose: Pose;
}

function cornerOf(on: SetupOnAxle, { side, frame, pose }: CornerAsk): StanceScene {
  const { job, setup, axle } = on;
  const { vehicle } = job;
  const { parts, resolved } = axleParts(vehicle, axle);
  const fitted = fitCandidate(vehicle, axle, setup[axle]);
  const hub = vehicle[axle]?.hub ?? {};
  const bodies: StanceBody[] = [];
  const put = (kind: StanceKind, mesh: Mesh | null, { name = kind, mount = 'knuckle' }: Placed = {}) => {
    const heightMm = hubHeightMm({ ...on, mount });
    if (mesh === null || heightMm === null) return;
    const inCorner = movedBy(mesh, resolved.geometry, { mount, pose });
    bodies.push({ kind, name: `${name}-${axle}-${side}`, mesh: inCar(inCorner, frame, { axle, side, heightMm }) });
  };
  wheelBodies(fitted).forEach(({ tire, rim, spokes }, at, all) => {
    const inner = at < all.length - 1 ? '-inner' : '';
    put('tire', tire, { name: `tire${inner}` });
    put('rim', rim, { name: `rim${inner}` });
    put('spokes', spokes, { name: `spokes${inner}` });
  });
  put('stack', stackBody(fitted, hub));
  put('hub', hubBody(hub));
  const own = parts.filter(({ obstacle }) => standsOn(obstacle, side));
  for (const part of own)
    if (part.placed) put(kindOf(part), partMesh(part), { name: nameOf(part), mount: part.placed.mount });
  const lip = own.some((part) => kindOf(part) === 'lip') ? null : lipOf(on, side);
  put('lip', lip && lipBar(lip), { mount: 'body' });
  const isLipAssumed = lip !== null || own.some((part) => kindOf(part) === 'lip' && part.assumed);
  return {
    bodies,
    assumed: [
      ...(isLipAssumed ? [`${axle} fender lips, as arcs about the hub`] : []),
      ...(bodies.some(({ kind }) => kind === 'spokes') ? [`spokes of the ${axle} wheels`] : []),
    ],
  };
}

const kindOf = ({ obstacle }: AxlePart): StanceKind => (obstacle.kind === 'fender-lip' ? 'lip' : 'part');

/** A part goes by its id, so that it is found again in the job. */
const nameOf = (part: AxlePart): string => (kindOf(part) === 'lip' ? 'lip' : `part:${part.obstacle.id}`);

/** A part as it was read: a point as a ball, points as the bar along them. */
function partMesh(part: AxlePart): Mesh {
  const { xyz } = part.placed!;
  const points = Array.from({ length: xyz.length / 3 }, (_, at): Point3 => {
    const [out, fwd, up] = xyz.subarray(3 * at, 3 * at + 3);
    return { out: out!, fwd: fwd!, up: up! };
  });
  if (points.length === 1) return shifted(ball(BALL_MM), points[0]!);
  return kindOf(part) === 'lip' ? lipBar(points) : bar(points, EDGE);
}

/** A lip reaches in from where it was read: that is its outer face. */
const lipBar = (points: readonly Point3[]): Mesh => shifted(bar(points, LIP), { out: -LIP.wide / 2 });

/** A lip from the gaps at rest; null where they are not read. */
function lipOf({ job, axle }: SetupOnAxle, side: Side): Point3[] | null {
  const { fenderOut, lipUp } = cornerSection(job.vehicle, axle, side);
  return fenderOut === null || lipUp === null ? null : assumedLip(fenderOut, lipUp, 0);
}

/** A body moved as what it hangs on moves; without a suspension it stands where it stands. */
function movedBy(mesh: Mesh, geometry: SuspensionGeometry | null, { mount, pose }: { mount: Mount; pose: Pose }): Mesh {
  if (mount === 'body' || !geometry) return mesh;
  return moved(mesh, placementIn(geometry, mount === 'arm' ? { ...pose, steerDeg: 0 } : pose));
}
