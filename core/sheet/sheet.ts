import { clampedAsOne, evaluateSetup, hardwareOf, type EvaluateOptions, type SetupReport } from '#core/evaluate';
import { DomainError } from '#core/errors';
import { OUTER_CORNERS, placeOfCorner, type Corner, type Fitting, type FittingKind } from '#core/fitting';
import type { Job, Setup } from '#core/job';
import { wordsIn } from '#core/units';
import type { CarCase, CornerCase, Made, Rule } from './case';
import type { FittingStep, Sheet } from './records';
import { RULES } from './rules';

export interface SheetOptions extends EvaluateOptions {
  /** A mock-up leaves out what only a car that is driven asks for. */
  kind?: FittingKind;
  /** The report of a setup, where it is judged already. */
  reportOf?: (setup: Setup) => SetupReport;
}

/**
 * The sheet of a setup: every step that something in it asks for, with why, and the number that goes with it. Corners
 * whose axle the setup leaves alone have none.
 * @throws DomainError when the job has no setup of that id
 */
export function sheetOf(job: Job, setupId: string, options: SheetOptions = {}): Sheet {
  const setup = job.setups.find(({ id }) => id === setupId);
  if (!setup) throw new DomainError(`there is no setup “${setupId}”`, 'setup');
  const car = carCase(job, setup, options);
  const steps = stepsAt(OUTER_CORNERS.flatMap((corner) => cornerCase(car, corner) ?? []));
  return {
    format: 'scoval.sheet',
    setup: setupId,
    steps: steps.map(({ setup: _, keptAt: _at, tightens: _joint, ...step }) => step),
  };
}

/**
 * The steps of a fitting, whose corners may carry different setups: what each setup asks of the whole car is asked
 * once where all of them ask the same. A setup that the job does not have any more asks for nothing.
 */
export function stepsOfFitting(job: Job, fitting: Pick<Fitting, 'kind' | 'corners'>, options: SheetOptions = {}) {
  const cases = new Map<string, CarCase>();
  const caseOf = (id: string): CarCase | null => {
    const setup = job.setups.find((one) => one.id === id);
    if (setup && !cases.has(id)) cases.set(id, carCase(job, setup, { ...options, kind: fitting.kind }));
    return cases.get(id) ?? null;
  };
  return stepsAt(
    OUTER_CORNERS.flatMap((corner) => {
      const fitted = fitting.corners[corner];
      const car = fitted ? caseOf(fitted.setup) : null;
      return (car && cornerCase(car, corner)) ?? [];
    }),
  );
}

const carCase = (job: Job, setup: Setup, { kind = 'final', reportOf, ...options }: SheetOptions): CarCase => ({
  job,
  setup,
  kind,
  report: reportOf?.(setup) ?? evaluateSetup(job, setup, options),
  words: wordsIn(options.unit ?? 'mm'),
});

function cornerCase(car: CarCase, corner: Corner): CornerCase | null {
  const { axle, side } = placeOfCorner(corner);
  const candidate = car.setup[axle];
  if (!candidate) return null;
  const onCar = car.job.vehicle[axle];
  const dual = onCar?.dual ?? false;
  return {
    ...car,
    corner,
    axle,
    side,
    candidate,
    dual,
    pieces: (candidate.stack ?? []).filter(({ kind }) => kind !== 'ring'),
    hardware: hardwareOf(onCar?.hub, clampedAsOne(candidate, dual), car.job),
    figures: car.report[axle],
  };
}

/** Rules that follow one another and are of one kind: what is done at a corner is done there before the next one. */
function runsOf(rules: readonly Rule[]): Rule[][] {
  const runs: Rule[][] = [];
  for (const rule of rules) {
    const last = runs.at(-1);
    if (last && last[0]!.on === rule.on) last.push(rule);
    else runs.push([rule]);
  }
  return runs;
}

/** Every step at some corners, in the order of the rules. */
function stepsAt(corners: readonly CornerCase[]): FittingStep[] {
  const rules = RULES.filter(({ forTheRoad }) => !forTheRoad || corners[0]?.kind !== 'mock-up');
  return runsOf(rules).flatMap((run) => (run[0]!.on === 'car' ? carSteps(run, corners) : cornerSteps(run, corners)));
}

/** What is done to the whole car, for each setup on it; said once where two setups say the same. */
function carSteps(run: readonly Rule[], corners: readonly CornerCase[]): FittingStep[] {
  const cars = corners.filter(({ setup }, at) => corners.findIndex((one) => one.setup === setup) === at);
  return run.flatMap((rule) => {
    const said = new Set<string>();
    if (rule.on !== 'car') return [];
    return cars.flatMap((car) =>
      named(rule.id, rule.make(car), { corner: null, of: car }).filter(({ text }) => !said.has(text) && said.add(text)),
    );
  });
}

const cornerSteps = (run: readonly Rule[], corners: readonly CornerCase[]): FittingStep[] =>
  corners.flatMap((one) =>
    run.flatMap((rule) =>
      rule.on === 'corner' ? named(rule.id, rule.make(one), { corner: one.corner, of: one }) : [],
    ),
  );

interface At {
  /** Where a step is done; null where it is done to the whole car. */
  corner: Corner | null;
  /** The corner whose setup it belongs to. */
  of: CornerCase;
}

const named = (id: string, made: readonly Made[], { corner, of: one }: At): FittingStep[] =>
  made.map(({ id: own, of, text, because, expects = null, torqueNm = null, tightens = null }) => ({
    id: own ?? (of ? `${id}-${of}` : id),
    corner,
    text,
    because,
    expects,
    torqueNm,
    tightens,
    setup: one.setup.id,
    keptAt: one.corner,
  }));
