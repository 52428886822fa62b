import { leastDualGapMm } from '#core/dual';
import { requiredBackspacing, roomOn, ruleInForce, pokeTargetOf, leftDiffers, type Job } from '#core/job';
import { fenderOutMm, innerPartOutMm } from '#core/position';
import { travelRange } from '#core/suspension';
import { combined } from '#core/uncertainty';
import { shopLimits, outerEndMm } from '#core/verdict';
import { backspacingMm } from '#core/wheel';
import type { Span } from '#core/window';
import {
  CHECKS,
  innerGapLimit,
  coverOf,
  leaningBulge,
  fitPresent,
  type Fitted,
  axleParts,
  lateralSpread,
  plusMinusOf,
  sectionSpread,
  sureMm,
  sureOfSum,
} from '#core/evaluate';
import { solidAt } from './tireRule';
import { type Limiter, above, below, sidesOf } from './limiter';
import { type WindowBase, shapedLips } from './base';

/** Poke, inner clearance, cover and the gap between dual tires. */
export function lateralLimiters(base: WindowBase, fitted: Fitted, rimWidthIn: number): Limiter[] {
  const { job, axle } = base;
  const present = fitPresent(job.vehicle, axle);
  const { place } = fitted;
  if (!place || !present.place) return [];
  const vehicleAxle = job.vehicle[axle] ?? {};
  const target = pokeTargetOf(job.brief, axle);
  const found: Limiter[] = [];
  const fenders: number[] = [];
  // Outermost and innermost place at offset 0; each offset moves the outer wheel of a pair the other way.
  const turn = fitted.dual ? 1 : -1;
  const limited = (out: number): Span => (turn > 0 ? above(out - place.outerMm) : below(place.outerMm - out));
  for (const side of sidesOf(job, axle)) {
    const { outboardGapMm, inboardGapMm } = roomOn(vehicleAxle, side);
    const named = (label: string) => (leftDiffers(vehicleAxle) ? `${label}, ${side}` : label);
    if (outboardGapMm != null) {
      const fender = fenderOutMm(present.place, outboardGapMm);
      fenders.push(fender);
      const parts = lateralSpread({ axle: vehicleAxle, key: 'outboardGapMm', candidate: fitted, present });
      const plusMinus = plusMinusOf(sureOfSum('poke', parts, job));
      found.push({
        code: 'fender',
        label: named(CHECKS.fender.label),
        blocked: [limited(fender + outerEndMm(target))],
        plusMinus,
      });
      if (target.min !== null) {
        const tucked = fender + target.min;
        const blocked: Span = turn > 0 ? below(tucked - place.outerMm) : above(place.outerMm - tucked);
        found.push({ code: 'fender-in', label: named('Too far in'), blocked: [blocked], plusMinus });
      }
    }
    if (inboardGapMm != null) {
      const parts = lateralSpread({ axle: vehicleAxle, key: 'inboardGapMm', candidate: fitted, present });
      const plusMinus = plusMinusOf(sureOfSum('inboard', parts, job));
      const limit = Math.max(innerGapLimit(job, axle).value, sureMm(plusMinus, job));
      const part = innerPartOutMm(present.place, inboardGapMm) + limit;
      found.push({
        code: 'inboard',
        label: named(CHECKS.inboard.label),
        blocked: [above(place.innerMm - part)],
        plusMinus,
      });
    }
  }
  return [
    ...found,
    ...coverLimiters({ base, fitted, rimWidthIn, byGap: fenders.map(limited) }),
    ...dualLimiters(job, fitted),
  ];
}

/** Cover by every lip that has a shape; where none has, by the present tuck, as the check itself takes it. */
function coverLimiters({
  base,
  fitted,
  rimWidthIn,
  byGap,
}: {
  base: WindowBase;
  fitted: Fitted;
  rimWidthIn: number;
  byGap: readonly Span[];
}): Limiter[] {
  const { job, setup, axle } = base;
  if (ruleInForce('cover', job) === 'none') return [];
  const change = setup.suspensionChange?.[axle] ?? null;
  const { restShiftMm } = travelRange({ bumpMm: 0, droopMm: 0 }, change);
  const solid = solidAt({ job, setup, axle, fitted, rimWidthIn });
  const outerAt = solid && leaningBulge(solid, axleParts(job.vehicle, axle).resolved.geometry, change);
  const lips = outerAt
    ? shapedLips(job, axle).flatMap((points) => coverOf(points, outerAt, restShiftMm).leastMm ?? [])
    : [];
  // What is left at offset 0 is used up by as much less offset; by more on the outer wheel of a pair.
  const spans = lips.length > 0 ? lips.map((left) => (fitted.dual ? above(left) : below(0 - left))) : byGap;
  return spans.map((span): Limiter => ({
    code: 'coverage',
    label: CHECKS.coverage.label,
    blocked: [span],
    plusMinus: null,
  }));
}

function dualLimiters(job: Job, fitted: Fitted): Limiter[] {
  const { dual, sectionWidthMm, tire } = fitted;
  if (dual?.gapMm == null || sectionWidthMm === null) return [];
  const maker = leastDualGapMm(tire.minDualSpacingMm ?? null, sectionWidthMm, shopLimits(job.house).dualGapMm).mm;
  const least = Math.max(maker, sureMm(combined(sectionSpread(fitted)), job));
  // A millimeter of offset spreads the pair by two.
  return [{ code: 'dual', label: CHECKS.dual.label, blocked: [below((least - dual.gapMm) / 2)], plusMinus: null }];
}

/** A lift maker's most backspacing: W/2 (and the flange, overall) + E − t. */
export function backspacingLimiters(
  { job, axle }: WindowBase,
  { flangeMm, stackMm }: Fitted,
  rimWidthIn: number,
): Limiter[] {
  const asked = requiredBackspacing(job.brief, axle);
  if (!asked || stackMm === null) return [];
  const atZero = backspacingMm({ rimWidthIn, offsetMm: 0 - stackMm, flangeMm, convention: asked.convention });
  return [
    { code: 'backspacing', label: CHECKS.backspacing.label, blocked: [above(asked.mostMm - atZero)], plusMinus: null },
  ];
}
