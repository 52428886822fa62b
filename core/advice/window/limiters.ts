import { roomOn } from '#core/job';
import { rungsOf } from '#core/remedy';
import { archGapMm, archRiseMm } from '#core/position';
import { rimRangeIn } from '#core/tire';
import { limitInForce } from '#core/verdict';
import { blockedOffsets, type WindowBody } from '#core/window';
import {
  archGapLimit,
  CHECKS,
  fitPresent,
  type Fitted,
  obstacleLabel,
  obstacleLimit,
  archSpread,
  halfWidthSpread,
  plusMinusOf,
  readingSpread,
  sureMm,
  sureOfSum,
  type CheckCode,
} from '#core/evaluate';
import { allowedReachMm } from '../remedies';
import { solidAt, type RuledTire } from './tireRule';
import { type Limiter, EVERYWHERE, sidesOf } from './limiter';
import { type WindowBase } from './base';
import { lateralLimiters, backspacingLimiters } from './lateral';

/** The bodies of a row at offset 0, and how each moves with the offset: the outer wheel of a pair is turned over. */
const bodiesOf = ({ job, setup, axle }: WindowBase, fitted: Fitted, rimWidthIn: number): WindowBody[] =>
  (solidAt({ job, setup, axle, fitted, rimWidthIn })?.bodies ?? []).map(({ section, centerOut }, index) => ({
    section,
    turn: index === 0 ? -1 : 1,
    atMm: centerOut,
  }));

/**
 * Everything that keeps offsets out of a row, each with the offsets it keeps out: the checks of a setup, turned around.
 * With a stack t the rim centerline stands at t − E; the outer wheel of a dual pair is turned over and goes the other
 * way.
 * @param fitted the row's wheel and tire at offset 0
 * @param eased with what work on the body the brief allows could give
 */
export function limitersOf({
  base,
  fitted,
  ruled,
  rimWidthIn,
  eased,
}: {
  base: WindowBase;
  fitted: Fitted;
  ruled: RuledTire;
  rimWidthIn: number;
  eased: boolean;
}): Limiter[] {
  return [
    ...rowLimiters({ windowBase: base, fitted, ruledTire: ruled, rimWidthIn }),
    ...lateralLimiters(base, fitted, rimWidthIn),
    ...partLimiters({ base, fitted, rimWidthIn, eased }),
    ...backspacingLimiters(base, fitted, rimWidthIn),
  ];
}

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
function rowLimiters({
  windowBase: { job, setup, axle },
  fitted,
  ruledTire: { size },
  rimWidthIn,
}: {
  windowBase: WindowBase;
  fitted: Fitted;
  ruledTire: RuledTire;
  rimWidthIn: number;
}): Limiter[] {
  const present = fitPresent(job.vehicle, axle);
  const { overallDiameterMm: diameter } = fitted;
  const now = present.overallDiameterMm;
  const range = size && rimRangeIn(size);
  const off = diameter === null || now === null ? 0 : 100 * Math.abs(diameter / now - 1);
  const rise = archRiseMm(setup.suspensionChange?.[axle] ?? null);
  const gaps = sidesOf(job, axle).flatMap((side) => {
    const { archGapMm: gap } = roomOn(job.vehicle[axle], side);
    return gap == null || diameter === null || now === null
      ? []
      : [archGapMm({ presentGapMm: gap, diameterMm: diameter, presentDiameterMm: now, suspensionRiseMm: rise })];
  });
  const plusMinus = plusMinusOf(sureOfSum('arch', archSpread(job.vehicle[axle] ?? {}, fitted, present), job));
  const limit = Math.max(archGapLimit(job, axle).value, sureMm(plusMinus, job));
  return [
    ...whole({
      code: 'rim-width',
      label: CHECKS['rim-width'].label,
      kept: !range || (rimWidthIn >= range.least && rimWidthIn <= range.most),
    }),
    ...whole({
      code: 'diameter',
      label: CHECKS.diameter.label,
      kept: off <= limitInForce('diameterPct', job).value + 1e-9,
    }),
    ...whole({ code: 'arch', label: CHECKS.arch.label, kept: gaps.every((gap) => gap >= limit - 1e-9), plusMinus }),
  ];
}

/** Parts around the wheel, each with what it is held to; a part that may give is held to as much less. */
function partLimiters({
  base,
  fitted,
  rimWidthIn,
  eased,
}: {
  base: WindowBase;
  fitted: Fitted;
  rimWidthIn: number;
  eased: boolean;
}): Limiter[] {
  const { job, axle, paths, offsets } = base;
  const radiusMm = fitted.overallDiameterMm === null ? null : fitted.overallDiameterMm / 2;
  const bodies = bodiesOf(base, fitted, rimWidthIn);
  const present = fitPresent(job.vehicle, axle);
  return paths.flatMap(({ part, path, shortOfLock }): Limiter[] => {
    const { obstacle } = part;
    const limit = obstacleLimit({ obstacle, terms: job, axle, placed: part.placed, tireRadiusMm: radiusMm });
    const gives = eased ? allowedReachMm(job, rungsOf(obstacle)) : 0;
    // What can be taken off keeps nothing out.
    if (gives === Infinity) return [];
    const sureOf = limit.rub ? -Infinity : (base.sure.get(obstacle.id) ?? 0);
    const limitMm = (shortOfLock ? 0 : Math.max(limit.value, sureOf)) - gives;
    const read = readingSpread(job.vehicle[axle] ?? {}, 'its reading', obstacle.gap?.uncertaintyMm);
    return [
      {
        code: `obstacle:${obstacle.id}`,
        label: obstacleLabel({
          label: obstacle.label ?? obstacle.id,
          side: obstacle.side ?? null,
          assumed: part.assumed,
        }),
        blocked: bodies.flatMap((body) => blockedOffsets({ path, body, limitMm, within: offsets })),
        plusMinus: plusMinusOf(sureOfSum('obstacle', [read, ...halfWidthSpread(fitted, present)], job)),
      },
    ];
  });
}
