import { placesServed, type Mounted } from '#core/dual';
import { threadOrNull } from '#core/fastener';
import { wholePattern, patternName } from '#core/hub';
import { AXLES, type AxleName, type Setup, type SpareChoice, type Vehicle } from '#core/job';
import { extentMm } from '#core/position';
import { tireOutline } from '#core/section';
import { clampHeightMm, extensionFor, longerByMm, WELL_MM, wellFit } from '#core/spare';
import { formatNumber, type Words } from '#core/units';
import { worstVerdict, type Check, type Drive, type Verdict } from '#core/verdict';
import { fit, sectionOfFitted, type Fitted } from './fitted';
import { Judged } from './judged';
import type { SpareReport } from './report';

type BothAxles = Record<AxleName, Fitted>;

/** How far a spare may differ in diameter from the other wheel of a driven axle, %: care and no further (common practice, no source). */
export const SPARE_PCT = { caution: 1, fail: 3 } as const;

/** What a wheel is for the places it can take. */
export function mountedOf({ wheel, offsetMm, tire }: Fitted): Mounted {
  const whole = wholePattern(wheel);
  return {
    rimDiameterIn: wheel.rimDiameterIn ?? null,
    rimWidthIn: wheel.rimWidthIn ?? null,
    offsetMm,
    pattern: whole && patternName(whole),
    tire: tire.size ?? null,
  };
}

/** The spare of a setup: in its well, under its hold-down, and on the car. Null where the car has none and none is asked for. */
export function spareReport(vehicle: Vehicle, setup: Setup, fitted: BothAxles): SpareReport | null {
  const kept = vehicle.spare;
  if (setup.spare === undefined && !kept) return null;
  const rearIsDual = vehicle.rear?.dual ?? false;
  const [front, rear] = [mountedOf(fitted.front), mountedOf(fitted.rear)];
  const alike = placesServed('front', front, rear, rearIsDual);
  const choice = setup.spare ?? (alike.serves.length > 1 ? 'front' : null);
  if (choice === null) return unknownSpare();
  const assumed = setup.spare === undefined;
  if (choice === 'none') return { ...unknownSpare(), choice, assumed: false, verdict: 'caution' };
  const spare = choice === 'kept' ? fit({ wheel: kept?.wheel, tire: kept?.tire }, vehicle) : fitted[choice];
  const differencePct = differences(spare, fitted);
  const onCar = onDriven(differencePct, vehicle.drive ?? null);
  if (choice === 'kept')
    return { ...unknownSpare(), choice, assumed, serves: keptServes(spare, fitted, rearIsDual), differencePct, verdict: onCar }; // prettier-ignore
  const {
    wellDiameterMm = null,
    wellFloorDiameterMm = null,
    wellDepthMm = null,
    roomAboveMm = null,
    holdDownMm = null,
    lies,
  } = kept ?? {};
  const widthMm = halfWidth(spare) === null ? null : 2 * halfWidth(spare)!;
  const well = wellFit(
    { diameterMm: wellDiameterMm, floorDiameterMm: wellFloorDiameterMm, depthMm: wellDepthMm, roomAboveMm },
    { overallDiameterMm: spare.overallDiameterMm, widthMm, outline: outlineOf(spare) },
  );
  const overPad = lies ? clampOf(spare, lies) : null;
  const clampMm = overPad === null || well.ridesMm === null ? null : overPad + well.ridesMm;
  const thread = threadOrNull(kept?.holdDownThread);
  const longerMm = clampMm === null || holdDownMm === null ? null : longerByMm(clampMm, holdDownMm);
  return {
    choice,
    assumed,
    playMm: well.playMm,
    ridesMm: well.ridesMm,
    proudMm: well.proudMm,
    deflate: well.deflate,
    clampMm,
    longerMm,
    extension: longerMm === null || !thread ? null : extensionFor(longerMm, thread),
    serves: placesServed(choice, front, rear, rearIsDual).serves,
    differencePct,
    verdict: worstVerdict([well.verdict, onCar, held(longerMm)]),
  };
}

const unknownSpare = (): SpareReport => ({
  choice: 'front',
  assumed: true,
  playMm: null,
  ridesMm: null,
  proudMm: null,
  deflate: false,
  clampMm: null,
  longerMm: null,
  extension: null,
  serves: [],
  differencePct: { front: null, rear: null },
  verdict: 'unknown',
});

const held = (longerMm: number | null): Verdict => (longerMm === null ? 'unknown' : longerMm > 0 ? 'caution' : 'ok');

/** Half of what a lying wheel is high: the wider of section and overall rim width. */
const halfWidth = ({ sectionWidthMm, wheel, flangeMm }: Fitted): number | null =>
  sectionWidthMm === null || wheel.rimWidthIn == null ? null : extentMm(sectionWidthMm, wheel.rimWidthIn, flangeMm);

/** The outline of a lying tire: radii at heights over its lower side. */
function outlineOf(spare: Fitted): { heightMm: number; radiusMm: number }[] | undefined {
  const section = sectionOfFitted(spare);
  const half = halfWidth(spare);
  return section && half !== null ? tireOutline(section).map(({ a, r }) => ({ heightMm: half + a, radiusMm: r })) : undefined;
} // prettier-ignore

function clampOf(spare: Fitted, lies: 'face-up' | 'face-down'): number | null {
  const extent = halfWidth(spare);
  if (extent === null || spare.offsetMm === null) return null;
  const padThicknessMm = spare.wheel.padThicknessMm ?? null;
  return clampHeightMm({ extentMm: extent, offsetMm: spare.offsetMm, padThicknessMm }, lies);
}

function differences(spare: Fitted, fitted: BothAxles): SpareReport['differencePct'] {
  const to = (axle: AxleName) => {
    const [one, other] = [spare.overallDiameterMm, fitted[axle].overallDiameterMm];
    return one === null || other === null ? null : 100 * (one / other - 1);
  };
  return { front: to('front'), rear: to('rear') };
}

/** The kept spare serves where its diameter is within care of the wheels there. */
function keptServes(spare: Fitted, fitted: BothAxles, rearIsDual: boolean): SpareReport['serves'] {
  const pct = differences(spare, fitted);
  const near = (axle: AxleName) => pct[axle] !== null && Math.abs(pct[axle]!) <= SPARE_PCT.caution;
  const rears: SpareReport['serves'] = rearIsDual ? ['rear inner', 'rear outer'] : ['rear'];
  return [...(near('front') ? (['front'] as const) : []), ...(near('rear') ? rears : [])];
}

const driven = (drive: Drive, axle: AxleName): boolean =>
  drive === 'awd' || drive === '4wd' || (drive === 'fwd') === (axle === 'front');

/** What another diameter means on a driven axle: the differential works all the time; with both axles driven there is no place to move it to. */
function onDriven(pct: SpareReport['differencePct'], drive: Drive | null): Verdict {
  const known = AXLES.flatMap((axle) => (pct[axle] === null ? [] : [{ axle, apart: Math.abs(pct[axle]!) }]));
  if (known.length < AXLES.length) return 'unknown';
  if (known.every(({ apart }) => apart <= SPARE_PCT.caution)) return 'ok';
  if (drive === null) return 'unknown';
  const onDrivenAxle = known.filter(({ axle, apart }) => driven(drive, axle) && apart > SPARE_PCT.caution);
  if (onDrivenAxle.length === 0) return 'caution';
  const both = drive === 'awd' || drive === '4wd';
  return both && onDrivenAxle.some(({ apart }) => apart > SPARE_PCT.fail) ? 'fail' : 'caution';
}

/** What a tire is let down to so that it goes in (common practice, no source). */
const LET_DOWN_KPA = 100;

const CHOICES: Record<SpareChoice, string> = {
  front: 'a front wheel of this setup',
  rear: 'a rear wheel of this setup',
  kept: 'the spare that is kept',
  none: 'no spare',
};

/** Whether the spare goes in, is held down, and may run. */
export function spareCheck(vehicle: Vehicle, setup: Setup, spare: SpareReport, words: Words): Check {
  const [lower] = Object.values(spare.differencePct)
    .filter((pct) => pct !== null)
    .sort((one, other) => Math.abs(other) - Math.abs(one));
  const inWell = spare.choice === 'front' || spare.choice === 'rear';
  return new Judged(
    {
      code: 'spare',
      label: inWell ? 'Spare in its well' : 'Spare',
      axle: null,
      value: inWell ? spare.playMm : (lower ?? null),
      limit: inWell && spare.playMm !== null ? WELL_MM.play : null,
      margin: inWell && spare.playMm !== null ? spare.playMm - WELL_MM.play : null,
      unit: inWell ? 'mm' : '%',
      verdict: spare.verdict,
    },
    () => spareLines(vehicle, setup, spare, words),
  );
}

function spareLines(vehicle: Vehicle, setup: Setup, spare: SpareReport, words: Words): string[] {
  if (spare.assumed && spare.serves.length === 0) return ['not said: which wheel is carried as the spare; front and rear differ'];
  const lines = [`${CHOICES[spare.choice]}${spare.assumed ? ' (assumed: front and rear are alike)' : ''}`];
  if (spare.choice === 'none') return [...lines, 'carry what mends a tire, and say so to whoever drives'];
  if (spare.choice !== 'kept') lines.push(...wellLines(vehicle, spare, words));
  for (const axle of AXLES) {
    const pct = spare.differencePct[axle];
    if (pct !== null && Math.abs(pct) > 0.05)
      lines.push(`on the ${axle} axle its diameter differs by ${formatNumber(pct, 1, true)} %`);
  }
  lines.push(...drivenLines(vehicle.drive ?? null, spare));
  if (spare.choice === 'kept') lines.push('try it over the brakes before it is needed');
  lines.push(spare.serves.length === 0 ? 'a like wheel for none of the places: short and slow only' : `serves: ${spare.serves.join(', ')}`); // prettier-ignore
  return lines;
} // prettier-ignore

function wellLines({ spare: well }: Vehicle, spare: SpareReport, words: Words): string[] {
  const lines: string[] = [];
  if (spare.playMm === null) lines.push("not known: the well's diameter, or the tire's");
  else lines.push(`well ${words.figure(well!.wellDiameterMm!)} − tire ${words.figure(well!.wellDiameterMm! - spare.playMm)} = ${words.length(spare.playMm)} play`); // prettier-ignore
  if (spare.ridesMm !== null && spare.ridesMm > 0.05) lines.push(`the well tapers to ${words.figure(well!.wellFloorDiameterMm!)} at its floor: the tire meets the wall ${words.length(spare.ridesMm)} over it`); // prettier-ignore
  if (spare.deflate) lines.push(`goes in let down to about ${words.measure('pressure', LET_DOWN_KPA)} (it yields some ${words.length(WELL_MM.yields)}); carry what fills it again`); // prettier-ignore
  if (spare.proudMm === null) lines.push("not known: the well's depth, or the width of the wheel");
  else if (spare.proudMm > 0)
    lines.push(`stands ${words.length(spare.proudMm)} proud of the well${well?.roomAboveMm == null ? '; room above it is not known' : `, room above ${words.length(well.roomAboveMm)}`}`); // prettier-ignore
  else lines.push('lies below the rim of the well');
  if (spare.clampMm === null) lines.push("not known: how it lies, its offset or its pad, for the hold-down");
  else if (spare.longerMm === null) lines.push(`the hold-down clamps at ${words.length(spare.clampMm)} over the floor; how high it reaches is not known`); // prettier-ignore
  else lines.push(`clamped at ${words.length(spare.clampMm)} over the floor, the hold-down reaches ${words.length(well!.holdDownMm!)}: ${spare.longerMm > 0 ? `${words.length(spare.longerMm)} longer` : 'long enough'}`); // prettier-ignore
  if (spare.longerMm !== null && spare.longerMm > 0)
    lines.push(
      spare.extension
        ? `to add: a coupling nut ${spare.extension.thread}, ${words.length(spare.extension.couplingMm)} or longer, and a stud ${spare.extension.thread} of ${words.length(spare.extension.studMm)} or more`
        : 'not known: the thread of the hold-down, to say what to add',
    );
  return lines;
}

function drivenLines(drive: Drive | null, { differencePct }: SpareReport): string[] {
  const apart = AXLES.filter((axle) => Math.abs(differencePct[axle] ?? 0) > SPARE_PCT.caution);
  if (apart.length === 0) return [];
  if (drive === null) return ['how the car is driven is not known'];
  const onDrivenAxles = apart.filter((axle) => driven(drive, axle));
  if (onDrivenAxles.length === 0) return ['not on a driven axle: short and slow'];
  if (drive === 'awd' || drive === '4wd')
    return ['both axles are driven: it works the differentials all the time; no further than the next shop'];
  const [axle] = onDrivenAxles;
  return [`not on the driven ${axle} axle: put a good wheel there and the spare on the ${axle === 'front' ? 'rear' : 'front'}`]; // prettier-ignore
}
