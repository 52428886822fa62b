import type { Job, VehicleAxle } from '#core/job';
import { formatNumber, rimFigure, type Words } from '#core/units';
import {
  AXLE_MATCH_PCT,
  axleMatchVerdict,
  clearanceVerdict,
  diameterVerdict,
  fenderVerdict,
  limitInForce,
  outerEndMm,
  rimWidthVerdict,
  type Check,
  type Drive,
  type FaceWish,
  type Limit,
} from '#core/verdict';
import type { Fitted } from './fitted';
import type { AxleFigures, TireReport } from './report';
import type { Sheet } from './sheet';

interface AxleCase {
  job: Job;
  vehicleAxle: VehicleAxle;
  candidate: Fitted;
  sheet: Sheet;
  tire: TireReport;
  words: Words;
}

/** The checks of one axle. */
export function axleChecks(axle: AxleCase): Check[] {
  const { job, sheet, words } = axle;
  return [
    fenderCheck(axle),
    clearanceCheck('inboard', 'Inner gap, at rest', 'inboardGapMm', limitInForce('inboardMm', job.brief), sheet, words),
    clearanceCheck('arch', 'Arch gap, at rest', 'archGapMm', limitInForce('archMm', job.brief), sheet, words),
    rimWidthCheck(axle),
    rimDiameterCheck(axle),
    diameterCheck(axle),
    ...(axle.vehicleAxle.obstacles ?? []).map(({ id, label, limitMm }): Check => ({
      code: `obstacle:${id}`,
      label: label ?? id,
      value: null,
      limit: limitMm ?? null,
      margin: null,
      unit: 'mm',
      verdict: 'unknown',
      probability: null,
      working: ['kept with the job; judging it needs the sweep through steer and travel'],
    })),
  ];
}

/** What is missing for a figure, in words; shown where a value cannot be known. */
const missing = (what: string): string[] => [`not known: ${what}`];

function fenderCheck({ job, sheet, words }: AxleCase): Check {
  const wish: FaceWish = { min: job.brief?.pokeMm?.min ?? null, max: job.brief?.pokeMm?.max ?? null };
  const poke = sheet.figures.pokeMm;
  const outer = outerEndMm(wish);
  const wished =
    wish.max === null
      ? wish.min === null
        ? 'no wish given: not beyond the fender'
        : `wish: ${face(wish.min, words)} or further out, not beyond the fender`
      : `wish: ${wish.min === null ? 'anything' : face(wish.min, words)} to ${face(wish.max, words)}`;
  return {
    code: 'fender',
    label: 'Face against fender',
    value: poke,
    limit: outer,
    margin: poke === null ? null : outer - poke,
    unit: 'mm',
    verdict: fenderVerdict(poke, wish),
    probability: null,
    working: [...(sheet.working.pokeMm ?? missing('wheel, tire and gap to the fender are needed')), wished],
  };
}

const face = (poke: number, words: Words): string =>
  poke === 0 ? 'level' : `${words.length(Math.abs(poke))} ${poke > 0 ? 'proud' : 'tucked'}`;

function clearanceCheck(
  code: 'inboard' | 'arch',
  label: string,
  figure: keyof AxleFigures,
  limit: Limit,
  sheet: Sheet,
  words: Words,
): Check {
  const value = sheet.figures[figure];
  const needed = code === 'inboard' ? 'wheel, tire and inner gap are needed' : 'tire and arch gap are needed';
  return {
    code,
    label,
    value,
    limit: limit.value,
    margin: value === null ? null : value - limit.value,
    unit: 'mm',
    verdict: clearanceVerdict(value, limit.value),
    probability: null,
    working: [...(sheet.working[figure] ?? missing(needed)), limitLine(limit, words.length(limit.value))],
  };
}

const limitLine = (limit: Limit, text: string): string =>
  `limit ${text}, ${limit.origin === 'brief' ? 'from the brief' : "the house's own"}`;

function rimWidthCheck({ candidate, tire, sheet }: AxleCase): Check {
  const width = candidate.wheel.rimWidthIn ?? null;
  const range = candidate.size && { least: tire.rimMinIn!, most: tire.rimMaxIn! };
  const verdict = rimWidthVerdict(width, range);
  const limit = range && width !== null ? (width * 2 < range.least + range.most ? range.least : range.most) : null;
  const fitWord = verdict === 'ok' ? 'within them' : limit === range?.least ? 'narrower: pinched' : 'wider: stretched';
  return {
    code: 'rim-width',
    label: 'Rim width for the tire',
    value: width,
    limit,
    margin: range && width !== null ? Math.min(width - range.least, range.most - width) : null,
    unit: 'in',
    verdict,
    probability: null,
    working:
      range && width !== null
        ? [...sheet.working.rimMinIn!, `${rimFigure(width)} in is ${fitWord}`]
        : missing('rim width and tire size are needed'),
  };
}

function rimDiameterCheck({ candidate }: AxleCase): Check {
  const rim = candidate.wheel.rimDiameterIn ?? null;
  const tire = candidate.size?.rimDiameterIn ?? null;
  const known = rim !== null && tire !== null;
  return {
    code: 'rim-diameter',
    label: 'Tire on this rim',
    value: rim,
    limit: tire,
    margin: known ? -Math.abs(rim - tire) : null,
    unit: 'in',
    verdict: known ? (rim === tire ? 'ok' : 'fail') : 'unknown',
    probability: null,
    working: known
      ? [
          rim === tire
            ? `tire and rim are both ${rimFigure(rim)} in`
            : `a ${rimFigure(tire)} in tire does not go on a ${rimFigure(rim)} in rim`,
        ]
      : missing('rim diameter and tire size are needed'),
  };
}

function diameterCheck({ job, sheet }: AxleCase): Check {
  const limit = limitInForce('diameterPct', job.brief);
  const value = sheet.figures.diameterChangePct;
  return {
    code: 'diameter',
    label: 'Diameter against now',
    value,
    limit: limit.value,
    margin: value === null ? null : limit.value - Math.abs(value),
    unit: '%',
    verdict: diameterVerdict(value, limit.value),
    probability: null,
    working: [
      ...(sheet.working.diameterChangePct ?? missing('the present and the new tire are needed')),
      ...(value !== null && value > 0 ? ['the speedometer now reads lower than before'] : []),
      limitLine(limit, `±${formatNumber(limit.value)} %`),
    ],
  };
}

/** Front against rear diameter: a difference turns the centre differential of a car that drives both axles. */
export function axleMatchCheck(front: number | null, rear: number | null, drive: Drive | null, words: Words): Check {
  const value = front !== null && rear !== null ? 100 * (front / rear - 1) : null;
  const verdict = axleMatchVerdict(value, drive);
  return {
    code: 'axle-match',
    label: 'Front against rear diameter',
    value,
    limit: AXLE_MATCH_PCT.caution,
    margin: value === null ? null : AXLE_MATCH_PCT.caution - Math.abs(value),
    unit: '%',
    verdict,
    probability: null,
    working:
      value === null
        ? missing('both tires are needed')
        : [
            `${words.figure(front!)} / ${words.figure(rear!)} − 1 = ${formatNumber(value, 2, true)} %`,
            drive === null
              ? 'how the car is driven is not known'
              : drive === 'fwd' || drive === 'rwd'
                ? 'one driven axle: a note only'
                : 'both axles driven: care above 0.5 %, no further than 1 % (house defaults)',
          ],
  };
}
