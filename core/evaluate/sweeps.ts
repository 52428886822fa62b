import type { AxleName, Brief, Job, Setup, Vehicle } from '#core/job';
import { sweep, type PlacedPart, type SweepCase, type Swept } from '#core/sweep';
import { fitCandidate, type Allowance } from './fitted';
import { obstacleLimit } from './obstacleLimit';
import { obstacleSpreads, type ObstacleSpreads } from './obstacleSpread';
import { axleParts } from './parts';
import { solidOf } from './solid';

/** The sweeps of an axle: null where nothing can be swept, undefined while nobody has. */
export interface AxleSweeps {
  present: Swept | null | undefined;
  candidate: Swept | null | undefined;
}

/** Where an evaluation has its sweeps from: run at once, made by a worker meanwhile, or not wanted. */
export interface SweepSource {
  /** The present wheel past the parts it was measured by. */
  present(vehicle: Vehicle, axle: AxleName): Swept | null | undefined;
  candidate(job: Job, setup: Setup, axle: AxleName): Swept | null | undefined;
  /** How sure the clearances are: to be asked when it is wanted; undefined while nobody has drawn it. */
  spread?(job: Job, setup: Setup, axle: AxleName): (() => ObstacleSpreads) | undefined;
}

/** Sweeps when asked; the present car's is kept for as long as the car stays the same object. */
export const RUN_SWEEPS: SweepSource = {
  present(vehicle, axle) {
    const known = kept.get(vehicle) ?? {};
    kept.set(vehicle, known);
    if (known[axle] === undefined) known[axle] = ran(presentCase(vehicle, axle));
    return known[axle];
  },
  candidate: (job, setup, axle) => ran(candidateCase(job, setup, axle)),
  spread(job, setup, axle) {
    let drawn: ObstacleSpreads | undefined;
    return () => (drawn ??= obstacleSpreads(job, setup, axle));
  },
};
const kept = new WeakMap<Vehicle, Partial<Record<AxleName, Swept | null>>>();

/** How far away is far enough to say that a part clears, whatever it is held to, mm. */
export const enoughMm = (job: Job, axle: AxleName): number =>
  Math.max(
    0,
    ...axleParts(job.vehicle, axle).parts.map(({ obstacle, placed }) => obstacleLimit(obstacle, job, placed, 0).value),
  );

/** Sweeps for verdicts alone: parts that stay far are not told exactly. */
export const VERDICT_SWEEPS: SweepSource = {
  present: () => undefined,
  candidate(job, setup, axle) {
    const one = candidateCase(job, setup, axle);
    if (!one) return null;
    return sweep({ ...one, enoughMm: enoughMm(job, axle) });
  },
};

/** For figures that are wanted many times over and do not ask what a wheel nears in other poses. */
export const NO_SWEEPS: SweepSource = { present: () => undefined, candidate: () => undefined };

const ran = (one: SweepCase | null): Swept | null => one && sweep(one);

/** What a sweep allows for, as the brief says. */
export const allowanceOf = (brief: Brief | undefined): Allowance => ({
  growth: brief?.sweep?.growth ?? false,
  bulgeMm: brief?.sweep?.bulgeMm ?? 0,
});

/** The sweep of the wheel that is on the car, as it was measured; null where nothing can be swept. */
export function presentCase(vehicle: Vehicle, axle: AxleName): SweepCase | null {
  const { parts, resolved, present } = axleParts(vehicle, axle);
  return caseOf(placedOf(parts), present, resolved.geometry, null);
}

/** The sweep of a setup past the parts of an axle; null where nothing can be swept. */
export function candidateCase(job: Job, setup: Setup, axle: AxleName): SweepCase | null {
  const { parts, resolved } = axleParts(job.vehicle, axle);
  const solid = solidOf(fitCandidate(job.vehicle, axle, setup[axle]), allowanceOf(job.brief));
  return caseOf(placedOf(parts), solid, resolved.geometry, setup.suspensionChange?.[axle] ?? null);
}

const placedOf = (parts: readonly { placed: PlacedPart | null }[]): PlacedPart[] =>
  parts.flatMap(({ placed }) => placed ?? []);

const caseOf = (
  parts: PlacedPart[],
  solid: SweepCase['solid'] | null,
  geometry: SweepCase['geometry'],
  change: SweepCase['change'],
): SweepCase | null => (parts.length === 0 || solid === null ? null : { parts, solid, geometry, change });
