import { requiredBackspacing, winterOn, wishOf, type AxleName, type Job, type Vehicle } from '#core/job';
import { USUAL_GEOMETRY } from '#core/suspension';
import { formatNumber, rimFigure, type Words } from '#core/units';
import {
  AXLE_MATCH_TWO_DRIVEN_PCT,
  axleMatchCarePct,
  axleMatchVerdict,
  clearanceVerdict,
  diameterVerdict,
  drivesBoth,
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
import { backspacingMm } from '#core/wheel';
import type { Fitted } from './fitted';
import { Judged } from './judged';
import { limitLine, originText } from './limitLine';
import { axleParts } from './parts';
import type { Sheet } from './sheet';
import { contactLimit, surely } from './sure/contact';

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
    ...backspacingCheck(one),
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
    figures.spreadOf('pokeMm', null),
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
  const { axle, sheet, job } = one;
  const open = code === 'arch' ? travelOpen(one) : null;
  const judge = (on: Sheet): Verdict => {
    const verdict = surely(clearanceVerdict(on[figure], limit.value), on[figure], on.sureOf(figure), job);
    return verdict === 'ok' && open?.(on) ? 'unknown' : verdict;
  };
  const { figures, side } = worseSide(one, judge, (on) => on[figure]);
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
      verdict: judge(figures),
    },
    () => [
      ...(figures.lines(figure) ??
        missing(code === 'inboard' ? 'wheel, tire and inner gap are needed' : 'tire and arch gap are needed')),
      limitLine(limit, sheet.words.length(limit.value)),
      ...(open?.(figures)
        ? [
            `how far the wheel comes up is not known: some ${sheet.words.length(usualBumpMm(one))} of bump travel is usual, and the tire does not pass ${sheet.words.length(PASSES_INSIDE_MM)} inside the lip`,
            'say how the wheel is sprung, at Room',
          ]
        : []),
    ],
    figures.spreadOf(figure, contactLimit(job)),
  );
}

/** A tire so far inside the lip goes past it, however far the wheel comes up, mm (common practice, no source). */
const PASSES_INSIDE_MM = 10;

const usualBumpMm = ({ job, axle }: AxleCase): number =>
  job.vehicle[axle]?.suspension?.bumpMm ?? USUAL_GEOMETRY.strut.bumpMm;

/**
 * Whether a gap at rest says too little, for nobody knows how far the wheel comes up: unless it takes the usual bump travel, or the tire goes
 * past inside the lip. Null where the travel is known: then the sweep of the lip says it.
 */
function travelOpen(one: AxleCase): ((on: Sheet) => boolean) | null {
  if (axleParts(one.job.vehicle, one.axle).resolved.geometry) return null;
  return ({ archGapMm, pokeMm }) =>
    (archGapMm ?? 0) < usualBumpMm(one) && !(pokeMm !== null && pokeMm <= -PASSES_INSIDE_MM);
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

export const BACKSPACING_LABEL = 'Backspacing the lift asks for';

/** A lift maker's most backspacing, judged only where the brief gives one; a spacer moves the wheel out by its thickness. */
function backspacingCheck({ job, axle, candidate, sheet }: AxleCase): Check[] {
  const asked = requiredBackspacing(job.brief, axle);
  if (!asked) return [];
  const { effectiveOffsetMm, flangeMm, stackMm, wheel } = candidate;
  const { words } = sheet;
  const known = effectiveOffsetMm !== null && wheel.rimWidthIn != null;
  const value = known ? backspacingMm(wheel.rimWidthIn!, effectiveOffsetMm, flangeMm, asked.convention) : null;
  return [
    new Judged(
      {
        code: 'backspacing',
        label: BACKSPACING_LABEL,
        axle,
        value,
        limit: asked.mostMm,
        margin: value === null ? null : asked.mostMm - value,
        unit: 'mm',
        verdict: value === null ? 'unknown' : value <= asked.mostMm + 1e-9 ? 'ok' : 'fail',
      },
      () => [
        ...(value === null
          ? missing('rim width, offset and stack are needed')
          : [`backspacing ${words.length(value + stackMm!)} (${asked.convention}) − stack ${words.figure(stackMm!)} = ${words.length(value)}`]),
        `the lift maker allows ${words.length(asked.mostMm)} (${asked.convention}), from the brief`,
      ], // prettier-ignore
    ),
  ];
}

type Pair = Record<'front' | 'rear', number | null>;
const ratioOf = ({ front, rear }: Pair): number | null => (front === null || rear === null ? null : front / rear);

/**
 * What the tires do to the car's own ratio of front to rear diameter: a maker's staggered sizes are right as they are. A change works the
 * center differential of a car that drives both axles, and the wheel speeds that brake and stability control compare.
 */
export function axleMatchCheck(next: Pair, now: Pair, vehicle: Vehicle, limit: Limit, words: Words): Check {
  const [ratio, own] = [ratioOf(next), ratioOf(now)];
  const drive = vehicle.drive ?? null;
  const stabilityControl = vehicle.stabilityControl ?? true;
  const value = ratio === null || own === null ? null : 100 * (ratio / own - 1);
  const both = drivesBoth(drive);
  const care = both || drive === null ? axleMatchCarePct(limit.value) : AXLE_MATCH_TWO_DRIVEN_PCT;
  return new Judged(
    {
      code: 'axle-match',
      label: 'Front to rear diameter',
      axle: null,
      value,
      limit: care,
      margin: value === null ? null : care - Math.abs(value),
      unit: '%',
      verdict: axleMatchVerdict(value, limit.value, { drive, stabilityControl }),
    },
    () => {
      if (ratio === null) return missing('both tires are needed');
      if (own === null) return missing("the car's own ratio: the tires on it now, front and rear, are needed");
      return [
        `new ${words.figure(next.front!)} / ${words.figure(next.rear!)} = ${formatNumber(ratio, 4)}; now ${words.figure(now.front!)} / ${words.figure(now.rear!)} = ${formatNumber(own, 4)}`,
        `${formatNumber(ratio, 4)} / ${formatNumber(own, 4)} − 1 = ${formatNumber(value!, 2, true)} %`,
        drive === null ? 'how the car is driven is not known' : DRIVEN[drive],
        ...(both ? [`care above ${formatNumber(care)} %, no further than ${formatNumber(limit.value)} %, ${originText(limit)}`] : []),
        ...(both || drive === null ? [] : [twoDriven(vehicle.stabilityControl)]),
      ]; // prettier-ignore
    },
  );
}

const twoDriven = (stabilityControl: boolean | undefined): string =>
  stabilityControl === false
    ? 'the car has no stability control: a note only'
    : `care above ${AXLE_MATCH_TWO_DRIVEN_PCT} %: brake and stability control compare wheel speeds${stabilityControl === undefined ? ' (that the car has it is assumed)' : ''}`;

/** What a difference means by how a car is driven. */
const DRIVEN: Record<Drive, string> = {
  fwd: 'front wheels driven: no differential between the axles',
  rwd: 'rear wheels driven: no differential between the axles',
  awd: 'both axles always driven: the center differential or coupling works all the time',
  '4wd': 'both axles locked together when engaged: the drive winds up on grip',
};
