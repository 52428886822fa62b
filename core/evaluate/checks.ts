import { winterOn, wishOf, type AxleName, type Job } from '#core/job';
import { formatNumber, rimFigure, type Words } from '#core/units';
import {
  axleMatchCarePct,
  axleMatchVerdict,
  clearanceVerdict,
  diameterVerdict,
  fenderVerdict,
  limitInForce,
  outerEndMm,
  rimWidthVerdict,
  withWinter,
  type Check,
  type Drive,
  type FaceWish,
  type Limit,
  type Verdict,
  worstVerdict,
} from '#core/verdict';
import type { Fitted } from './fitted';
import { Judged } from './judged';
import { limitLine, originText } from './limitLine';
import type { Sheet } from './sheet';

interface AxleCase {
  job: Job;
  axle: AxleName;
  candidate: Fitted;
  sheet: Sheet;
  /** The figures of the left side where it was read for itself. */
  left: Sheet | null;
}

/** The side that is worse off, by verdict and then by the room it has left, with its name where the two were read apart. */
function worseSide(
  { sheet, left }: AxleCase,
  judge: (figures: Sheet) => Verdict,
  roomOf: (figures: Sheet) => number | null,
): { figures: Sheet; side: string } {
  if (!left) return { figures: sheet, side: '' };
  const [right, other] = [judge(sheet), judge(left)];
  const less = (roomOf(left) ?? Infinity) < (roomOf(sheet) ?? Infinity);
  const leftHolds = right === other ? less : worstVerdict([right, other]) === other;
  return leftHolds ? { figures: left, side: ', left' } : { figures: sheet, side: ', right' };
}

/** The checks of one axle. */
export function axleChecks(one: AxleCase): Check[] {
  return [
    fenderCheck(one),
    gapCheck(one, 'inboard', 'Inner gap, at rest', 'inboardGapMm', gapLimit(one.job, one.axle, 'inboard')),
    gapCheck(one, 'arch', 'Arch gap, at rest', 'archGapMm', gapLimit(one.job, one.axle, 'arch')),
    rimWidthCheck(one),
    rimDiameterCheck(one),
    diameterCheck(one),
  ];
}

/** The limit of a gap at rest; no less than what winter traction needs there. */
export const gapLimit = (job: Job, axle: AxleName, gap: 'inboard' | 'arch'): Limit =>
  gap === 'inboard'
    ? withWinter(limitInForce('inboardMm', job), winterOn(axle, job), 'side')
    : withWinter(limitInForce('archMm', job), winterOn(axle, job), 'tread');

/** What is missing for a figure, in words; shown where a value cannot be known. */
const missing = (what: string): string[] => [`not known: ${what}`];

function fenderCheck(one: AxleCase): Check {
  const { job, axle, sheet } = one;
  const wish = wishOf(job.brief, axle);
  const { figures, side } = worseSide(
    one,
    ({ pokeMm }) => fenderVerdict(pokeMm, wish),
    ({ pokeMm }) => (pokeMm === null ? null : -pokeMm),
  );
  const poke = figures.pokeMm;
  const outer = outerEndMm(wish);
  return new Judged(
    {
      code: 'fender',
      label: `Face against fender${side}`,
      axle,
      value: poke,
      limit: outer,
      margin: poke === null ? null : outer - poke,
      unit: 'mm',
      verdict: fenderVerdict(poke, wish),
    },
    () => [
      ...(figures.lines('pokeMm') ?? missing('wheel, tire and gap to the fender are needed')),
      wishLine(wish, sheet.words),
    ],
    figures.spreadOf('pokeMm', false),
  );
}

function wishLine({ min, max }: FaceWish, words: Words): string {
  if (max !== null) return `wish: ${min === null ? 'anything' : face(min, words)} to ${face(max, words)}`;
  if (min === null) return 'no wish given: not beyond the fender';
  return `wish: ${face(min, words)} or further out, not beyond the fender`;
}

const face = (poke: number, words: Words): string =>
  poke === 0 ? 'level' : `${words.length(Math.abs(poke))} ${poke > 0 ? 'proud' : 'tucked'}`;

function gapCheck(
  one: AxleCase,
  code: 'inboard' | 'arch',
  label: string,
  figure: 'inboardGapMm' | 'archGapMm',
  limit: Limit,
): Check {
  const { axle, sheet } = one;
  const { figures, side } = worseSide(
    one,
    (on) => clearanceVerdict(on[figure], limit.value),
    (on) => on[figure],
  );
  const value = figures[figure];
  return new Judged(
    {
      code,
      label: `${label}${side}`,
      axle,
      value,
      limit: limit.value,
      margin: value === null ? null : value - limit.value,
      unit: 'mm',
      verdict: clearanceVerdict(value, limit.value),
    },
    () => [
      ...(figures.lines(figure) ??
        missing(code === 'inboard' ? 'wheel, tire and inner gap are needed' : 'tire and arch gap are needed')),
      limitLine(limit, sheet.words.length(limit.value)),
    ],
    figures.spreadOf(figure, true),
  );
}

function rimWidthCheck({ axle, candidate, sheet }: AxleCase): Check {
  const width = candidate.wheel.rimWidthIn ?? null;
  const range = candidate.size && { least: sheet.tire.rimMinIn!, most: sheet.tire.rimMaxIn! };
  const verdict = rimWidthVerdict(width, range);
  const known = range !== null && width !== null;
  const nearer = known ? (width * 2 < range.least + range.most ? range.least : range.most) : null;
  return new Judged(
    {
      code: 'rim-width',
      label: 'Rim width for the tire',
      axle,
      value: width,
      limit: nearer,
      margin: known ? Math.min(width - range.least, range.most - width) : null,
      unit: 'in',
      verdict,
    },
    () => {
      if (!known) return missing('rim width and tire size are needed');
      const how = verdict === 'ok' ? 'within them' : nearer === range.least ? 'narrower: pinched' : 'wider: stretched';
      return [...sheet.lines('rimMinIn')!, `${rimFigure(width)} in is ${how}`];
    },
  );
}

function rimDiameterCheck({ axle, candidate }: AxleCase): Check {
  const rim = candidate.wheel.rimDiameterIn ?? null;
  const tire = candidate.size?.rimDiameterIn ?? null;
  const known = rim !== null && tire !== null;
  return new Judged(
    {
      code: 'rim-diameter',
      label: 'Tire on this rim',
      axle,
      value: rim,
      limit: tire,
      margin: known ? -Math.abs(rim - tire) : null,
      unit: 'in',
      verdict: known ? (rim === tire ? 'ok' : 'fail') : 'unknown',
    },
    () => {
      if (!known) return missing('rim diameter and tire size are needed');
      return [
        rim === tire
          ? `tire and rim are both ${rimFigure(rim)} in`
          : `a ${rimFigure(tire)} in tire does not go on a ${rimFigure(rim)} in rim`,
      ];
    },
  );
}

function diameterCheck({ job, axle, sheet }: AxleCase): Check {
  const limit = limitInForce('diameterPct', job);
  const value = sheet.diameterChangePct;
  return new Judged(
    {
      code: 'diameter',
      label: 'Diameter against now',
      axle,
      value,
      limit: limit.value,
      margin: value === null ? null : limit.value - Math.abs(value),
      unit: '%',
      verdict: diameterVerdict(value, limit.value),
    },
    () => [
      ...(sheet.lines('diameterChangePct') ?? missing('the present and the new tire are needed')),
      ...(value !== null && value > 0 ? ['the speedometer now reads lower than before'] : []),
      limitLine(limit, `±${formatNumber(limit.value)} %`),
    ],
  );
}

/** Front against rear diameter: a difference works the centre differential of a car that drives both axles. */
export function axleMatchCheck(
  front: number | null,
  rear: number | null,
  drive: Drive | null,
  limit: Limit,
  words: Words,
): Check {
  const value = front !== null && rear !== null ? 100 * (front / rear - 1) : null;
  const care = axleMatchCarePct(limit.value);
  return new Judged(
    {
      code: 'axle-match',
      label: 'Front against rear diameter',
      axle: null,
      value,
      limit: care,
      margin: value === null ? null : care - Math.abs(value),
      unit: '%',
      verdict: axleMatchVerdict(value, drive, limit.value),
    },
    () => {
      if (value === null) return missing('both tires are needed');
      return [
        `${words.figure(front!)} / ${words.figure(rear!)} − 1 = ${formatNumber(value, 2, true)} %`,
        drive === null ? 'how the car is driven is not known' : DRIVEN[drive],
        ...(drive === 'awd' || drive === '4wd'
          ? [`care above ${formatNumber(care)} %, no further than ${formatNumber(limit.value)} %, ${originText(limit)}`]
          : []),
      ];
    },
  );
}

/** What a difference means by how a car is driven. */
const DRIVEN: Record<Drive, string> = {
  fwd: 'one driven axle: a note only',
  rwd: 'one driven axle: a note only',
  awd: 'both axles always driven: the centre differential or coupling works all the time',
  '4wd': 'both axles locked together when engaged: the drive winds up on grip',
};
