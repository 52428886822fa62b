import { offsetFigure, rimFigure } from '#core/units';
import { DEFAULT_FLANGE_MM, wheelOffsetMm } from '#core/wheel';
import type { Setup, SetupAxle } from './setup';

/** A wheel as the trade names it: `17 × 7.5 +42`. */
export function wheelCode(axle: SetupAxle | undefined, flangeMm: number | null | undefined): string {
  const wheel = axle?.wheel ?? {};
  const rim = [wheel.rimDiameterIn, wheel.rimWidthIn].map((inches) => (inches == null ? '—' : rimFigure(inches)));
  const offset = wheelOffsetMm(wheel, flangeMm ?? DEFAULT_FLANGE_MM);
  return `${rim.join(' × ')} ${offset === null ? '—' : offsetFigure(offset)}`;
}

/** A setup's own name, or its front wheel where it has none. */
export const setupTitle = (setup: Setup, flangeMm: number | null | undefined): string =>
  setup.label || wheelCode(setup.front ?? setup.rear, flangeMm);
