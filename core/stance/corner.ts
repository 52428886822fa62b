import { keptFor } from '#core/kept';
import { axleParts, fitCandidate, solidOf, type SweepSource } from '#core/evaluate';
import type { SetupOnAxle } from '#core/job';
import { composed, toCorner, type Placement, type Point3 } from '#core/kinematics';
import { placementIn, type Mount, type Side, type Swept } from '#core/sweep';
import { cornerAssumed, type StanceAssumed } from './assumed';
import type { StanceBody } from './body';
import { contactHatch } from './contact';
import { axleFwd, onSide, USUAL_FRAME, type CarFrame } from './frame';
import { madeCorner, type MadeBody, type MadeCorner } from './made';
import type { Mesh } from './mesh';
import type { Opening } from './panel';
import { placesOf, type CornerPlaces } from './places';
import { standOf, type StancePose } from './stand';

/** A corner with a setup on it. */
export interface StanceCorner {
  bodies: StanceBody[];
  places: CornerPlaces | null;
  opening: Opening | null;
  assumed: StanceAssumed[];
}

export interface CornerAsk {
  side: Side;
  frame: CarFrame;
  held: StancePose;
  sweeps: SweepSource;
}

const NOTHING: StanceCorner = { bodies: [], places: null, opening: null, assumed: [] };
const ORIGIN: Point3 = { out: 0, fwd: 0, up: 0 };

/** A corner of a car: wheel, hub, brake, lip and parts, placed by the kinematics of the sweep. */
export function stanceCorner(on: SetupOnAxle, { side, frame, held, sweeps }: CornerAsk): StanceCorner {
  const { job, axle } = on;
  const stand = standOf(on, side, held);
  if (!stand) return NOTHING;
  const made = madeCorner(on, side);
  const { geometry } = axleParts(job.vehicle, axle).resolved;
  const heightMm: Record<Mount, number> = { body: stand.bodyMm, knuckle: stand.frameMm, arm: stand.frameMm };
  const standing = (mount: Mount): Placement => {
    const base = shiftTo(onSide(ORIGIN, frame, { axle, heightMm: heightMm[mount] }));
    if (mount === 'body') return base;
    return composed(base, placementIn(geometry, mount === 'arm' ? { ...stand.pose, steerDeg: 0 } : stand.pose));
  };
  const placements: Record<Mount, Placement> = {
    body: standing('body'),
    knuckle: standing('knuckle'),
    arm: standing('arm'),
  };
  const bodies = [...made.bodies, ...contactOf(on, made, { side, sweeps })].map(
    ({ name, kind, mount, mesh }): StanceBody => ({ name, kind, axle, side, mesh, placement: placements[mount] }),
  );
  const lip = (made.lip?.points ?? []).map((point) => toCorner(placements.body, point));
  const hub = toCorner(placements.knuckle, ORIGIN);
  return {
    bodies,
    opening: openingOf(on, made, { frame, bodyMm: stand.bodyMm }),
    places: placesOf({ bodies, hub, lip, axle, side }),
    assumed: cornerAssumed(on, made),
  };
}

/** A panel follows the height of the body in steps as fine as this, mm: it need not be made for every frame. */
const PANEL_STEP_MM = 0.5;

function openingOf(
  { job, axle }: SetupOnAxle,
  { lip }: MadeCorner,
  { frame, bodyMm }: { frame: CarFrame; bodyMm: number },
): Opening | null {
  if (!lip || lip.points.length < 2) return null;
  const heightMm = Math.round(bodyMm / PANEL_STEP_MM) * PANEL_STEP_MM;
  return {
    lip: lip.points.map((point) => onSide(point, frame, { axle, heightMm })),
    axisFwd: axleFwd(frame, axle),
    axisUp: heightMm,
    fallDeg: job.vehicle[axle]?.panelFallDeg ?? USUAL_FRAME.panelFallDeg,
  };
}

/** A placement that turns nothing. */
const shiftTo = ({ out, fwd, up }: Point3): Placement => Float64Array.from([1, 0, 0, out, 0, 1, 0, fwd, 0, 0, 1, up]);

/** The hatches of a swept wheel by side: made anew only where another sweep has come in. */
const hatchesOf = keptFor<Swept, Partial<Record<Side, Mesh | null>>>(() => ({}));

/** Where the wheel of a corner touches something in any pose, as far as it was swept. */
function contactOf(
  { job, setup, axle }: SetupOnAxle,
  { own }: MadeCorner,
  { side, sweeps }: Pick<CornerAsk, 'side' | 'sweeps'>,
): MadeBody[] {
  const swept = sweeps.candidate(job, setup, axle);
  const solid = solidOf(fitCandidate(job.vehicle, axle, setup[axle]));
  if (!swept || !solid) return [];
  const known = hatchesOf(swept);
  const regions = swept.parts.flatMap(({ id, touched }) =>
    touched && own.some(({ obstacle }) => obstacle.id === id) ? [touched] : [],
  );
  const mesh = (known[side] ??= contactHatch(solid, regions));
  return mesh ? [{ name: `contact-${axle}-${side}`, kind: 'contact', mount: 'knuckle', mesh }] : [];
}
