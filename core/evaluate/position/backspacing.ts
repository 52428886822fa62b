import { requiredBackspacing } from '#core/job';
import { backspacingMm } from '#core/wheel';
import { axleCheck, missing } from '../check';
import type { PositionCase } from './case';

/**
 * A lift maker's most backspacing, judged only where the brief gives one; a spacer moves the wheel out by its
 * thickness.
 */
export const backspacing = axleCheck({
  label: 'Backspacing for the lift kit',
  group: 'room',
  kind: 'match',
  unit: 'mm',
  judge({ job, axle, candidate, sheet }: Pick<PositionCase, 'job' | 'axle' | 'candidate' | 'sheet'>) {
    const asked = requiredBackspacing(job.brief, axle);
    if (!asked) return null;
    const { mostMm, convention } = asked;
    const { effectiveOffsetMm, flangeMm, stackMm, wheel } = candidate;
    const { words } = sheet;
    const known = effectiveOffsetMm !== null && wheel.rimWidthIn != null;
    const value = known
      ? backspacingMm({ rimWidthIn: wheel.rimWidthIn!, offsetMm: effectiveOffsetMm, flangeMm, convention })
      : null;
    return {
      value,
      limit: mostMm,
      margin: value === null ? null : mostMm - value,
      verdict: value === null ? 'unknown' : value <= mostMm + 1e-9 ? 'ok' : 'fail',
      lines: () => [
        ...(value === null
          ? missing('rim width, offset and stack are needed')
          : [
              `backspacing ${words.length(value + stackMm!)} (${convention})` +
                ` − stack ${words.figure(stackMm!)} = ${words.length(value)}`,
            ]),
        `the lift kit allows ${words.length(mostMm)} (${convention}), from the brief`,
      ],
    };
  },
});
