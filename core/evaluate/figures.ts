import { mmFromInches, offsetFigure, rimFigure } from '#core/units';
import { revolutionsPerKm, revolutionsPerMile } from '#core/gearing';
import {
  GROWTH,
  measuringRimIn,
  rimRangeIn,
  rimSeatDiameterMm,
  rollingCircumferenceMm,
  SECTION_PER_RIM,
  serviceEnvelope,
  sectionHeightMm,
  theoreticalRimWidthMm,
} from '#core/tire';
import { backspacingMm, frontspacingMm, overallWidthMm } from '#core/wheel';
import type { Fitted } from './fitted';
import type { Sheet } from './sheet';

/** Figures that follow from the wheel, tire and stack alone. */
export function axleFigures(sheet: Sheet, fitted: Fitted): void {
  wheelFigures(sheet, fitted);
  tireFigures(sheet, fitted);
}

function wheelFigures(sheet: Sheet, fitted: Fitted): void {
  const { words } = sheet;
  const { wheel, flangeMm, offsetMm, stackMm, effectiveOffsetMm } = fitted;
  if (effectiveOffsetMm !== null && offsetMm !== null && stackMm !== null)
    sheet.put('effectiveOffsetMm', effectiveOffsetMm, () => [
      ...offsetFromBackspacingLines(sheet, fitted, offsetMm),
      `offset ${offsetFigure(offsetMm)} mm − stack ${words.number(stackMm)} mm = ${offsetFigure(effectiveOffsetMm)} mm`,
    ]);
  const rim = wheel.rimWidthIn;
  if (rim == null) return;
  const nominalMm = mmFromInches(rim);
  const width = overallWidthMm(rim, flangeMm);
  sheet.put('overallWidthMm', width, () => [
    `nominal ${rimFigure(rim)} in = ${words.length(nominalMm)}; flange ${words.length(flangeMm)} a side${fitted.flangeAssumed ? ' (assumed)' : ''}`,
    `${words.figure(nominalMm)} + 2 × ${words.figure(flangeMm)} = ${words.length(width)}`,
  ]);
  if (offsetMm === null) return;
  const overall = backspacingMm(rim, offsetMm, flangeMm, 'overall');
  const nominal = backspacingMm(rim, offsetMm, flangeMm, 'nominal');
  const front = frontspacingMm(rim, offsetMm, flangeMm);
  const half = () => words.figure(nominalMm / 2);
  sheet.put('backspacingOverallMm', overall, () => [
    `half width + flange + offset: ${half()} + ${words.figure(flangeMm)} + ${words.figure(offsetMm)} = ${words.length(overall)}`,
  ]);
  sheet.put('backspacingNominalMm', nominal, () => [
    `half width + offset: ${half()} + ${words.figure(offsetMm)} = ${words.length(nominal)}`,
  ]);
  sheet.put('frontspacingMm', front, () => [
    `overall width − overall backspacing: ${words.figure(width)} − ${words.figure(overall)} = ${words.length(front)}`,
  ]);
}

/** How the offset came about where the wheel is given by its backspacing. */
function offsetFromBackspacingLines({ words }: Sheet, { wheel, flangeMm }: Fitted, offsetMm: number): string[] {
  if (wheel.backspacingMm == null || wheel.rimWidthIn == null) return [];
  const flange = wheel.backspacingConvention === 'overall' ? ` − flange ${words.figure(flangeMm)}` : '';
  const half = words.figure(mmFromInches(wheel.rimWidthIn) / 2);
  return [
    `offset = backspacing ${words.length(wheel.backspacingMm)} (${wheel.backspacingConvention}) − half width ${half}${flange} = ${words.length(offsetMm)}`,
  ];
}

const MEASURED = "measured or from the maker's table";

function tireFigures(sheet: Sheet, fitted: Fitted): void {
  const { words } = sheet;
  const { size, tire, wheel, overallDiameterMm: diameter, sectionWidthMm: section, treadWidthMm: tread } = fitted;
  if (diameter !== null) {
    sheet.putTire('overallDiameterMm', diameter, () => {
      if (tire.overallDiameterMm != null) return [`${words.length(diameter)}, ${MEASURED}`];
      if (size!.labelDiameterMm !== null) return [`${words.length(diameter)}, from the label`];
      const [seat, height] = [rimSeatDiameterMm(size!.rimDiameterIn), sectionHeightMm(size!)];
      return [`rim ${words.figure(seat)} + 2 × section height ${words.figure(height)} = ${words.length(diameter)}`];
    });
    const around = rollingCircumferenceMm(diameter);
    sheet.putTire('circumferenceMm', around, () => [`3.05 × ${words.figure(diameter)} = ${words.length(around)}`]);
    const [perKm, perMile] = [revolutionsPerKm(diameter), revolutionsPerMile(diameter)];
    sheet.putTire('revolutionsPerKm', perKm, () => [
      `1 000 000 / ${words.number(around)} mm = ${words.number(perKm)} a km, ${words.number(perMile)} a mile`,
    ]);
    sheet.putTire('revolutionsPerMile', perMile, () => [
      `1 609 344 / ${words.number(around)} mm = ${words.number(perMile)} a mile`,
    ]);
  }
  if (section !== null)
    sheet.putTire('sectionWidthMm', section, () => {
      if (tire.sectionWidthMm != null && tire.testRimIn == null) return [`${words.length(section)}, ${MEASURED}`];
      if (tire.sectionWidthMm != null)
        return [
          `${words.length(tire.sectionWidthMm)} on a rim of ${rimFigure(tire.testRimIn!)} in, ${MEASURED}`,
          `${words.figure(tire.sectionWidthMm)} + ${SECTION_PER_RIM} × (${words.figure(mmFromInches(wheel.rimWidthIn!))} − ${words.figure(mmFromInches(tire.testRimIn!))}) = ${words.length(section)}`,
        ];
      const [rim, theoretical] = [mmFromInches(wheel.rimWidthIn!), theoreticalRimWidthMm(size!)];
      return [
        `as wide as labelled on a rim of ${words.length(theoretical)}`,
        `${words.figure(size!.nominalWidthMm)} + ${SECTION_PER_RIM} × (${words.figure(rim)} − ${words.figure(theoretical)}) = ${words.length(section)}`,
      ];
    });
  if (tread !== null)
    sheet.putTire('treadWidthMm', tread, () => [
      tire.treadWidthMm != null
        ? `${words.length(tread)}, ${MEASURED}`
        : `(1.075 − 0.005 × ${words.number(size!.aspectRatio, 0)}) × section width, computed: ${words.length(tread)}`,
    ]);
  serviceFigures(sheet, fitted);
  if (size === null) return;
  const range = rimRangeIn(size);
  const measuring = measuringRimIn(size);
  sheet.putTire('measuringRimIn', measuring, () => [`measuring rim ${rimFigure(measuring)} in`]);
  const lines = () => [
    `rims ${rimFigure(range.least)} to ${rimFigure(range.most)} in, by the rule of the tire and rim tables`,
    "check the tire maker's table",
  ];
  sheet.putTire('rimMinIn', range.least, lines);
  sheet.putTire('rimMaxIn', range.most, lines);
}

/** How wide and tall the tire may grow in service. */
function serviceFigures(sheet: Sheet, { size, wheel, sectionWidthMm, overallDiameterMm }: Fitted): void {
  const rim = wheel.rimDiameterIn ?? size?.rimDiameterIn;
  if (sectionWidthMm === null || overallDiameterMm === null || rim === undefined) return;
  const { words } = sheet;
  const seat = rimSeatDiameterMm(rim);
  const grown = serviceEnvelope({ sectionWidthMm, overallDiameterMm }, seat);
  sheet.putTire('serviceWidthMm', grown.sectionWidthMm, () => [
    `${GROWTH.width} × ${words.figure(sectionWidthMm)} = ${words.length(grown.sectionWidthMm)} (UNECE R30)`,
  ]);
  sheet.putTire('serviceDiameterMm', grown.overallDiameterMm, () => [
    `${words.figure(seat)} + ${GROWTH.mostHeight} × (${words.figure(overallDiameterMm)} − ${words.figure(seat)}) = ${words.length(grown.overallDiameterMm)} (UNECE R30)`,
  ]);
}
