import { ruleInForce } from '#core/job';
import { spacerVerdict, stackThicknessMm } from '#core/stack';
import { offsetFigure } from '#core/units';
import { axleCheck } from '../check';
import { NO_MARGIN, type HardwareCase } from './case';

/** Anything between hub and wheel against what the brief says of it; judged only where it would rather have none. */
export const spacers = axleCheck({
  label: 'Spacers, by the brief',
  group: 'hub',
  kind: 'match',
  unit: 'mm',
  words: { ok: 'as briefed', caution: 'not preferred', fail: 'not wanted', unknown: 'not known' },
  work: 'held',
  says: {
    limit: () => 'the whole stack',
    margin: ({ verdict }) =>
      verdict === 'fail' || verdict === 'caution' ? 'a wheel of the right offset does it' : null,
  },
  judge({ job, clamped: { stack, wheel }, sheet: { words } }: HardwareCase) {
    const rule = ruleInForce('spacers', job);
    const stackMm = stackThicknessMm(stack ?? []);
    if (rule === 'accepted' || stackMm === 0) return null;
    return {
      value: stackMm,
      ...NO_MARGIN,
      verdict: spacerVerdict(stackMm, rule),
      lines: () => [
        rule === 'never' ? 'the brief allows none' : 'the brief prefers a wheel of the right offset',
        ...(stackMm !== null && wheel?.offsetMm != null
          ? [
              `${offsetFigure(wheel.offsetMm)} − ${words.number(stackMm)} =` +
                ` ${offsetFigure(wheel.offsetMm - stackMm)} mm:` +
                ' a wheel of that offset sits the same without',
            ]
          : []),
      ],
    };
  },
});
