import { fitCandidate, fitPresent } from '#core/evaluate';
import { type AxleName, type Job } from '#core/job';
import { innerChangeMm, outerChangeMm } from '#core/position';
import type { SurfaceName } from '#core/section';
import { resolveGeometry } from '#core/suspension';
import { type ObstacleKind, standsOn, type Side } from '#core/sweep';

/** Where a part is usually met, and in which pose it is read. */
export interface PlannedReading {
  kind: ObstacleKind;
  surface: SurfaceName;
  clockDeg: number;
  /** Steered to a lock for the reading, where the axle steers. */
  lock: 'out' | 'in' | null;
  /** What of a candidate goes toward it. */
  toward: 'out' | 'in' | 'up';
  where: string;
}

/** A reading of the plan for one corner, with whether it is there and whether it is worth taking. */
export interface PlanItem extends PlannedReading {
  /** The part that was read, null while it is missing. */
  readId: string | null;
  /** How much further the candidates go toward it, mm; null where that is not known. */
  furtherMm: number | null;
  /** The pose it is read in. */
  steerDeg: number;
}

/**
 * From the front of the wheel over its top to the rear, then behind it: the way a person walks round a corner. Common
 * practice, no source.
 */
const WALK: readonly PlannedReading[] = [
  {
    kind: 'bumper-corner',
    surface: 'outer-shoulder',
    clockDeg: 95,
    lock: 'out',
    toward: 'out',
    where: 'the corner of the front bumper, ahead of the tire, wheels turned until the leading edge stands out',
  },
  {
    kind: 'fender-lip',
    surface: 'outer-shoulder',
    clockDeg: 0,
    lock: null,
    toward: 'out',
    where: 'the lip of the fender straight above the hub, square to the shoulder of the tire',
  },
  {
    kind: 'liner',
    surface: 'outer-shoulder',
    clockDeg: -100,
    lock: 'in',
    toward: 'out',
    where: 'the bulge of the liner behind the tire, leading edge turned in',
  },
  {
    kind: 'body-mount',
    surface: 'tread',
    clockDeg: -105,
    lock: 'out',
    toward: 'up',
    where: 'the mount of the body or the foot of the firewall, behind the tread',
  },
  {
    kind: 'mud-flap',
    surface: 'tread',
    clockDeg: -120,
    lock: null,
    toward: 'up',
    where: 'the flap behind the tire, where the tread comes nearest',
  },
  {
    kind: 'seam',
    surface: 'tread',
    clockDeg: 0,
    lock: null,
    toward: 'up',
    where: 'the welded seam over the top of the tread',
  },
  {
    kind: 'strut',
    surface: 'inner-sidewall',
    clockDeg: 0,
    lock: null,
    toward: 'in',
    where: 'the strut or damper beside the inner sidewall, at its nearest place',
  },
  {
    kind: 'spring-seat',
    surface: 'inner-shoulder',
    clockDeg: 0,
    lock: null,
    toward: 'up',
    where: 'the spring seat over the inner shoulder',
  },
  {
    kind: 'tie-rod-end',
    surface: 'inner-rim-flange',
    clockDeg: 110,
    lock: null,
    toward: 'in',
    where: 'the tie-rod end beside the back of the rim',
  },
  {
    kind: 'arm',
    surface: 'inner-rim-flange',
    clockDeg: 180,
    lock: null,
    toward: 'in',
    where: 'the outer end of the lower arm under the back of the rim',
  },
  {
    kind: 'frame',
    surface: 'inner-shoulder',
    clockDeg: -70,
    lock: 'out',
    toward: 'in',
    where: 'the frame rail or inner wheelhouse, where the trailing edge comes in at lock',
  },
  {
    kind: 'brake-hose',
    surface: 'inner-sidewall',
    clockDeg: -45,
    lock: 'out',
    toward: 'in',
    where: 'the brake hose, at the lock that draws it tightest',
  },
];

/** What only a wheel that steers meets. */
const STEERED_ONLY: ReadonlySet<ObstacleKind> = new Set(['bumper-corner', 'tie-rod-end', 'frame']);

/**
 * Which readings of a corner are worth taking for the candidates of a job, in the order of a walk round it. A part
 * toward which no candidate goes any further than the present wheel does is left out, unless it was read already;
 * without candidates all of them stand.
 */
export function measuringPlan(job: Job, axle: AxleName, side: Side): PlanItem[] {
  const vehicleAxle = job.vehicle[axle] ?? {};
  const { geometry } = resolveGeometry(vehicleAxle.suspension, axle);
  const steers = axle === 'front' && (!geometry || geometry.lockInDeg > 0 || geometry.lockOutDeg > 0);
  const further = furtherOf(job, axle);
  const read = (kind: ObstacleKind) =>
    vehicleAxle.obstacles?.find((part) => part.kind === kind && standsOn(part, side))?.id ?? null;
  return WALK.filter(({ kind }) => steers || !STEERED_ONLY.has(kind))
    .map((planned) => {
      const lock = steers ? planned.lock : null;
      return {
        ...planned,
        lock,
        readId: read(planned.kind),
        furtherMm: further?.[planned.toward] ?? null,
        steerDeg: !geometry || lock === null ? 0 : lock === 'out' ? geometry.lockOutDeg : -geometry.lockInDeg,
      };
    })
    .filter(({ readId, furtherMm }) => readId !== null || furtherMm === null || furtherMm > 0);
}

/**
 * How far beyond the present wheel any candidate goes: outboard, inboard, and in radius (with what lowering takes); mm.
 */
function furtherOf(job: Job, axle: AxleName): Record<'out' | 'in' | 'up', number> | null {
  const now = fitPresent(job.vehicle, axle);
  const most = { out: -Infinity, in: -Infinity, up: -Infinity };
  for (const setup of job.setups) {
    const then = fitCandidate(job.vehicle, axle, setup[axle]);
    if (!then.place || !now.place || then.overallDiameterMm === null || now.overallDiameterMm === null) continue;
    const drop = Math.max(0, -(setup.suspensionChange?.[axle]?.mm ?? 0));
    most.out = Math.max(most.out, outerChangeMm(then.place, now.place));
    most.in = Math.max(most.in, innerChangeMm(then.place, now.place));
    most.up = Math.max(most.up, (then.overallDiameterMm - now.overallDiameterMm) / 2 + drop);
  }
  return most.out === -Infinity ? null : most;
}
