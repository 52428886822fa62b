import type { SetupOnAxle } from '#core/job';
import { stackThicknessMm } from '#core/stack';
import { DEFAULT_FLANGE_MM, wheelOffsetMm } from '#core/wheel';
import type { TireRule } from './tireRule';
import type { WindowAsk } from './window';

/** How far to either side of a wheel's offset a window looks, mm, and over how many widths. */
const REACH_MM = 60;
const WIDTHS = 15;
const NARROWEST_IN = 3;
const BELOW_IN = 2.5;

/** The step of rim widths, in. */
export const WIDTH_STEP_IN = 0.5;

/** The offset of a setup's wheel as the window shows it: with the stack that stands under the wheels of the window. */
export function shownOffsetMm({
  job,
  setup,
  axle,
  windowStackMm,
}: SetupOnAxle & { windowStackMm: number }): number | null {
  const { wheel, stack } = setup[axle] ?? {};
  const offset = wheel ? wheelOffsetMm(wheel, job.vehicle.flangeMm ?? DEFAULT_FLANGE_MM) : null;
  const stackMm = stackThicknessMm(stack ?? []);
  return offset === null || stackMm === null ? null : offset - stackMm + windowStackMm;
}

/**
 * What a window is asked over: half-inch widths around the raised wheel's, and offsets around its own. Null without rim
 * and offset.
 */
export function windowAround({ job, setup, axle, rule }: SetupOnAxle & { rule: TireRule }): WindowAsk | null {
  const { wheel, stack } = setup[axle] ?? {};
  const stackMm = stackThicknessMm(stack ?? []);
  const offset = stackMm === null ? null : shownOffsetMm({ job, setup, axle, windowStackMm: stackMm });
  if (wheel?.rimWidthIn == null || wheel.rimDiameterIn == null || offset === null) return null;
  const first = Math.max(NARROWEST_IN, Math.floor((wheel.rimWidthIn - BELOW_IN) / WIDTH_STEP_IN) * WIDTH_STEP_IN);
  // Round, so that a nudge of a millimeter does not move the paper under the points.
  const middle = Math.round(offset / 10) * 10;
  return {
    rule,
    rimWidthsIn: Array.from({ length: WIDTHS }, (_, n) => first + n * WIDTH_STEP_IN),
    offsetsMm: [middle - REACH_MM, middle + REACH_MM],
  };
}
