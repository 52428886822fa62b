import { revolutionsPerKm, revolutionsPerMile } from '#core/gearing';
import {
  GROWTH,
  measuringRimIn,
  rimRangeIn,
  rimSeatDiameterMm,
  rollingCircumferenceMm,
  SECTION_PER_RIM,
  sectionHeightMm,
  serviceEnvelope,
  theoreticalRimWidthMm,
} from '#core/tire';
import { mmFromInches, rimFigure } from '#core/units';
import type { Fitted } from '../fit';
import type { Sheet } from '../report';

const MEASURED = "measured or from the maker's table";

/** Puts on the sheet what follows from the tire on its rim alone. */
export function tireFigures(sheet: Sheet, fitted: Fitted): void {
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
          `${words.figure(tire.sectionWidthMm)} + ${SECTION_PER_RIM} ×` +
            ` (${words.figure(mmFromInches(wheel.rimWidthIn!))} − ${words.figure(mmFromInches(tire.testRimIn!))}) =` +
            ` ${words.length(section)}`,
        ];
      const [rim, theoretical] = [mmFromInches(wheel.rimWidthIn!), theoreticalRimWidthMm(size!)];
      return [
        `as wide as labelled on a rim of ${words.length(theoretical)}`,
        `${words.figure(size!.nominalWidthMm)} + ${SECTION_PER_RIM} × (${words.figure(rim)} −` +
          ` ${words.figure(theoretical)}) = ${words.length(section)}`,
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
    `${words.figure(seat)} + ${GROWTH.mostHeight} × (${words.figure(overallDiameterMm)} − ${words.figure(seat)})` +
      ` = ${words.length(grown.overallDiameterMm)} (UNECE R30)`,
  ]);
}
