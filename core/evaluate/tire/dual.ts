import { leastDualGapMm, spacerForGapMm } from '#core/dual';
import type { Terms } from '#core/job';
import { GROWTH } from '#core/tire';
import { shopLimits, type Verdict } from '#core/verdict';
import { axleCheck } from '../check';
import type { Fitted } from '../fit';
import type { Sheet } from '../report';
import { contactLimit, sectionSpread, surely, type Sure } from '../spread';

/** Puts the spacing of dual wheels on the sheet. */
export function dualFigures(sheet: Sheet, { dual, offsetMm, wheel, sectionWidthMm }: Fitted): void {
  if (!dual || dual.spacingMm === null) return;
  const { words } = sheet;
  const { spacingMm, gapMm, spacerMm } = dual;
  sheet.put('dualSpacingMm', spacingMm, () => [
    `2 × (offset ${words.figure(offsetMm!)} + pad` +
      ` ${words.figure(wheel.padThicknessMm!)})${spacerMm > 0 ? ` + spacer ${words.figure(spacerMm)}` : ''} =` +
      ` ${words.length(spacingMm)} between the rim centerlines`,
  ]);
  if (gapMm === null) return;
  sheet.put('dualGapMm', gapMm, () => [
    `spacing ${words.figure(spacingMm)} − section ${words.figure(sectionWidthMm!)} = ${words.length(gapMm)}` +
      ' between the sidewalls',
  ]);
}

/** Whether dual tires keep clear of each other: under load and in service their sidewalls come closer. */
export const dual = axleCheck({
  label: 'Between dual tires',
  short: 'Between duals',
  group: 'tire',
  kind: 'clearance',
  unit: 'mm',
  work: 'room',
  bySize: true,
  judge({ job, sheet, candidate }: { job: Terms; sheet: Sheet; candidate: Fitted }) {
    const { dual: pair, sectionWidthMm: section, tire } = candidate;
    if (!pair) return null;
    const { words } = sheet;
    const { gapMm } = pair;
    const { dualGapMm } = shopLimits(job.house);
    const least = section === null ? null : leastDualGapMm(tire.minDualSpacingMm ?? null, section, dualGapMm);
    const sure: Sure = { parts: sectionSpread(candidate), values: null };
    const grown = gapMm === null || section === null ? null : gapMm - (GROWTH.width - 1) * section;
    const byFigure = verdictOf(gapMm, grown, least?.mm ?? null);
    return {
      value: gapMm,
      limit: least?.mm ?? null,
      margin: gapMm === null || !least ? null : gapMm - least.mm,
      verdict: surely({ verdict: byFigure, clearanceMm: gapMm, sure: () => sure }, job),
      lines() {
        if (gapMm === null) return [`not known: ${missing(candidate).join(', ')}`];
        const lines = [...sheet.lines('dualSpacingMm')!, ...sheet.lines('dualGapMm')!];
        lines.push(`grown in service, both sidewalls: ${words.length(grown!)}`);
        lines.push(
          least!.origin === 'maker'
            ? `least ${words.length(least!.mm)}: the maker's least spacing ${words.length(tire.minDualSpacingMm!)}` +
                ' less the section'
            : `least ${words.length(least!.mm)}, the shop default (assumed: the tire maker's least dual spacing` +
                ' decides)',
        );
        const more = spacerForGapMm(gapMm, least!.mm);
        if (more > 0) lines.push(`${words.length(more)} more between the discs is enough`);
        return lines;
      },
      spread: { sure: () => sure, mostTouch: contactLimit(job), words },
    };
  },
});

function verdictOf(gapMm: number | null, grownMm: number | null, leastMm: number | null): Verdict {
  if (gapMm === null || grownMm === null || leastMm === null) return 'unknown';
  if (grownMm < 0) return 'fail';
  return gapMm < leastMm ? 'caution' : 'ok';
}

function missing({ offsetMm, wheel, sectionWidthMm }: Fitted): string[] {
  return [
    ...(offsetMm === null ? ["the wheel's offset"] : []),
    ...(wheel.padThicknessMm == null ? ['the thickness of its pad'] : []),
    ...(sectionWidthMm === null ? ['the section of the tire'] : []),
  ];
}
