import { axleParts, fitCandidate } from '#core/evaluate';
import type { AxleName, SetupOnAxle } from '#core/job';
import { toCorner, type Pose } from '#core/kinematics';
import { placementIn, type Side } from '#core/sweep';
import { travelRange } from '#core/suspension';

/** How the wheels of a car are held: those of the side in hand; the others steer along with them. */
export interface StancePose {
  side: Side;
  poses: Partial<Record<AxleName, Pose>>;
}

/**
 * The wheel of a corner as it is held, and how high over the ground the corner's frame, the body over it and the hub
 * stand, mm.
 */
export interface Stand {
  pose: Pose;
  frameMm: number;
  bodyMm: number;
  hubMm: number;
}

/**
 * How a corner stands on the ground: the wheel on its loaded radius, the frame under or over it by what it travels, and
 * the body on the frame. So a wheel that bumps brings the body down, as on the road. Null without a tire.
 */
export function standOf(on: SetupOnAxle, side: Side, held: StancePose): Stand | null {
  const { job, setup, axle } = on;
  const { loadedRadiusMm: hubMm } = fitCandidate(job.vehicle, axle, setup[axle]);
  if (hubMm === null) return null;
  const { geometry } = axleParts(job.vehicle, axle).resolved;
  const { restMm, bodyRiseMm, restShiftMm } = travelRange(
    geometry ?? { bumpMm: 0, droopMm: 0 },
    setup.suspensionChange?.[axle] ?? null,
  );
  // Of a wheel that nobody can move only rest can be told.
  if (!geometry) return { pose: REST, frameMm: hubMm, bodyMm: hubMm + restShiftMm, hubMm };
  const asked = held.poses[axle] ?? { steerDeg: 0, travelMm: restMm };
  const { lockInDeg, lockOutDeg } = geometry;
  const steerDeg = side === held.side ? asked.steerDeg : within(-asked.steerDeg, [-lockInDeg, lockOutDeg]);
  const pose = { steerDeg: steerDeg || 0, travelMm: asked.travelMm };
  const frameMm = hubMm - toCorner(placementIn(geometry, pose), { out: 0, fwd: 0, up: 0 }).up;
  return { pose, frameMm, bodyMm: frameMm + bodyRiseMm, hubMm };
}

const REST: Pose = { steerDeg: 0, travelMm: 0 };
const within = (value: number, [least, most]: readonly [number, number]): number =>
  Math.min(most, Math.max(least, value));
