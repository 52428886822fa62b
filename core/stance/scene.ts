import { keptFor } from '#core/kept';
import { NO_SWEEPS, type SweepSource } from '#core/evaluate';
import { AXLES, type AxleName, type Job, type Setup, type Vehicle } from '#core/job';
import type { Placement } from '#core/kinematics';
import { SIDES, type Side } from '#core/sweep';
import { carAssumed, type StanceAssumed } from './assumed';
import type { StanceBody } from './body';
import { stanceCorner, type StanceCorner } from './corner';
import { carFrame, inScene, onSide } from './frame';
import type { Mesh } from './mesh';
import { sideBodies, type SideBodies } from './panel';
import type { CornerPlaces } from './places';
import { standOf, type StancePose } from './stand';

/** A car as it stands with a setup. */
export interface StanceScene {
  bodies: StanceBody[];
  corners: CornerPlaces[];
  wheelbaseMm: number;
  /** What nobody measured. */
  assumed: StanceAssumed[];
}

interface SceneAsk {
  /** How the wheels are held; straight ahead and at rest where it is left out. */
  held?: StancePose;
  /** Where contact is known from; none is shown where it is left out. */
  sweeps?: SweepSource;
}

const AS_MADE: Placement = Float64Array.from([1, 0, 0, 0, 0, 1, 0, 0, 0, 0, 1, 0]);

/**
 * A car with a setup on it, in three dimensions, by the geometry of every figure: wheels and tires, what stands between
 * them and the hubs, brakes, fender lips and the parts that were measured, on all four corners, and a plain panel over
 * the lips.
 */
export function stanceScene(
  job: Job,
  setup: Setup,
  { held = { side: 'right', poses: {} }, sweeps = NO_SWEEPS }: SceneAsk = {},
): StanceScene {
  const frame = carFrame(job.vehicle);
  const corners = AXLES.flatMap((axle) =>
    SIDES.map((side) => ({ axle, side, ...stanceCorner({ job, setup, axle }, { side, frame, held, sweeps }) })),
  );
  const panels = SIDES.flatMap((side) => panelsOf(job.vehicle, side, corners));
  const bodies = [...corners.flatMap((corner) => corner.bodies), ...panels];
  return {
    bodies,
    corners: corners.flatMap(({ places }) => places ?? []),
    wheelbaseMm: frame.wheelbaseMm,
    assumed: bodies.length === 0 ? [] : [...carAssumed(job, held), ...once(corners.flatMap(({ assumed }) => assumed))],
  };
}

/**
 * The same car without bodies, at rest: what stands before the picture does. Fender lips and what was assumed are not
 * looked for.
 */
export function sceneWithoutBodies(job: Job, setup: Setup): StanceScene {
  const frame = carFrame(job.vehicle);
  const corners = AXLES.flatMap((axle) =>
    SIDES.flatMap((side): CornerPlaces[] => {
      const stand = standOf({ job, setup, axle }, side, { side, poses: {} });
      if (!stand) return [];
      const hub = inScene(onSide({ out: 0, fwd: 0, up: 0 }, frame, { axle, heightMm: stand.hubMm }), side);
      return [{ axle, side, hub, lip: null, outermost: null, crown: null }];
    }),
  );
  return { bodies: [], corners, wheelbaseMm: frame.wheelbaseMm, assumed: [] };
}

/** The bodies of sides, by how high they stand, for as long as the car stays the same; so many at most. */
const sidesOf = keptFor<Vehicle, Map<string, SideBodies>>(() => new Map());
const MOST_KEPT = 48;

type OpenCorner = Pick<StanceCorner, 'opening'> & { axle: AxleName; side: Side };

/** What is drawn of the body on a side: made anew only where it stands at another height. */
function panelsOf(vehicle: Vehicle, side: Side, corners: readonly OpenCorner[]): StanceBody[] {
  const open = corners.flatMap(({ axle, opening, side: on }) => (on === side && opening ? [{ axle, opening }] : []));
  const kept = sidesOf(vehicle);
  const key = [side, ...open.map(({ axle, opening }) => `${axle} ${opening.axisUp}`)].join();
  const known = kept.get(key) ?? sideBodies(open.map(({ opening }) => opening));
  if (kept.size >= MOST_KEPT) kept.clear();
  kept.set(key, known);
  const body = (kind: 'panel' | 'liner', axle: AxleName | null, mesh: Mesh): StanceBody => {
    const name = [kind, axle, side].filter(Boolean).join('-');
    return { name, kind, axle, side, mesh, placement: AS_MADE };
  };
  return [
    ...(known.panel ? [body('panel', null, known.panel)] : []),
    ...known.liners.map((mesh, at) => body('liner', open[at]!.axle, mesh)),
  ];
}

/** Both sides of an axle assume the same. */
const once = (assumed: readonly StanceAssumed[]): StanceAssumed[] =>
  assumed.filter(({ text }, at) => assumed.findIndex((one) => one.text === text) === at);
