import { AXLES, decidedSetup, type AxleName, type Job, type Setup, type VehicleAxle } from '#core/job';
import { jobRetorqueFrom, type RetorqueFrom } from '#core/fitting';
import { evaluateSetup, LIST_SWEEPS, VERDICT_SWEEPS } from '#core/evaluate';
import { FIRST_RULES_VERSION, RULES_VERSION, WORST_FIRST, type Verdict } from '#core/verdict';

/** How far a station is filled. */
export interface Progress {
  done: number;
  total: number;
}

type Question = readonly [name: string, answered: (axle: VehicleAxle) => boolean];

const HUB: readonly Question[] = [
  ['lug count', ({ hub }) => hub?.lugCount != null || (hub?.patternReadings?.length ?? 0) > 0],
  ['bolt circle', ({ hub }) => hub?.boltCircleMm != null || (hub?.patternReadings?.length ?? 0) > 0],
  ['center bore', ({ hub }) => hub?.boreMm != null],
  ['hub lip', ({ hub }) => hub?.lipHeightMm != null],
  ['stud or bolt', ({ hub }) => hub?.fastener?.kind !== undefined],
  ['thread', ({ hub }) => !!hub?.fastener?.thread],
  ['stud or bolt length', ({ hub }) => hub?.fastener?.lengthMm != null],
  ['seat', ({ hub }) => hub?.fastener?.seat !== undefined],
];

const ROOM: readonly Question[] = [
  ['present tire size', ({ baseline }) => baseline?.tire?.size !== undefined],
  ['present rim diameter', ({ baseline }) => baseline?.wheel?.rimDiameterIn != null],
  ['present rim width', ({ baseline }) => baseline?.wheel?.rimWidthIn != null],
  ['present offset', ({ baseline }) => baseline?.wheel?.offsetMm != null || baseline?.wheel?.backspacingMm != null],
  ['present tuck', ({ room }) => room?.outboardGapMm != null],
  ['inner clearance', ({ room }) => room?.inboardGapMm != null],
  ['fender clearance', ({ room }) => room?.archGapMm != null],
];

/** How many of a station's readings are there, both axles together. */
export function stationProgress(job: Job, station: 'hub' | 'room'): Progress {
  const questions = station === 'hub' ? HUB : ROOM;
  const answers = AXLES.flatMap((axle) => questions.map(([, answered]) => answered(job.vehicle[axle] ?? {})));
  return { done: answers.filter(Boolean).length, total: answers.length };
}

/** Whether anybody said where the wheel should stand: for both axles, or for one alone. */
export function hasPokeTarget({ brief }: Job): boolean {
  const { front, rear, ...both } = brief?.pokeMm ?? {};
  return [both, front, rear].some((range) => range?.min != null || range?.max != null);
}

/** The readings of a station that an axle lacks, in the order of the work. */
export const missingReadings = (job: Job, station: 'hub' | 'room', axle: AxleName): string[] =>
  (station === 'hub' ? HUB : ROOM).filter(([, answered]) => !answered(job.vehicle[axle] ?? {})).map(([name]) => name);

/** The readings of the room that every figure of a setup rests on and that are not there yet. */
const missingRoomReadings = (job: Job): { axle: AxleName; name: string }[] =>
  AXLES.flatMap((axle) => missingReadings(job, 'room', axle).map((name) => ({ axle, name })));

/** What a job waits for next. */
export const WAITS_FOR = ['readings', 'setups', 'decision', 'parts', 'fitting', 'retorque', 'nothing'] as const;
export type WaitsFor = (typeof WAITS_FOR)[number];

export interface Standing {
  waitsFor: WaitsFor;
  /** Readings missing, first ones first. */
  missing: { axle: AxleName; name: string }[];
  /** From when it waits for its torque to be checked; left out where it does not. */
  retorque?: RetorqueFrom | undefined;
  /** How many setups there are of each verdict. */
  verdicts: Record<Verdict, number>;
  /**
   * The rules it was judged by, and what each setup was judged; missing from what was kept before they were written
   * down.
   */
  rules?: string | undefined;
  setups?: Readonly<Record<string, Verdict>> | undefined;
}

/** Verdicts that are others under the present rules than those they were kept under. */
export interface RulesMoved {
  from: string;
  to: string;
  was: Record<Verdict, number>;
  /** The setups whose verdict is another one, where that is known. */
  setups: readonly { id: string; was: Verdict; is: Verdict }[];
}

/** Whether a standing that was kept is of the present rules. */
export const isCurrent = ({ rules }: Standing): boolean => rules === RULES_VERSION;

/** What became other verdicts from a kept standing to the one judged now; null where nothing did. */
export function rulesMoved(kept: Standing, now: Standing): RulesMoved | null {
  const was = kept.setups;
  const setups = Object.entries(now.setups ?? {}).flatMap(([id, is]) =>
    was?.[id] !== undefined && was[id] !== is ? [{ id, was: was[id], is }] : [],
  );
  const counts = WORST_FIRST.some((verdict) => (kept.verdicts[verdict] ?? 0) !== now.verdicts[verdict]);
  if (was ? setups.length === 0 : !counts) return null;
  return { from: kept.rules ?? FIRST_RULES_VERSION, to: RULES_VERSION, was: kept.verdicts, setups };
}

/**
 * What a job waits for: torque that is to be checked and a fitting under way before all else; its parts once a setup is
 * decided for; before that readings, then setups, then a decision between them; nothing once one is on the car.
 */
export function waitsFor(job: Job): WaitsFor {
  if (jobRetorqueFrom(job)) return 'retorque';
  const last = job.fittings?.at(-1);
  if (last && last.finishedAt == null) return 'fitting';
  if (last?.kind === 'final' && last.outcome === 'kept') return 'nothing';
  if (decidedSetup(job) && last?.kind !== 'final') return 'parts';
  if (missingRoomReadings(job).length > 0) return 'readings';
  return job.setups.length === 0 ? 'setups' : 'decision';
}

/** A setup's verdict. Doubt makes care of what clears: it is asked only where nothing is as bad already. */
function setupVerdict(job: Job, setup: Setup): Verdict {
  const { verdict } = evaluateSetup(job, setup, { sweeps: VERDICT_SWEEPS });
  return verdict === 'fail' || verdict === 'caution'
    ? verdict
    : evaluateSetup(job, setup, { sweeps: LIST_SWEEPS }).verdict;
}

/** Where a job stands, its setups judged and swept. */
export function jobStanding(job: Job): Standing {
  const verdicts = Object.fromEntries(WORST_FIRST.map((verdict) => [verdict, 0])) as Record<Verdict, number>;
  const setups: Record<string, Verdict> = {};
  for (const setup of job.setups) {
    const verdict = setupVerdict(job, setup);
    verdicts[verdict] += 1;
    setups[setup.id] = verdict;
  }
  const retorque = jobRetorqueFrom(job);
  return {
    waitsFor: waitsFor(job),
    ...(retorque ? { retorque } : {}),
    missing: missingRoomReadings(job),
    verdicts,
    rules: RULES_VERSION,
    setups,
  };
}
