import type { AxleName, Job } from '#core/job';
import { limitInForce, outerEndMm } from '#core/verdict';
import type { SetupReport } from './report';

/** How thick the stack of a setup may be, mm in all: enough for the inner gap, not so much that the face leaves the wish. */
export interface StackRange {
  leastMm: number;
  /** Null where there is no gap to a fender. */
  mostMm: number | null;
}

/**
 * The range of stack thickness that keeps the inner gap at its limit and the face within its wish, mm: tₘᵢₙ = t + (limit − gap),
 * tₘₐₓ = t + (outer end − poke), both at least 0. Moving the wheel out by a millimetre of stack opens the one and closes the other by
 * as much.
 * @returns null while the stack or the inner gap is not known
 */
export function stackRange(job: Job, report: SetupReport, axle: AxleName, stackMm: number | null): StackRange | null {
  const { inboardGapMm, pokeMm } = report[axle];
  if (stackMm === null || inboardGapMm === null) return null;
  const limit = limitInForce('inboardMm', job.brief).value;
  const wish = { min: job.brief?.pokeMm?.min ?? null, max: job.brief?.pokeMm?.max ?? null };
  return {
    leastMm: Math.max(0, stackMm + limit - inboardGapMm),
    mostMm: pokeMm === null ? null : Math.max(0, stackMm + outerEndMm(wish) - pokeMm),
  };
}
