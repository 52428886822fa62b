import { leastDualGapMm } from '#core/dual';
import { roomOn, ruleInForce, wishOf, leftDiffers, type AxleName, type Job, type Setup, type Side } from '#core/job';
import type { Point3 } from '#core/kinematics';
import { ladderOf } from '#core/remedy';
import { archGapMm, archRiseMm, fenderOutMm, innerPartOutMm } from '#core/position';
import { travelRange } from '#core/suspension';
import { rimRangeIn } from '#core/tire';
import { combined } from '#core/uncertainty';
import { houseLimits, limitInForce, outerEndMm } from '#core/verdict';
import { blockedOffsets, partPath, type PartPath, type Span, type WindowBody } from '#core/window';
import { gapLimit } from '../checks';
import { coverOf } from '../coverage';
import { allowedReachMm } from '../remedies/moves';
import { fitPresent, type Fitted } from '../fitted';
import { obstacleLabel } from '../obstacles';
import { obstacleLimit } from '../obstacleLimit';
import { axleParts, type AxlePart } from '../parts';
import { solidOf } from '../solid';
import { allowanceOf } from '../sweeps';
import { archSpread, halfWidthSpread, lateralSpread, readingSpread } from '../spread';
import type { RuledTire } from './tireRule';

/** Something that keeps offsets out of a row of the window. */
export interface Limiter {
  code: string;
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
}

/** Lays out what all rows share: where every part is, in every pose. */
export function windowBase(job: Job, setup: Setup, axle: AxleName, offsets: Span): WindowBase {
  const { parts, resolved } = axleParts(job.vehicle, axle);
  const motion = { geometry: resolved.geometry, change: setup.suspensionChange?.[axle] ?? null };
  const paths = parts.flatMap((part) => {
    if (!part.placed) return [];
    const { rub } = obstacleLimit(part.obstacle, job, part.placed, 0);
    const whole = { part, path: partPath(part.placed, motion), shortOfLock: false };
    return rub?.lockOnly ? [whole, { part, path: partPath(part.placed, motion, true), shortOfLock: true }] : [whole];
  });
  return { job, setup, axle, offsets, paths, missing: missingOf(job, axle) };
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
  return lips.length === 0 || lips.some((points) => coverOf(points, 0, 0).openDeg > 0);
}

const EVERYWHERE: Span = [-Infinity, Infinity];
const above = (mm: number): Span => [mm, Infinity];
const below = (mm: number): Span => [-Infinity, mm];

/** The bodies of a row at offset 0, and how each moves with the offset: the outer wheel of a pair is turned over. */
const bodiesOf = (job: Job, fitted: Fitted): WindowBody[] =>
  (solidOf(fitted, allowanceOf(job.brief))?.bodies ?? []).map(({ section, centreOut }, index) => ({
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
export function limitersOf(base: WindowBase, fitted: Fitted, ruled: RuledTire, rimWidthIn: number, eased: boolean): Limiter[] {
  return [
    ...rowLimiters(base, fitted, ruled, rimWidthIn),
    ...lateralLimiters(base, fitted),
    ...partLimiters(base, fitted, eased),
  ];
} // prettier-ignore

const whole = (code: string, label: string, kept: boolean, plusMinus: number | null = null): Limiter[] =>
  kept ? [] : [{ code, label, blocked: [EVERYWHERE], plusMinus }];

/** What no offset changes: rim, diameter, arch. */
function rowLimiters({ job, setup, axle }: WindowBase, fitted: Fitted, { size }: RuledTire, rimWidthIn: number): Limiter[] {
  const present = fitPresent(job.vehicle, axle);
  const { overallDiameterMm: diameter } = fitted;
  const now = present.overallDiameterMm;
  const range = size && rimRangeIn(size);
  const off = diameter === null || now === null ? 0 : 100 * Math.abs(diameter / now - 1);
  const rise = archRiseMm(setup.suspensionChange?.[axle] ?? null);
  const gaps = sidesOf(job, axle).flatMap((side) => {
    const { archGapMm: gap } = roomOn(job.vehicle[axle], side);
    return gap == null || diameter === null || now === null ? [] : [archGapMm(gap, diameter, now, rise)];
  });
  const limit = gapLimit(job, axle, 'arch').value;
  return [
    ...whole('rim-width', 'Rim width for the tire', !range || (rimWidthIn >= range.least && rimWidthIn <= range.most)),
    ...whole('diameter', 'Diameter against now', off <= limitInForce('diameterPct', job).value + 1e-9),
    ...whole('arch', 'Arch gap, at rest', gaps.every((gap) => gap >= limit - 1e-9), combined(archSpread(job.vehicle[axle] ?? {}, fitted, present))),
  ];
} // prettier-ignore

const sidesOf = (job: Job, axle: AxleName): Side[] => (leftDiffers(job.vehicle[axle]) ? ['right', 'left'] : ['right']);

/** Face against fender, inner gap, cover and the gap between dual tires. */
function lateralLimiters({ job, setup, axle }: WindowBase, fitted: Fitted): Limiter[] {
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
      const plusMinus = combined(lateralSpread(vehicleAxle, 'outboardGapMm', fitted, present));
      found.push({ code: 'fender', label: named('Face against fender'), blocked: [limited(fender + outerEndMm(wish))], plusMinus });
      if (wish.min !== null) {
        const tucked = fender + wish.min;
        const blocked: Span = turn > 0 ? below(tucked - place.outerMm) : above(place.outerMm - tucked);
        found.push({ code: 'fender-in', label: named('Face too far in'), blocked: [blocked], plusMinus });
      }
    }
    if (inboardGapMm != null) {
      const part = innerPartOutMm(present.place, inboardGapMm) + gapLimit(job, axle, 'inboard').value;
      const plusMinus = combined(lateralSpread(vehicleAxle, 'inboardGapMm', fitted, present));
      found.push({ code: 'inboard', label: named('Inner gap, at rest'), blocked: [above(place.innerMm - part)], plusMinus });
    }
  }
  return [...found, ...coverLimiters(job, setup, axle, limited, fenders), ...dualLimiters(job, fitted)];
} // prettier-ignore

/** Cover by every lip that has a shape; where none has, by the gap to the fender, as the check itself takes it. */
function coverLimiters(
  job: Job,
  setup: Setup,
  axle: AxleName,
  limited: (out: number) => Span,
  fenders: readonly number[],
): Limiter[] {
  if (ruleInForce('cover', job) === 'none') return [];
  const { restShiftMm } = travelRange({ bumpMm: 0, droopMm: 0 }, setup.suspensionChange?.[axle] ?? null);
  const lips = shapedLips(job, axle).flatMap((points) => coverOf(points, 0, restShiftMm).leastMm ?? []);
  return (lips.length > 0 ? lips : fenders).map((out): Limiter => ({
    code: 'coverage',
    label: 'Cover of the wheel',
    blocked: [limited(out)],
    plusMinus: null,
  }));
}

const shapedLips = (job: Job, axle: AxleName): Point3[][] =>
  axleParts(job.vehicle, axle).parts.flatMap(({ obstacle }) =>
    obstacle.kind === 'fender-lip' && obstacle.points ? [obstacle.points] : [],
  );

function dualLimiters(job: Job, { dual, sectionWidthMm, tire }: Fitted): Limiter[] {
  if (dual?.gapMm == null || sectionWidthMm === null) return [];
  const least = leastDualGapMm(tire.minDualSpacingMm ?? null, sectionWidthMm, houseLimits(job.house).dualGapMm).mm;
  // A millimetre of offset spreads the pair by two.
  return [{ code: 'dual', label: 'Between dual tires', blocked: [below((least - dual.gapMm) / 2)], plusMinus: null }];
}

/** Parts around the wheel, each with what it is held to; a part that may give is held to as much less. */
function partLimiters({ job, axle, paths, offsets }: WindowBase, fitted: Fitted, eased: boolean): Limiter[] {
  const radiusMm = fitted.overallDiameterMm === null ? null : fitted.overallDiameterMm / 2;
  const bodies = bodiesOf(job, fitted);
  const present = fitPresent(job.vehicle, axle);
  return paths.map(({ part, path, shortOfLock }): Limiter => {
    const { obstacle } = part;
    const limit = obstacleLimit(obstacle, job, part.placed, radiusMm);
    const gives = eased ? allowedReachMm(job, ladderOf(obstacle)) : 0;
    const limitMm = (shortOfLock ? 0 : limit.value) - gives;
    const read = readingSpread(job.vehicle[axle] ?? {}, 'the reading it was placed by', obstacle.gap?.uncertaintyMm);
    return {
      code: `obstacle:${obstacle.id}`,
      label: obstacleLabel({ label: obstacle.label ?? obstacle.id, side: obstacle.side ?? null, assumed: part.assumed }),
      blocked: bodies.flatMap((body) => blockedOffsets(path, body, limitMm, offsets)),
      plusMinus: combined([read, ...halfWidthSpread(fitted, present)]),
    };
  });
} // prettier-ignore
