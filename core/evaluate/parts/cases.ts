import { ruleInForce, type AxleName, type Brief, type Job, type Setup, type Vehicle } from '#core/job';
import type { Motion, PlacedPart, SweepCase } from '#core/sweep';
import { fitCandidate, solidOf, type Allowance } from '../fit';
import { axleParts } from './axleParts';

/** What a sweep allows for, as the brief says. */
export const allowanceOf = (brief: Brief | undefined): Allowance => ({
  growth: brief?.sweep?.growth ?? false,
  bulgeMm: brief?.sweep?.bulgeMm ?? 0,
});

/** The sweep of the wheel that is on the car, as it was measured; null where nothing can be swept. */
export function presentCase(vehicle: Vehicle, axle: AxleName): SweepCase | null {
  const { parts, resolved, present } = axleParts(vehicle, axle);
  return caseOf(placedOf(parts), present, { geometry: resolved.geometry, change: null });
}

/** The sweep of a setup past the parts of an axle; null where nothing can be swept. */
export function candidateCase(job: Job, setup: Setup, axle: AxleName): SweepCase | null {
  const { parts, resolved } = axleParts(job.vehicle, axle);
  const solid = solidOf(fitCandidate(job.vehicle, axle, setup[axle]), allowanceOf(job.brief));
  return caseOf(placedOf(parts), solid, {
    geometry: resolved.geometry,
    change: setup.suspensionChange?.[axle] ?? null,
    poses: ruleInForce('poses', job),
  });
}

const placedOf = (parts: readonly { placed: PlacedPart | null }[]): PlacedPart[] =>
  parts.flatMap(({ placed }) => placed ?? []);

const caseOf = (parts: PlacedPart[], solid: SweepCase['solid'] | null, motion: Motion): SweepCase | null =>
  parts.length === 0 || solid === null ? null : { parts, solid, ...motion };
