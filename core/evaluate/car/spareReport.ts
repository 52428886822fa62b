import { placesServed, type Mounted } from '#core/dual';
import { threadOrNull } from '#core/fastener';
import { patternName, wholePattern } from '#core/hub';
import { AXLES, type AxleName, type Setup, type Vehicle } from '#core/job';
import { extentMm } from '#core/position';
import { tireOutline } from '#core/section';
import { clampHeightMm, extensionFor, longerByMm, wellFit } from '#core/spare';
import { worstVerdict, type Drive, type Verdict } from '#core/verdict';
import { fit, sectionOfFitted, type Fitted } from '../fit';
import type { SpareReport } from '../report';
import type { ByAxle } from './case';

/**
 * How far a spare may differ in diameter from the other wheel of a driven axle, %: care and no further (common
 * practice, no source).
 */
export const SPARE_PCT = { caution: 1, fail: 3 } as const;

/** What a wheel is for the places it can take. */
function mountedOf({ wheel, offsetMm, tire }: Fitted): Mounted {
  const whole = wholePattern(wheel);
  return {
    rimDiameterIn: wheel.rimDiameterIn ?? null,
    rimWidthIn: wheel.rimWidthIn ?? null,
    offsetMm,
    pattern: whole && patternName(whole),
    tire: tire.size ?? null,
  };
}

/**
 * The spare of a setup: in its well, under its hold-down, and on the car. Null where the car has none and none is asked
 * for.
 */
export function spareReport(vehicle: Vehicle, setup: Setup, fitted: ByAxle<Fitted>): SpareReport | null {
  const kept = vehicle.spare;
  if (setup.spare === undefined && !kept) return null;
  const rearIsDual = vehicle.rear?.dual ?? false;
  const [front, rear] = [mountedOf(fitted.front), mountedOf(fitted.rear)];
  const alike = placesServed({ spare: 'front', front, rear, rearIsDual });
  const choice = setup.spare ?? (alike.serves.length > 1 ? 'front' : null);
  if (choice === null) return unknownSpare();
  const assumed = setup.spare === undefined;
  if (choice === 'none') return { ...unknownSpare(), choice, assumed: false, verdict: 'caution' };
  const spare = choice === 'kept' ? fit({ wheel: kept?.wheel, tire: kept?.tire }, vehicle) : fitted[choice];
  const differencePct = differences(spare, fitted);
  const onCar = onDriven(differencePct, vehicle.drive ?? null);
  if (choice === 'kept')
    return {
      ...unknownSpare(),
      choice,
      assumed,
      serves: keptServes(spare, fitted, rearIsDual),
      differencePct,
      verdict: onCar,
    };
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
    serves: placesServed({ spare: choice, front, rear, rearIsDual }).serves,
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
  return section && half !== null
    ? tireOutline(section).map(({ a, r }) => ({ heightMm: half + a, radiusMm: r }))
    : undefined;
}

function clampOf(spare: Fitted, lies: 'face-up' | 'face-down'): number | null {
  const extent = halfWidth(spare);
  if (extent === null || spare.offsetMm === null) return null;
  const padThicknessMm = spare.wheel.padThicknessMm ?? null;
  return clampHeightMm({ extentMm: extent, offsetMm: spare.offsetMm, padThicknessMm }, lies);
}

function differences(spare: Fitted, fitted: ByAxle<Fitted>): SpareReport['differencePct'] {
  const to = (axle: AxleName) => {
    const [one, other] = [spare.overallDiameterMm, fitted[axle].overallDiameterMm];
    return one === null || other === null ? null : 100 * (one / other - 1);
  };
  return { front: to('front'), rear: to('rear') };
}

/** The kept spare serves where its diameter is within care of the wheels there. */
function keptServes(spare: Fitted, fitted: ByAxle<Fitted>, rearIsDual: boolean): SpareReport['serves'] {
  const pct = differences(spare, fitted);
  const near = (axle: AxleName) => pct[axle] !== null && Math.abs(pct[axle]!) <= SPARE_PCT.caution;
  const rears: SpareReport['serves'] = rearIsDual ? ['rear inner', 'rear outer'] : ['rear'];
  return [...(near('front') ? (['front'] as const) : []), ...(near('rear') ? rears : [])];
}

/** Whether an axle is driven. */
export const driven = (drive: Drive, axle: AxleName): boolean =>
  drive === 'awd' || drive === '4wd' || (drive === 'fwd') === (axle === 'front');

/**
 * What another diameter means on a driven axle: the differential works all the time; with both axles driven there is no
 * place to move it to.
 */
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
