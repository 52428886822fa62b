import type { AxleName, Job, Setup, SetupOnAxle } from '#core/job';
import { needPerWheelKg } from '#core/load';
import {
  measuringRimIn,
  overallDiameterMm,
  readTireSize,
  rimRangeIn,
  rimSeatDiameterMm,
  sectionWidthOnRimMm,
  standardSizes,
  tireSizeName,
  treadWidthMm,
  type TireSize,
  type Tire,
} from '#core/tire';
import { mmFromInches } from '#core/units';
import type { SweptSolid } from '#core/sweep';
import { limitInForce } from '#core/verdict';
import { fitCandidate, fitPresent, type Fitted, insideOf, solidOf, allowanceOf } from '#core/evaluate';
import { loadOf } from '../sizesThatDo';

/**
 * Tire on other rim widths: the setup's own; one of the same diameter made for that rim; or the best
 * standard size.
 */
export type TireRule = 'fixed' | 'same-diameter' | 'best-standard';

/** The tire for a rim, with its name; null where the rule finds none. */
export interface RuledTire {
  tire: Tire;
  name: string;
  size: TireSize | null;
}

/**
 * The tire that a rule puts on a rim of so many inches. Whatever was measured of the setup's own tire goes along with
 * its rim.
 */
export function tireFor({
  job,
  setup,
  axle,
  rule,
  rimWidthIn,
}: SetupOnAxle & { rule: TireRule; rimWidthIn: number }): RuledTire | null {
  const { wheel, tire } = setup[axle] ?? {};
  if (rule === 'fixed') {
    if (!tire?.size && tire?.sectionWidthMm == null) return null;
    const testRim =
      tire.sectionWidthMm != null && tire.testRimIn == null ? { testRimIn: wheel?.rimWidthIn ?? null } : {};
    return {
      tire: { ...tire, ...testRim },
      name: tire.size ?? 'as measured',
      size: tire.size ? readTireSize(tire.size) : null,
    };
  }
  const rimDiameterIn = wheel?.rimDiameterIn;
  if (rimDiameterIn == null) return null;
  const wanted = fitPresent(job.vehicle, axle).overallDiameterMm;
  if (wanted === null) return null;
  return rule === 'same-diameter'
    ? sameDiameter(wanted, rimDiameterIn, rimWidthIn)
    : bestStandard({ job, axle, wantedMm: wanted, rimDiameterIn, rimWidthIn });
}

/** A metric size of which nothing but its dimensions is said. */
const UNMARKED = {
  system: 'metric',
  prefix: null,
  labelDiameterMm: null,
  construction: 'R',
  loadIndex: null,
  loadIndexDual: null,
  speed: null,
  loadRange: null,
  marks: [],
} as const;

/**
 * Share of the section that the measuring rim is, at the aspect ratio in the middle of each class of measuringRimIn.
 * Between them it is read off the straight line (common practice, no source): a tire for every rim, and none that is
 * wider than the one for a wider rim.
 */
const SHARES = [
  [60, 0.75],
  [52.5, 0.8],
  [45, 0.85],
  [35, 0.9],
  [25, 0.92],
] as const;

function shareAt(aspectRatio: number): number {
  const after = SHARES.findIndex(([aspect]) => aspect <= aspectRatio);
  if (after < 0) return SHARES.at(-1)![1];
  const [lower, share] = SHARES[after]!;
  if (after === 0) return share;
  const [upper, least] = SHARES[after - 1]!;
  return share + ((least - share) * (aspectRatio - lower)) / (upper - lower);
}

/**
 * A tire of a given diameter as it would be made for this rim: the nominal section SN of which the rim is the share
 * that belongs to the aspect ratio coming of it; found by halving, as the share grows with SN. Other dimensions as for
 * any size. No such size need be sold.
 */
function sameDiameter(diameterMm: number, rimDiameterIn: number, rimWidthIn: number): RuledTire | null {
  const height = (diameterMm - rimSeatDiameterMm(rimDiameterIn)) / 2;
  if (height <= 0) return null;
  const rimWidthMm = mmFromInches(rimWidthIn);
  let [low, high] = [rimWidthMm / SHARES.at(-1)![1], rimWidthMm / SHARES[0][1]];
  while (high - low > 0.01) {
    const middle = (low + high) / 2;
    if (middle * shareAt((100 * height) / middle) < rimWidthMm) low = middle;
    else high = middle;
  }
  const size: TireSize = { ...UNMARKED, nominalWidthMm: low, aspectRatio: (100 * height) / low, rimDiameterIn };
  return {
    tire: {
      sectionWidthMm: sectionWidthOnRimMm(size, rimWidthIn),
      overallDiameterMm: diameterMm,
      treadWidthMm: treadWidthMm(size),
    },
    name: `${Math.round(low)} wide, same diameter`,
    size,
  };
}

/**
 * The standard size for a rim that is nearest to the present diameter: within its approved rims and the limit for the
 * diameter, carrying the axle.
 */
function bestStandard({
  job,
  axle,
  wantedMm,
  rimDiameterIn,
  rimWidthIn,
}: {
  job: Job;
  axle: AxleName;
  wantedMm: number;
  rimDiameterIn: number;
  rimWidthIn: number;
}): RuledTire | null {
  const most = limitInForce('diameterPct', job).value;
  const { axleRatingKg, dual = false } = job.vehicle[axle] ?? {};
  const needKg = axleRatingKg == null ? null : needPerWheelKg(axleRatingKg, dual);
  const carries = (size: TireSize): boolean => loadOf({ job, axle, size, needKg }) !== 'too-little';
  const off = (size: TireSize): number => Math.abs(100 * (overallDiameterMm(size) / wantedMm - 1));
  // Among sizes of one diameter the one whose measuring rim is nearest.
  const best = standardSizes(rimDiameterIn)
    .filter((size) => {
      const { least, most: widest } = rimRangeIn(size);
      return rimWidthIn >= least && rimWidthIn <= widest && off(size) <= most && carries(size);
    })
    .sort(
      (one, other) =>
        off(one) - off(other) ||
        Math.abs(measuringRimIn(one) - rimWidthIn) - Math.abs(measuringRimIn(other) - rimWidthIn),
    )[0];
  return best ? { tire: { size: tireSizeName(best) }, name: tireSizeName(best), size: best } : null;
}

/** What the wheel at a place of the window is: of the setup, with another width, offset and tire. */
export function setupAt({
  setup,
  axle,
  at,
  tire,
}: {
  setup: Setup;
  axle: AxleName;
  at: { rimWidthIn: number; offsetMm: number };
  tire: Tire;
}): Setup {
  const { backspacingMm: _, backspacingConvention: __, innerFace: ___, ...wheel } = setup[axle]?.wheel ?? {};
  return { ...setup, [axle]: { ...setup[axle], wheel: { ...wheel, ...at }, tire } };
}

/** The candidate of a row, put together at offset 0. */
export const fittedAt = ({
  job,
  setup,
  axle,
  rimWidthIn,
  tire,
  offsetMm = 0,
}: SetupOnAxle & { rimWidthIn: number; tire: Tire; offsetMm?: number | undefined }) =>
  fitCandidate(job.vehicle, axle, setupAt({ setup, axle, at: { rimWidthIn, offsetMm }, tire })[axle]);

/**
 * The wheel of a row as what stands inside it meets it, at offset 0: the inside of the setup's own wheel moves along
 * with it; a wheel of another width has that of its family, at the offset the setup has. What the wheel of another
 * offset really has inside is not known.
 */
export function solidAt({
  job,
  setup,
  axle,
  fitted,
  rimWidthIn,
}: SetupOnAxle & { fitted: Fitted; rimWidthIn: number }): SweptSolid | null {
  const own = fitCandidate(job.vehicle, axle, setup[axle]);
  const face =
    own.wheel.rimWidthIn === rimWidthIn ? insideOf(own) : insideOf(fitted, { offsetMm: own.offsetMm ?? undefined });
  return solidOf(fitted, allowanceOf(job.brief), { given: face });
}
