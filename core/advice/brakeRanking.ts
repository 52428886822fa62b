import { ruleInForce, type Job, type AxleName, type StackPart, type Wheel } from '#core/job';
import { matchPattern, patternOf } from '#core/hub';
import { stackThicknessMm } from '#core/stack';
import { DEFAULT_FLANGE_MM, wheelOffsetMm } from '#core/wheel';
import type { Verdict } from '#core/verdict';
import { brakeOf, hubPatternOf, type BrakeReport } from '#core/evaluate';

/** A wheel that may go over a brake. */
export interface RankedWheel<T> {
  of: T;
  wheel: Wheel;
  brake: BrakeReport;
  /** Least of what is left over the limits, mm; null where nothing is known. */
  spareMm: number | null;
  /** Whether it bolts to the hub at all. */
  pattern: Verdict;
}

/**
 * Wheels, each behind its own stack, by the room they leave a car's brake, most first: by what is left over the limits
 * at the nearest of spokes, barrel and weights. Width and offset do not enter: wheels alike in both differ inside. What
 * is not known stands last.
 */
export function rankByBrakeRoom<T>(
  job: Job,
  axle: AxleName,
  wheels: readonly { of: T; wheel: Wheel; stack: readonly StackPart[] }[],
): RankedWheel<T>[] {
  const vehicleAxle = job.vehicle[axle] ?? {};
  const carries = hubPatternOf(vehicleAxle.hub ?? {}).pattern;
  const ranked = wheels.map(({ of, wheel, stack }): RankedWheel<T> => {
    const stackMm = stackThicknessMm(stack);
    const offsetMm = wheelOffsetMm(wheel, job.vehicle.flangeMm ?? DEFAULT_FLANGE_MM);
    const { report, parts } = brakeOf({
      caliper: vehicleAxle.caliper,
      fitted: { wheel, offsetMm, stackMm },
      terms: job,
    });
    const left = parts.flatMap(({ clearance, limit }) => (clearance ? [clearance.mm - limit.value] : []));
    const pattern = matchPattern(patternOf(wheel), carries, ruleInForce('nearPatterns', job)).verdict;
    return { of, wheel, brake: report, spareMm: left.length > 0 ? Math.min(...left) : null, pattern };
  });
  return ranked.sort((one, other) => (other.spareMm ?? -Infinity) - (one.spareMm ?? -Infinity));
}
