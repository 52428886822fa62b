import { mmFromInches, offsetFigure, rimFigure } from '#core/units';
import { backspacingMm, frontspacingMm, overallWidthMm } from '#core/wheel';
import type { Fitted } from '../fit';
import type { Sheet } from '../report';

/** Puts on the sheet what follows from the wheel and its stack alone. */
export function wheelFigures(sheet: Sheet, fitted: Fitted): void {
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
    `nominal ${rimFigure(rim)} in = ${words.length(nominalMm)}; flange ${words.length(flangeMm)} a` +
      ` side${fitted.flangeAssumed ? ' (assumed)' : ''}`,
    `${words.figure(nominalMm)} + 2 × ${words.figure(flangeMm)} = ${words.length(width)}`,
  ]);
  if (offsetMm === null) return;
  const overall = backspacingMm({ rimWidthIn: rim, offsetMm, flangeMm, convention: 'overall' });
  const nominal = backspacingMm({ rimWidthIn: rim, offsetMm, flangeMm, convention: 'nominal' });
  const front = frontspacingMm(rim, offsetMm, flangeMm);
  const half = () => words.figure(nominalMm / 2);
  sheet.put('backspacingOverallMm', overall, () => [
    `half width + flange + offset: ${half()} + ${words.figure(flangeMm)} + ${words.figure(offsetMm)} =` +
      ` ${words.length(overall)}`,
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
    `offset = backspacing ${words.length(wheel.backspacingMm)} (${wheel.backspacingConvention}) − half width` +
      ` ${half}${flange} = ${words.length(offsetMm)}`,
  ];
}
