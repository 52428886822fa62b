import { rimFigure } from '#core/units';
import { rimWidthVerdict } from '#core/verdict';
import { axleCheck, shareOf, missing, USED_AT_LIMIT } from '../check';
import type { Fitted } from '../fit';
import type { Sheet } from '../report';

/** Where the ring stands for a width beside the approved ones. */
const USED_BESIDE = 0.9;

/** The rim's width against those the tire is approved for. */
export const rimWidth = axleCheck({
  label: 'Rim width for the tire',
  group: 'tire',
  kind: 'range',
  unit: 'in',
  ring: ({ margin, verdict }) => (verdict === 'ok' ? shareOf(USED_AT_LIMIT / (1 + 2 * margin)) : USED_BESIDE),
  says: {
    margin: ({ margin, value, limit }) =>
      margin === null || margin >= 0 ? null : `${rimFigure(-margin)} in too ${value! > limit! ? 'wide' : 'narrow'}`,
  },
  judge({ candidate, sheet }: { candidate: Fitted; sheet: Sheet }) {
    const width = candidate.wheel.rimWidthIn ?? null;
    const range = candidate.size && { least: sheet.tire.rimMinIn!, most: sheet.tire.rimMaxIn! };
    const verdict = rimWidthVerdict(width, range);
    const known = range !== null && width !== null;
    const nearer = known ? (width * 2 < range.least + range.most ? range.least : range.most) : null;
    return {
      value: width,
      limit: nearer,
      margin: known ? Math.min(width - range.least, range.most - width) : null,
      verdict,
      lines() {
        if (!known) return missing('rim width and tire size are needed');
        const beside = nearer === range.least ? 'narrower: pinched' : 'wider: stretched';
        return [...sheet.lines('rimMinIn')!, `${rimFigure(width)} in is ${verdict === 'ok' ? 'within them' : beside}`];
      },
    };
  },
});

/** The rim's diameter against the tire's. */
export const rimDiameter = axleCheck({
  label: 'Tire on this rim',
  group: 'tire',
  kind: 'match',
  unit: 'in',
  says: {
    limit: ({ limit }) => (limit === null ? null : `tire for ${rimFigure(limit)} in`),
    margin: ({ margin, verdict }) =>
      margin === null ? 'not known yet' : verdict === 'ok' ? 'same diameter' : 'diameters differ',
  },
  judge({ candidate }: { candidate: Fitted }) {
    const rim = candidate.wheel.rimDiameterIn ?? null;
    const tire = candidate.size?.rimDiameterIn ?? null;
    const known = rim !== null && tire !== null;
    return {
      value: rim,
      limit: tire,
      margin: known ? -Math.abs(rim - tire) : null,
      verdict: known ? (rim === tire ? 'ok' : 'fail') : 'unknown',
      lines() {
        if (!known) return missing('rim diameter and tire size are needed');
        return [
          rim === tire
            ? `tire and rim are both ${rimFigure(rim)} in`
            : `a ${rimFigure(tire)} in tire does not go on a ${rimFigure(rim)} in rim`,
        ];
      },
    };
  },
});
