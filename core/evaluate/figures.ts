import { mmFromInches, offsetFigure, rimFigure } from '#core/units';
import {
  measuringRimIn,
  rimRangeIn,
  rimSeatDiameterMm,
  rollingCircumferenceMm,
  SECTION_PER_RIM,
  sectionHeightMm,
  theoreticalRimWidthMm,
} from '#core/tire';
import { backspacingMm, frontspacingMm, overallWidthMm } from '#core/wheel';
import type { Fitted } from './fitted';
import type { TireReport } from './report';
import type { Sheet } from './sheet';

/** Figures that follow from the wheel, tire and stack alone. */
export function axleFigures(sheet: Sheet, fitted: Fitted): TireReport {
  wheelFigures(sheet, fitted);
  tireFigures(sheet, fitted);
  return sheet.tire;
}

function wheelFigures(
  sheet: Sheet,
  { wheel, flangeMm, offsetMm, stackMm, effectiveOffsetMm, ...fitted }: Fitted,
): void {
  const { words } = sheet;
  if (effectiveOffsetMm !== null && offsetMm !== null && stackMm !== null)
    sheet.put(
      'effectiveOffsetMm',
      effectiveOffsetMm,
      `offset ${offsetFigure(offsetMm)} mm − stack ${words.number(stackMm)} mm = ${offsetFigure(effectiveOffsetMm)} mm`,
    );
  const rim = wheel.rimWidthIn;
  if (rim == null) return;
  const nominal = `${rimFigure(rim)} in = ${words.length(mmFromInches(rim))}`;
  const flange = `${words.length(flangeMm)} a side${fitted.flangeAssumed ? ' (assumed)' : ''}`;
  sheet.put(
    'overallWidthMm',
    overallWidthMm(rim, flangeMm),
    `nominal ${nominal}; flange ${flange}`,
    `${words.figure(mmFromInches(rim))} + 2 × ${words.figure(flangeMm)} = ${words.length(overallWidthMm(rim, flangeMm))}`,
  );
  if (offsetMm === null) return;
  const half = words.figure(mmFromInches(rim) / 2);
  const overall = backspacingMm(rim, offsetMm, flangeMm, 'overall');
  const nominalBack = backspacingMm(rim, offsetMm, flangeMm, 'nominal');
  const offset = words.figure(offsetMm);
  if (wheel.backspacingMm != null)
    sheet.working.effectiveOffsetMm?.unshift(
      `offset = backspacing ${words.length(wheel.backspacingMm)} (${wheel.backspacingConvention}) − half width ${half}` +
        `${wheel.backspacingConvention === 'overall' ? ` − flange ${words.figure(flangeMm)}` : ''} = ${words.length(offsetMm)}`,
    );
  sheet.put(
    'backspacingOverallMm',
    overall,
    `half width + flange + offset: ${half} + ${words.figure(flangeMm)} + ${offset} = ${words.length(overall)}`,
  );
  sheet.put(
    'backspacingNominalMm',
    nominalBack,
    `half width + offset: ${half} + ${offset} = ${words.length(nominalBack)}`,
  );
  const front = frontspacingMm(rim, offsetMm, flangeMm);
  sheet.put(
    'frontspacingMm',
    front,
    `overall width − overall backspacing: ${words.figure(overallWidthMm(rim, flangeMm))} − ${words.figure(overall)} = ${words.length(front)}`,
  );
}

function tireFigures(sheet: Sheet, fitted: Fitted): void {
  const { words } = sheet;
  const { size, tire, wheel } = fitted;
  if (fitted.overallDiameterMm !== null) {
    const diameter = words.length(fitted.overallDiameterMm);
    const line =
      tire.overallDiameterMm != null
        ? `${diameter}, measured or from the maker's table`
        : size!.labelDiameterMm !== null
          ? `${diameter}, from the label`
          : `rim ${words.figure(rimSeatDiameterMm(size!.rimDiameterIn))} + 2 × section height ${words.figure(sectionHeightMm(size!))} = ${diameter}`;
    sheet.putTire('overallDiameterMm', fitted.overallDiameterMm, line);
    const around = rollingCircumferenceMm(fitted.overallDiameterMm);
    sheet.putTire(
      'circumferenceMm',
      around,
      `3.05 × ${words.figure(fitted.overallDiameterMm)} = ${words.length(around)}`,
    );
  }
  if (fitted.sectionWidthMm !== null) {
    const section = words.length(fitted.sectionWidthMm);
    if (tire.sectionWidthMm != null)
      sheet.putTire('sectionWidthMm', fitted.sectionWidthMm, `${section}, measured or from the maker's table`);
    else
      sheet.putTire(
        'sectionWidthMm',
        fitted.sectionWidthMm,
        `as wide as labelled on a rim of ${words.length(theoreticalRimWidthMm(size!))}`,
        `${words.figure(size!.nominalWidthMm)} + ${SECTION_PER_RIM} × (${words.figure(mmFromInches(wheel.rimWidthIn!))} − ${words.figure(theoreticalRimWidthMm(size!))}) = ${section}`,
      );
  }
  if (fitted.treadWidthMm !== null)
    sheet.putTire(
      'treadWidthMm',
      fitted.treadWidthMm,
      tire.treadWidthMm != null
        ? `${words.length(fitted.treadWidthMm)}, measured or from the maker's table`
        : `(1.075 − 0.005 × ${words.number(size!.aspectRatio, 0)}) × section width, computed: ${words.length(fitted.treadWidthMm)}`,
    );
  if (size === null) return;
  const range = rimRangeIn(size);
  const measuring = measuringRimIn(size);
  sheet.putTire('measuringRimIn', measuring, `measuring rim ${rimFigure(measuring)} in`);
  const lines = [
    `rims ${rimFigure(range.least)} to ${rimFigure(range.most)} in, by the rule of the tire and rim tables`,
    "check the tire maker's table",
  ];
  sheet.putTire('rimMinIn', range.least, ...lines);
  sheet.putTire('rimMaxIn', range.most, ...lines);
}
