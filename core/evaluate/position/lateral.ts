import { innerChangeMm, outerChangeMm, trackChangeMm } from '#core/position';
import { mmFromInches } from '#core/units';
import type { Fitted } from '../fit';
import type { Sheet } from '../report';
import type { FigureCase } from './case';

type Known = number | null;

/** Puts on the sheet how the faces and the track move against now. */
export function lateralFigures({ sheet, candidate, present }: FigureCase): void {
  const { words } = sheet;
  const [place, now] = [candidate.place, present.place];
  const [offset, offsetNow] = [candidate.effectiveOffsetMm, present.effectiveOffsetMm];
  const [spread, spreadNow] = [candidate, present].map(({ dual }) => (dual ? dual.spacingMm : 0)) as [Known, Known];
  if (offset !== null && offsetNow !== null && spread !== null && spreadNow !== null) {
    const track = trackChangeMm(offset, offsetNow, spread - spreadNow);
    sheet.put('trackChangeMm', track, () => [
      `−2 × (${words.figure(offset)} − ${words.figure(offsetNow)})` +
        (candidate.dual ? ` + change of dual spacing ${words.figure(spread - spreadNow)}` : '') +
        ` = ${words.change(track)}`,
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
}

/** Which of the two is the widest part, tire or rim. */
export function widest(fitted: Fitted): string {
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
