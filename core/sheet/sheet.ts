import { DomainError } from '#core/errors';
import { clampedAsOne, evaluateSetup, hardwareOf, type EvaluateOptions } from '#core/evaluate';
import { CORNERS, placeOfCorner, type Corner } from '#core/fitting';
import type { Job } from '#core/job';
import { wordsIn } from '#core/units';
import type { CarCase, CornerCase, Made, Rule } from './case';
import type { Sheet, SheetStep } from './records';
import { RULES } from './rules';

/** Corners in the order in which a car is walked round. */
const WALK = CORNERS.filter((corner) => !corner.endsWith('Inner'));

/**
 * The sheet of a setup: every step that something in it asks for, with why, and the number that goes with it. Corners
 * whose axle the setup leaves alone have none.
 * @throws DomainError when the job has no setup of that id
 */
export function sheetOf(job: Job, setupId: string, options: EvaluateOptions = {}): Sheet {
  const setup = job.setups.find(({ id }) => id === setupId);
  if (!setup) throw new DomainError(`there is no setup “${setupId}”`, 'setup');
  const report = evaluateSetup(job, setup, options);
  const car: CarCase = { job, setup, report, words: wordsIn(options.unit ?? 'mm') };
  const corners = WALK.flatMap((corner) => cornerCase(car, corner) ?? []);
  return { format: 'scoval.sheet', setup: setupId, steps: runsOf(RULES).flatMap((run) => stepsOf(run, car, corners)) };
}

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

function stepsOf(run: readonly Rule[], car: CarCase, corners: readonly CornerCase[]): SheetStep[] {
  if (run[0]!.on === 'car')
    return run.flatMap((rule) => (rule.on === 'car' ? named(rule.id, null, rule.make(car)) : []));
  return corners.flatMap((one) =>
    run.flatMap((rule) => (rule.on === 'corner' ? named(rule.id, one.corner, rule.make(one)) : [])),
  );
}

const named = (id: string, corner: Corner | null, made: readonly Made[]): SheetStep[] =>
  made.map(({ id: own, of, text, because, expects = null, torqueNm = null }) => ({
    id: own ?? (of ? `${id}-${of}` : id),
    corner,
    text,
    because,
    expects,
    torqueNm,
  }));
