import { ruleInForce, type VehicleAxle } from '#core/job';
import type { Contribution } from '#core/uncertainty';
import type { Words } from '#core/units';
import { COVER_ARC_DEG, type Verdict } from '#core/verdict';
import { axleCheck, type VerdictWords } from '../check';
import type { Fitted } from '../fit';
import type { AxleParts } from '../parts';
import { halfWidth, lateralSpread, readingSpread, sureOfSum } from '../spread';
import type { PositionCase } from './case';
import { axleCover, type Cover } from './cover';

function coverVerdict(cover: Cover | null): Verdict {
  if (cover?.leastMm == null) return 'unknown';
  if (cover.leastMm < 0) return 'fail';
  return cover.openDeg > 0 ? 'unknown' : 'ok';
}

/** What a cover rests on: the lip, or the present tuck it is taken from, and the half widths of the tires. */
function coverSpread({
  axle,
  cover,
  candidate,
  present,
}: {
  axle: VehicleAxle;
  cover: Cover | null;
  candidate: Fitted;
  present: Fitted;
}): Contribution[] {
  if (!cover?.measured) return lateralSpread({ axle, key: 'outboardGapMm', candidate, present });
  return [readingSpread(axle, 'the place of the lip'), ...halfWidth(candidate, 'new')];
}

const COVERS: VerdictWords = { ok: 'covered', caution: 'with care', fail: 'not covered', unknown: 'not measured' };

type CoverCase = PositionCase & { parts: AxleParts };

/** Whether the fender covers the wheel; judged only where brief or shop asks for it. */
export const coverage = axleCheck({
  label: 'Tire coverage',
  group: 'room',
  kind: 'clearance',
  unit: 'mm',
  words: COVERS,
  work: 'room',
  says: {
    margin: ({ margin, verdict }, words) =>
      margin === null || margin === 0
        ? null
        : `${words.length(Math.abs(margin))} ${verdict === 'fail' ? 'uncovered' : 'to spare'}`,
  },
  judge({ job, vehicleAxle, candidate, present, change, sheet, left, parts }: CoverCase) {
    if (ruleInForce('cover', job) === 'none') return null;
    const { words } = sheet;
    const pokes = [sheet, left].flatMap((side) => side?.pokeMm ?? []);
    const cover = axleCover({
      axleParts: parts,
      candidate,
      change,
      pokeMm: pokes.length > 0 ? Math.max(...pokes) : null,
    });
    const value = cover?.leastMm ?? null;
    return {
      value,
      limit: 0,
      margin: value,
      verdict: coverVerdict(cover),
      lines: () => coverLines(cover, words),
      spread: {
        sure: () => sureOfSum('poke', coverSpread({ axle: vehicleAxle, cover, candidate, present }), job),
        mostTouch: null,
        words,
      },
    };
  },
});

function coverLines(cover: Cover | null, words: Words): string[] {
  const { ahead, behind } = COVER_ARC_DEG;
  return [
    `required: the full width from ${ahead}° ahead to ${behind}° behind, (EU) 1009/2010 from memory`,
    ...(cover?.leastMm == null
      ? ["not known: the fender's lip, or wheel and tire"]
      : [
          `least ${placeText(cover.atDeg!)}: the lip stands ${words.length(Math.abs(cover.leastMm))}` +
            ` ${cover.leastMm < 0 ? 'further in than' : 'outside'} the wheel`,
          ...(cover.openDeg > 0 ? [`${cover.openDeg}° of the arc were not measured`] : []),
          ...(cover.assumed ? ['the lip is not measured along its length: assumed level with its middle'] : []),
        ]),
    'coverage is regulated differently in every place: check your local code',
  ];
}

const placeText = (deg: number): string =>
  deg === 0 ? 'at the top' : `${Math.abs(deg)}° ${deg > 0 ? 'ahead' : 'behind'}`;
