import type { AxleName, SuspensionChange, VehicleAxle } from '#core/job';
import {
  archGapMm,
  archRiseMm,
  diameterChangePct,
  fenderOutMm,
  inboardGapMm,
  innerChangeMm,
  innerPartOutMm,
  outerChangeMm,
  pokeMm,
  rideHeightChangeMm,
  scrubRadiusMm,
  trackChangeMm,
  trueSpeed,
} from '#core/position';
import { steeringAxis } from '#core/suspension';
import { LOADED_SHARE } from '#core/tire';
import { formatNumber, mmFromInches } from '#core/units';
import type { Fitted } from './fitted';
import type { Sheet } from './sheet';
import { archSpread, lateralSpread } from './spread';

/** Figures that need the present car: where the candidate stands in its room, and what changes against now. */
export function positionFigures(
  sheet: Sheet,
  candidate: Fitted,
  present: Fitted,
  name: AxleName,
  axle: VehicleAxle,
  change: SuspensionChange | null,
): void {
  lateralFigures(sheet, candidate, present, axle);
  diameterFigures(sheet, candidate, present, axle, change);
  steeringFigures(sheet, candidate, present, name, axle);
}

type Known = number | null;

function lateralFigures(sheet: Sheet, candidate: Fitted, present: Fitted, axle: VehicleAxle): void {
  const { words } = sheet;
  const [place, now] = [candidate.place, present.place];
  const [offset, offsetNow] = [candidate.effectiveOffsetMm, present.effectiveOffsetMm];
  const [spread, spreadNow] = [candidate, present].map(({ dual }) => (dual ? dual.spacingMm : 0)) as [Known, Known];
  if (offset !== null && offsetNow !== null && spread !== null && spreadNow !== null) {
    const track = trackChangeMm(offset, offsetNow, spread - spreadNow);
    sheet.put('trackChangeMm', track, () => [
      `−2 × (${words.figure(offset)} − ${words.figure(offsetNow)})${candidate.dual ? ` + change of dual spacing ${words.figure(spread - spreadNow)}` : ''} = ${words.change(track)}`,
    ]);
  }
  if (!place || !now) return;
  const outer = outerChangeMm(place, now);
  const inner = innerChangeMm(place, now);
  const extents = () =>
    `half width ${words.figure(now.extentMm)} now, ${words.figure(place.extentMm)} then (${widest(candidate)})`;
  const byHand = () => shortcut(sheet, candidate, present);
  sheet.put('outerChangeMm', outer, () => [
    extents(),
    `outer face ${words.figure(place.outerMm)} − ${words.figure(now.outerMm)} = ${words.change(outer)} outboard`,
    ...(candidate.dual ? [] : [`by rim alone, ΔW/2 − ΔET: ${byHand().outer}`]),
  ]);
  sheet.put('innerChangeMm', inner, () => [
    extents(),
    `inner face ${words.figure(now.innerMm)} − ${words.figure(place.innerMm)} = ${words.change(inner)} inboard`,
    `by rim alone, ΔW/2 + ΔET: ${byHand().inner}`,
  ]);

  const { outboardGapMm: gapOut, inboardGapMm: gapIn } = axle.room ?? {};
  if (gapOut != null) {
    const fender = fenderOutMm(now, gapOut);
    const poke = pokeMm(place, fender);
    const lines = () => [
      `fender at ${words.figure(now.outerMm)} + gap ${words.figure(gapOut)} = ${words.length(fender)} from the hub face`,
      `outermost ${words.figure(-place.effectiveOffsetMm)}${place.spreadMm === 0 ? '' : ` + dual spacing ${words.figure(place.spreadMm)}`} + ${words.figure(place.extentMm)} = ${words.length(place.outerMm)} (${widest(candidate)})`,
      `${words.figure(place.outerMm)} − ${words.figure(fender)} = ${words.length(Math.abs(poke))} ${poke > 0 ? 'proud' : 'inside'}`,
    ];
    sheet.put('pokeMm', poke, lines);
    sheet.rest('pokeMm', () => lateralSpread(axle, 'outboardGapMm', candidate, present));
    sheet.put('outboardGapMm', -poke, lines);
  }
  if (gapIn != null) {
    const part = innerPartOutMm(now, gapIn);
    const gap = inboardGapMm(place, part);
    sheet.rest('inboardGapMm', () => lateralSpread(axle, 'inboardGapMm', candidate, present));
    sheet.put('inboardGapMm', gap, () => [
      `nearest inboard part at ${words.figure(now.innerMm)} − gap ${words.figure(gapIn)} = ${words.length(part)} from the hub face`,
      `innermost ${words.figure(-place.effectiveOffsetMm)} − ${words.figure(place.extentMm)} = ${words.length(place.innerMm)}`,
      `${words.figure(place.innerMm)} − ${words.figure(part)} = ${words.length(gap)}`,
    ]);
  }
}

/** Which of the two is the widest part, tire or rim. */
function widest(fitted: Fitted): string {
  const rimHalf = mmFromInches(fitted.wheel.rimWidthIn!) / 2 + fitted.flangeMm;
  return rimHalf > fitted.sectionWidthMm! / 2 ? 'the rim is widest' : 'the tire is widest';
}

/** The arithmetic people do in their heads, on nominal widths and effective offsets. */
function shortcut(sheet: Sheet, candidate: Fitted, present: Fitted): { outer: string; inner: string } {
  const { words } = sheet;
  const halfWidth = mmFromInches(candidate.wheel.rimWidthIn! - present.wheel.rimWidthIn!) / 2;
  const offset = candidate.effectiveOffsetMm! - present.effectiveOffsetMm!;
  const line = (sum: number, sign: string) =>
    `${words.figure(halfWidth)} ${sign} ${words.figure(offset)} = ${words.change(sum)}`;
  return { outer: line(halfWidth - offset, '−'), inner: line(halfWidth + offset, '+') };
}

function diameterFigures(
  sheet: Sheet,
  candidate: Fitted,
  present: Fitted,
  axle: VehicleAxle,
  change: SuspensionChange | null,
): void {
  const { words } = sheet;
  const diameter = candidate.overallDiameterMm;
  const now = present.overallDiameterMm;
  if (diameter === null || now === null) return;
  const pct = diameterChangePct(diameter, now);
  sheet.put('diameterChangePct', pct, () => [
    `${words.figure(diameter)} / ${words.figure(now)} − 1 = ${formatNumber(pct, 2, true)} %`,
  ]);
  const speed = trueSpeed(100, diameter, now);
  sheet.put('trueSpeedAt100', speed, () => [
    `100 × ${words.figure(diameter)} / ${words.figure(now)} = ${words.number(speed)}, had it been exact before`,
    ...(speed > 100 ? ['the speedometer now reads lower than before: true speed is above the one shown'] : []),
  ]);
  const ride = rideHeightChangeMm(diameter, now);
  sheet.put('rideHeightChangeMm', ride, () => [
    `(${words.figure(diameter)} − ${words.figure(now)}) / 2 = ${words.change(ride)}, by the tire alone`,
  ]);
  const rise = archRiseMm(change);
  const height = ride + rise;
  sheet.put('bodyHeightChangeMm', height, () => [
    `tire ${words.change(ride)}${change ? ` + ${change.kind} change ${words.change(rise)}` : ''} = ${words.change(height)}`,
    ...(change && change.kind !== 'body' ? ['camber and toe move with it: have the wheels aligned afterwards'] : []),
    ...(change?.kind === 'body'
      ? ['the wheels stay where they are: look at steering shaft, hoses and lines instead']
      : []),
  ]);
  const presentGap = axle.room?.archGapMm;
  if (presentGap == null) return;
  const gap = archGapMm(presentGap, diameter, now, rise);
  sheet.rest('archGapMm', () => archSpread(axle, candidate, present));
  sheet.put('archGapMm', gap, () => [
    `gap now ${words.figure(presentGap)} − half the growth ${words.figure((diameter - now) / 2)}` +
      `${change ? ` + ${change.kind} change ${words.figure(rise)}` : ''} = ${words.length(gap)}`,
    'at rest; bump travel comes out of this',
  ]);
}

function steeringFigures(sheet: Sheet, candidate: Fitted, present: Fitted, name: AxleName, axle: VehicleAxle): void {
  const { words } = sheet;
  const axis = steeringAxis(axle.suspension, name);
  const offset = candidate.effectiveOffsetMm;
  const radius = candidate.loadedRadiusMm;
  if (!axis || offset === null || radius === null) return;
  const scrub = (effective: number, loaded: number) =>
    scrubRadiusMm(effective, loaded, axis.kingpinOffsetMm, axis.kingpinInclinationDeg);
  const value = scrub(offset, radius);
  for (const key of axis.assumed) sheet.assumed.push(`vehicle.${name}.suspension.${key}`);
  sheet.put('scrubRadiusMm', value, () => [
    `${words.figure(-offset)} + ${words.figure(axis.kingpinOffsetMm)} − ${words.figure(radius)} × tan ${words.number(axis.kingpinInclinationDeg)}° = ${words.length(value)}`,
    ...(candidate.tire.staticLoadedRadiusMm == null
      ? [`loaded radius ${LOADED_SHARE} × ${words.figure(radius / LOADED_SHARE)} = ${words.length(radius)} (assumed)`]
      : [`loaded radius ${words.length(radius)}, measured`]),
    ...(axis.assumed.length > 0 ? ['the steering axis is assumed from the kind of suspension'] : []),
  ]);
  if (present.effectiveOffsetMm === null || present.loadedRadiusMm === null) return;
  const before = scrub(present.effectiveOffsetMm, present.loadedRadiusMm);
  sheet.put('scrubChangeMm', value - before, () => [
    `${words.figure(value)} − ${words.figure(before)} = ${words.change(value - before)}`,
    'the same effective offset puts the same moment on the bearing, whether by wheel or by spacer',
  ]);
}
