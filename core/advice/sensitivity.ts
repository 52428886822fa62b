import type { AxleName, Job, Setup, SetupOnAxle } from '#core/job';
import { type GeometryKey, ASSUMED_SPAN, STOPS } from '#core/suspension';
import { within, type Steps } from '#core/progress';
import { sweepSteps } from '#core/sweep';
import { worstVerdict, type Verdict } from '#core/verdict';
import { fitCandidate, obstacleReports, axleParts, candidateCase } from '#core/evaluate';

/** What becomes of the room when an assumed value is less, or more, by its span. */
export interface Sensitivity {
  key: GeometryKey;
  value: number;
  span: number;
  /** Least margin over all parts, mm, at the value less and more its span. */
  lessMm: number;
  moreMm: number;
  /** Half the distance between the two, or to what it is now: how much the value matters, mm. */
  mattersMm: number;
  /** Whether the verdict becomes another one on the way. */
  decides: boolean;
}

/**
 * Which of the values that nobody measured matters most for a setup on an axle: each is tried at both ends of its span,
 * and the parts are placed anew by it as well, for their gaps were read in poses. Those that decide over the verdict
 * come first, then by how much they matter.
 * @returns a generator that yields the share done
 */
export function* sensitivitySteps(job: Job, setup: Setup, axle: AxleName): Steps<Sensitivity[]> {
  const { resolved } = axleParts(job.vehicle, axle);
  if (!resolved.geometry) return [];
  const { geometry, assumed } = resolved;
  const share = 1 / (1 + 2 * assumed.length);
  const now = yield* roomWith({ job, setup, axle, changed: {}, from: 0, share });
  const found: Sensitivity[] = [];
  for (const [at, key] of assumed.entries()) {
    const [value, span] = [geometry[key], ASSUMED_SPAN[key]];
    // A lock or a travel below nothing is none.
    const low = STOPS.has(key) ? Math.max(0, value - span) : value - span;
    const less = yield* roomWith({ job, setup, axle, changed: { [key]: low }, from: (1 + 2 * at) * share, share });
    const more = yield* roomWith({
      job,
      setup,
      axle,
      changed: { [key]: value + span },
      from: (2 + 2 * at) * share,
      share,
    });
    if (!less || !more || !now) continue;
    found.push({
      key,
      value,
      span,
      lessMm: less.marginMm,
      moreMm: more.marginMm,
      mattersMm: Math.max(Math.abs(less.marginMm - now.marginMm), Math.abs(more.marginMm - now.marginMm)),
      decides: less.verdict !== now.verdict || more.verdict !== now.verdict,
    });
  }
  return found.sort((one, other) => Number(other.decides) - Number(one.decides) || other.mattersMm - one.mattersMm);
}

interface RoomLeft {
  marginMm: number;
  verdict: Verdict;
}

function* roomWith({
  job,
  setup,
  axle,
  changed,
  from,
  share,
}: SetupOnAxle & {
  changed: Partial<Record<GeometryKey, number>>;
  from: number;
  share: number;
}): Steps<RoomLeft | null> {
  const vehicleAxle = job.vehicle[axle]!;
  const suspension = { ...vehicleAxle.suspension, ...changed };
  const other: Job = { ...job, vehicle: { ...job.vehicle, [axle]: { ...vehicleAxle, suspension } } };
  const one = candidateCase(other, setup, axle);
  if (!one) return null;
  const candidate = yield* within(sweepSteps(one), from, share);
  const fitted = fitCandidate(other.vehicle, axle, setup[axle]);
  const { overallDiameterMm } = fitted;
  const radiusMm = overallDiameterMm === null ? null : overallDiameterMm / 2;
  const reports = obstacleReports({
    job: other,
    axle,
    parts: axleParts(other.vehicle, axle),
    sweeps: { candidate, present: null },
    tireRadiusMm: radiusMm,
    candidate: fitted,
  });
  const margins = reports.flatMap(({ clearanceMm, limitMm }) => (clearanceMm === null ? [] : [clearanceMm - limitMm]));
  if (margins.length === 0) return null;
  return { marginMm: Math.min(...margins), verdict: worstVerdict(reports.map(({ verdict }) => verdict)) };
}
