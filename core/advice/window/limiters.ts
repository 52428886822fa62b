import type { Side } from '#core/sweep';
import { leastDualGapMm } from '#core/dual';
import {
  requiredBackspacing,
  roomOn,
  ruleInForce,
  wishOf,
  leftDiffers,
  type AxleName,
  type Job,
  type Setup,
} from '#core/job';
import type { Point3 } from '#core/kinematics';
import { ladderOf } from '#core/remedy';
import { archGapMm, archRiseMm, fenderOutMm, innerPartOutMm } from '#core/position';
import { travelRange } from '#core/suspension';
import { rimRangeIn } from '#core/tire';
import { combined } from '#core/uncertainty';
import { shopLimits, limitInForce, outerEndMm } from '#core/verdict';
import { backspacingMm } from '#core/wheel';
import { blockedOffsets, partPaths, type PartPath, type Span, type WindowBody } from '#core/window';
import {
  archGapLimit,
  CHECKS,
  innerGapLimit,
  coverOf,
  leaningBulge,
  fitPresent,
  type Fitted,
  obstacleLabel,
  obstacleLimit,
  axleParts,
  type AxlePart,
  archSpread,
  halfWidthSpread,
  lateralSpread,
  readingSpread,
  sectionSpread,
  obstacleSlopes,
  plusMinusOf,
  sureMm,
  type CheckCode,
} from '#core/evaluate';
import { allowedReachMm } from '../remedies';
import { solidAt, type RuledTire } from './tireRule';

/** Something that keeps offsets out of a row of the window. */
export interface Limiter {
  /** The check it keeps to; `fender-in` where the face is too far in. */
  code: CheckCode | 'fender-in';
  label: string;
  /** Offsets that it keeps out, mm. */
  blocked: Span[];
  /** ± at 95 % of its edges, mm; null where it is no matter of millimetres. */
  plusMinus: number | null;
}

/** What a window of an axle is made over, the same for all its rows. */
export interface WindowBase {
  job: Job;
  setup: Setup;
  axle: AxleName;
  /** Offsets of interest, mm. */
  offsets: Span;
  /** Parts with their paths before the wheel, one for each limit that holds them. */
  paths: { part: AxlePart; path: PartPath; shortOfLock: boolean }[];
  /** Parts around which nothing is known of how the wheel moves, and readings that are missing: no row is shown to hold against them. */
  missing: string[];
  /** How much clearance it takes for each part to be clear of doubt, mm, by its id. */
  sure: ReadonlyMap<string, number>;
}

/** Lays out what all rows share: where every part is, in every pose. */
export function windowBase({
  job,
  setup,
  axle,
  offsets,
}: {
  job: Job;
  setup: Setup;
  axle: AxleName;
  offsets: Span;
}): WindowBase {
  const { parts, resolved } = axleParts(job.vehicle, axle);
  const motion = {
    geometry: resolved.geometry,
    change: setup.suspensionChange?.[axle] ?? null,
    poses: ruleInForce('poses', job),
  };
  const paths = parts.flatMap((part) => {
    if (!part.placed) return [];
    const { rub } = obstacleLimit({ obstacle: part.obstacle, terms: job, axle, placed: part.placed, tireRadiusMm: 0 });
    const { placed } = part;
    const paths = (shortOfLock: boolean) =>
      partPaths(placed, motion, !shortOfLock).map((path) => ({ part, path, shortOfLock }));
    return rub?.lockOnly ? [...paths(false), ...paths(true)] : paths(false);
  });
  const spreads = Object.entries(obstacleSlopes(job, setup, axle));
  const sure = new Map(spreads.map(([id, one]) => [id, sureMm(plusMinusOf(one), job)]));
  return { job, setup, axle, offsets, paths, missing: missingOf(job, axle), sure };
}

function missingOf(job: Job, axle: AxleName): string[] {
  const { room } = job.vehicle[axle] ?? {};
  const { parts, resolved } = axleParts(job.vehicle, axle);
  const present = fitPresent(job.vehicle, axle);
  return [
    ...(present.place ? [] : ['the present wheel and tire']),
    ...(room?.outboardGapMm == null ? ['the gap to the fender'] : []),
    ...(room?.inboardGapMm == null ? ['the inner gap'] : []),
    ...(room?.archGapMm == null ? ['the arch gap'] : []),
    ...(resolved.geometry ? [] : ['how the wheel moves: the kind of suspension']),
    ...parts.flatMap(({ obstacle, placed }) => (placed ? [] : [`where ${obstacle.label ?? obstacle.id} is`])),
    ...(coverIsOpen(job, axle) ? ['the lip over the whole arc that must be covered'] : []),
  ];
}

/** Whether cover is asked for where nobody measured the lip. */
function coverIsOpen(job: Job, axle: AxleName): boolean {
  if (ruleInForce('cover', job) === 'none') return false;
  const lips = shapedLips(job, axle);
  return lips.length === 0 || lips.some((points) => coverOf(points, () => 0, 0).openDeg > 0);
}

const EVERYWHERE: Span = [-Infinity, Infinity];
const above = (mm: number): Span => [mm, Infinity];
const below = (mm: number): Span => [-Infinity, mm];

/** The bodies of a row at offset 0, and how each moves with the offset: the outer wheel of a pair is turned over. */
const bodiesOf = ({ job, setup, axle }: WindowBase, fitted: Fitted, rimWidthIn: number): WindowBody[] =>
  (solidAt({ job, setup, axle, fitted, rimWidthIn })?.bodies ?? []).map(({ section, centreOut }, index) => ({
    section,
    turn: index === 0 ? -1 : 1,
    atMm: centreOut,
  }));

/**
 * Everything that keeps offsets out of a row, each with the offsets it keeps out: the checks of a setup, turned around. With a stack t the
 * rim centreline stands at t − E; the outer wheel of a dual pair is turned over and goes the other way.
 * @param fitted the row's wheel and tire at offset 0
 * @param eased with what work on the body the brief allows could give
 */
export function limitersOf({ base, fitted, ruled, rimWidthIn, eased }: { base: WindowBase; fitted: Fitted; ruled: RuledTire; rimWidthIn: number; eased: boolean }): Limiter[] {
  return [
    ...rowLimiters({ windowBase: base, fitted, ruledTire: ruled, rimWidthIn }),
    ...lateralLimiters(base, fitted, rimWidthIn),
    ...partLimiters({ base, fitted, rimWidthIn, eased }),
    ...backspacingLimiters(base, fitted, rimWidthIn),
  ];
} // prettier-ignore

const whole = ({
  code,
  label,
  kept,
  plusMinus = null,
}: {
  code: CheckCode;
  label: string;
  kept: boolean;
  plusMinus?: number | null | undefined;
}): Limiter[] => (kept ? [] : [{ code, label, blocked: [EVERYWHERE], plusMinus }]);

/** What no offset changes: rim, diameter, arch. */
function rowLimiters({ windowBase: { job, setup, axle }, fitted, ruledTire: { size }, rimWidthIn }: { windowBase: WindowBase; fitted: Fitted; ruledTire: RuledTire; rimWidthIn: number }): Limiter[] {
  const present = fitPresent(job.vehicle, axle);
  const { overallDiameterMm: diameter } = fitted;
  const now = present.overallDiameterMm;
  const range = size && rimRangeIn(size);
  const off = diameter === null || now === null ? 0 : 100 * Math.abs(diameter / now - 1);
  const rise = archRiseMm(setup.suspensionChange?.[axle] ?? null);
  const gaps = sidesOf(job, axle).flatMap((side) => {
    const { archGapMm: gap } = roomOn(job.vehicle[axle], side);
    return gap == null || diameter === null || now === null ? [] : [archGapMm({ presentGapMm: gap, diameterMm: diameter, presentDiameterMm: now, suspensionRiseMm: rise })];
  });
  const plusMinus = combined(archSpread(job.vehicle[axle] ?? {}, fitted, present));
  const limit = Math.max(archGapLimit(job, axle).value, sureMm(plusMinus, job));
  return [
    ...whole({ code: 'rim-width', label: CHECKS['rim-width'].label, kept: !range || (rimWidthIn >= range.least && rimWidthIn <= range.most) }),
    ...whole({ code: 'diameter', label: CHECKS.diameter.label, kept: off <= limitInForce('diameterPct', job).value + 1e-9 }),
    ...whole({ code: 'arch', label: CHECKS.arch.label, kept: gaps.every((gap) => gap >= limit - 1e-9), plusMinus }),
  ];
} // prettier-ignore

const sidesOf = (job: Job, axle: AxleName): Side[] => (leftDiffers(job.vehicle[axle]) ? ['right', 'left'] : ['right']);

/** Face against fender, inner gap, cover and the gap between dual tires. */
function lateralLimiters(base: WindowBase, fitted: Fitted, rimWidthIn: number): Limiter[] {
  const { job, axle } = base;
  const present = fitPresent(job.vehicle, axle);
  const { place } = fitted;
  if (!place || !present.place) return [];
  const vehicleAxle = job.vehicle[axle] ?? {};
  const wish = wishOf(job.brief, axle);
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
      const plusMinus = combined(lateralSpread({ axle: vehicleAxle, key: 'outboardGapMm', candidate: fitted, present }));
      found.push({ code: 'fender', label: named(CHECKS.fender.label), blocked: [limited(fender + outerEndMm(wish))], plusMinus });
      if (wish.min !== null) {
        const tucked = fender + wish.min;
        const blocked: Span = turn > 0 ? below(tucked - place.outerMm) : above(place.outerMm - tucked);
        found.push({ code: 'fender-in', label: named('Face too far in'), blocked: [blocked], plusMinus });
      }
    }
    if (inboardGapMm != null) {
      const plusMinus = combined(lateralSpread({ axle: vehicleAxle, key: 'inboardGapMm', candidate: fitted, present }));
      const limit = Math.max(innerGapLimit(job, axle).value, sureMm(plusMinus, job));
      const part = innerPartOutMm(present.place, inboardGapMm) + limit;
      found.push({ code: 'inboard', label: named(CHECKS.inboard.label), blocked: [above(place.innerMm - part)], plusMinus });
    }
  }
  return [...found, ...coverLimiters({ base, fitted, rimWidthIn, byGap: fenders.map(limited) }), ...dualLimiters(job, fitted)];
} // prettier-ignore

/** Cover by every lip that has a shape; where none has, by the gap to the fender, as the check itself takes it. */
function coverLimiters({ base, fitted, rimWidthIn, byGap }: { base: WindowBase; fitted: Fitted; rimWidthIn: number; byGap: readonly Span[] }): Limiter[] {
  const { job, setup, axle } = base;
  if (ruleInForce('cover', job) === 'none') return [];
  const change = setup.suspensionChange?.[axle] ?? null;
  const { restShiftMm } = travelRange({ bumpMm: 0, droopMm: 0 }, change);
  const solid = solidAt({ job, setup, axle, fitted, rimWidthIn });
  const outerAt = solid && leaningBulge(solid, axleParts(job.vehicle, axle).resolved.geometry, change);
  const lips = outerAt ? shapedLips(job, axle).flatMap((points) => coverOf(points, outerAt, restShiftMm).leastMm ?? []) : [];
  // What is left at offset 0 is used up by as much less offset; by more on the outer wheel of a pair.
  const spans = lips.length > 0 ? lips.map((left) => (fitted.dual ? above(left) : below(0 - left))) : byGap;
  return spans.map((span): Limiter => ({ code: 'coverage', label: CHECKS.coverage.label, blocked: [span], plusMinus: null }));
} // prettier-ignore

const shapedLips = (job: Job, axle: AxleName): Point3[][] =>
  axleParts(job.vehicle, axle).parts.flatMap(({ obstacle }) =>
    obstacle.kind === 'fender-lip' && obstacle.points ? [obstacle.points] : [],
  );

function dualLimiters(job: Job, fitted: Fitted): Limiter[] {
  const { dual, sectionWidthMm, tire } = fitted;
  if (dual?.gapMm == null || sectionWidthMm === null) return [];
  const maker = leastDualGapMm(tire.minDualSpacingMm ?? null, sectionWidthMm, shopLimits(job.house).dualGapMm).mm;
  const least = Math.max(maker, sureMm(combined(sectionSpread(fitted)), job));
  // A millimetre of offset spreads the pair by two.
  return [{ code: 'dual', label: CHECKS.dual.label, blocked: [below((least - dual.gapMm) / 2)], plusMinus: null }];
}

/** A lift maker's most backspacing: W/2 (and the flange, overall) + E − t. */
function backspacingLimiters({ job, axle }: WindowBase, { flangeMm, stackMm }: Fitted, rimWidthIn: number): Limiter[] {
  const asked = requiredBackspacing(job.brief, axle);
  if (!asked || stackMm === null) return [];
  const atZero = backspacingMm({ rimWidthIn, offsetMm: 0 - stackMm, flangeMm, convention: asked.convention });
  return [
    { code: 'backspacing', label: CHECKS.backspacing.label, blocked: [above(asked.mostMm - atZero)], plusMinus: null },
  ];
}

/** Parts around the wheel, each with what it is held to; a part that may give is held to as much less. */
function partLimiters({ base, fitted, rimWidthIn, eased }: { base: WindowBase; fitted: Fitted; rimWidthIn: number; eased: boolean }): Limiter[] {
  const { job, axle, paths, offsets } = base;
  const radiusMm = fitted.overallDiameterMm === null ? null : fitted.overallDiameterMm / 2;
  const bodies = bodiesOf(base, fitted, rimWidthIn);
  const present = fitPresent(job.vehicle, axle);
  return paths.flatMap(({ part, path, shortOfLock }): Limiter[] => {
    const { obstacle } = part;
    const limit = obstacleLimit({ obstacle, terms: job, axle, placed: part.placed, tireRadiusMm: radiusMm });
    const gives = eased ? allowedReachMm(job, ladderOf(obstacle)) : 0;
    // What can be taken off keeps nothing out.
    if (gives === Infinity) return [];
    const sureOf = limit.rub ? -Infinity : (base.sure.get(obstacle.id) ?? 0);
    const limitMm = (shortOfLock ? 0 : Math.max(limit.value, sureOf)) - gives;
    const read = readingSpread(job.vehicle[axle] ?? {}, 'the reading it was placed by', obstacle.gap?.uncertaintyMm);
    return [{
      code: `obstacle:${obstacle.id}`,
      label: obstacleLabel({ label: obstacle.label ?? obstacle.id, side: obstacle.side ?? null, assumed: part.assumed }),
      blocked: bodies.flatMap((body) => blockedOffsets({ path, body, limitMm, within: offsets })),
      plusMinus: combined([read, ...halfWidthSpread(fitted, present)]),
    }];
  });
} // prettier-ignore
