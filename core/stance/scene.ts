import { NO_SWEEPS, type SweepSource } from '#core/evaluate';
import { AXLES, type Job, type Setup } from '#core/job';
import type { Placement } from '#core/kinematics';
import { SIDES } from '#core/sweep';
import { carAssumed, type StanceAssumed } from './assumed';
import type { StanceBody } from './body';
import { stanceCorner } from './corner';
import { carFrame } from './frame';
import { sideBodies } from './panel';
import type { CornerPlaces } from './places';
import type { StancePose } from './stand';

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
  const panels = SIDES.flatMap((side): StanceBody[] => {
    const open = corners.filter((corner) => corner.side === side && corner.opening !== null);
    const { panel, liners } = sideBodies(open.map(({ opening }) => opening!));
    return [
      ...(panel
        ? [{ name: `panel-${side}`, kind: 'panel' as const, axle: null, side, mesh: panel, placement: AS_MADE }]
        : []),
      ...liners.map((mesh, at) => {
        const { axle } = open[at]!;
        return { name: `liner-${axle}-${side}`, kind: 'liner' as const, axle, side, mesh, placement: AS_MADE };
      }),
    ];
  });
  const bodies = [...corners.flatMap((corner) => corner.bodies), ...panels];
  return {
    bodies,
    corners: corners.flatMap(({ places }) => places ?? []),
    wheelbaseMm: frame.wheelbaseMm,
    assumed: bodies.length === 0 ? [] : [...carAssumed(job, held), ...once(corners.flatMap(({ assumed }) => assumed))],
  };
}

/** Both sides of an axle assume the same. */
const once = (assumed: readonly StanceAssumed[]): StanceAssumed[] =>
  assumed.filter(({ text }, at) => assumed.findIndex((one) => one.text === text) === at);
