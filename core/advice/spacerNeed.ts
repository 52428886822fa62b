import type { Hub } from '#core/hub';
import { pokeTargetOf, type AxleName, type Job, type SetupAxle, type StackPart, type Terms } from '#core/job';
import { outerEndMm, WORST_FIRST, type Verdict } from '#core/verdict';
import { innerGapLimit, hardwareOf, type SetupReport } from '#core/evaluate';

/**
 * How thick the stack of a setup may be, mm in all: enough for the inner clearance, not so much that it pokes past the
 * target.
 */
export interface StackRange {
  leastMm: number;
  /** Null where there is no gap to a fender. */
  mostMm: number | null;
}

/**
 * The range of stack thickness that keeps the inner clearance at its limit and the face within its target, mm:
 * tₘᵢₙ = t + (limit − gap), tₘₐₓ = t + (outer end − poke), both at least 0. A wheel moved out by a millimeter of stack
 * opens the one and closes the other by as much.
 * @returns null while the stack or the inner clearance is not known
 */
export function stackRange({
  job,
  report,
  axle,
  stackMm,
}: {
  job: Job;
  report: SetupReport;
  axle: AxleName;
  stackMm: number | null;
}): StackRange | null {
  const { inboardGapMm, pokeMm } = report[axle];
  if (stackMm === null || inboardGapMm === null) return null;
  const limit = innerGapLimit(job, axle).value;
  const target = pokeTargetOf(job.brief, axle);
  return {
    leastMm: Math.max(0, stackMm + limit - inboardGapMm),
    mostMm: pokeMm === null ? null : Math.max(0, stackMm + outerEndMm(target) - pokeMm),
  };
}

const noWorse = (before: Verdict, after: Verdict): boolean => WORST_FIRST.indexOf(after) >= WORST_FIRST.indexOf(before);

/**
 * Whether a wheel stays centered and held when a spacer comes next to the hub: neither is judged worse than without it.
 * Bolts come in other lengths with it, so of them it is enough that a standard length does it; studs stay as they are.
 */
export function staysOnHub({
  hub,
  without,
  spacer,
  terms,
}: {
  hub: Hub;
  without: SetupAxle;
  spacer: StackPart;
  terms: Terms;
}): boolean {
  const before = hardwareOf(hub, without, terms);
  const after = hardwareOf(hub, { ...without, stack: [spacer, ...(without.stack ?? [])] }, terms);
  const held =
    hub.fastener?.kind === 'bolt'
      ? after.fastening.requiredLengthMm === null || after.fastening.standardLengthMm !== null
      : noWorse(before.fastening.verdict, after.fastening.verdict);
  return held && noWorse(before.centring.verdict, after.centring.verdict);
}
