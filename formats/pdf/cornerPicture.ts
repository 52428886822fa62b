import type { OptionCorner } from '#core/customer';
import type { WheelSection } from '#core/evaluate';
import { insideOf } from '#core/evaluate';
import { discLine, metalOf, rimFlanges, rimOutline, tireOutline, type SectionPoint } from '#core/section';
import type { Drawing, Place, Style } from './drawing';

/** Scales that a drawing may have: one to so many. */
const SCALES = [4, 5, 6, 8, 10, 12, 15] as const;

/** The largest scale, one to so many, at which all corners go into a width and a height; mm. */
export function scaleFor(corners: readonly OptionCorner[], box: { widthMm: number; heightMm: number }): number {
  const fits = (scale: number) =>
    corners.every(
      ({ range: { left, right, bottom, top } }) =>
        (right - left) / scale <= box.widthMm && (top - bottom) / scale <= box.heightMm,
    );
  return SCALES.find(fits) ?? SCALES.at(-1)!;
}

/** How large a corner is drawn at a scale, mm. */
export const sizeAt = ({ range: { left, right, bottom, top } }: OptionCorner, scale: number) => ({
  widthMm: (right - left) / scale,
  heightMm: (top - bottom) / scale,
});

const HUB_RADIUS_MM = 76;
const INNER_PART_MM = 20;
/** How much of the fender is drawn, inward from its lip and up, mm. */
const FENDER_MM = { across: 17, up: 26, edge: 5 };

interface Picture {
  drawing: Drawing;
  /** Of a place on the section, mm from hub face and axis. */
  at(out: number, up: number): Place;
}

/** Where a corner is drawn, by its upper left, and at what scale. */
interface Placing {
  place: Place;
  scale: number;
}

/** A corner to scale from behind: the option in full, what is on the car now dashed. */
export function drawCorner(drawing: Drawing, one: OptionCorner, { place: [x, y], scale }: Placing): void {
  const { range, corner, subject, riseMm } = one;
  const size = sizeAt(one, scale);
  const picture: Picture = {
    drawing,
    at: (out, up) => [x + (out - range.left) / scale, y + (range.top - up) / scale],
  };
  drawing.clipped({ x, y, ...size }, () => {
    drawBody(picture, one, range.top);
    drawHub(picture, subject);
    drawWheel(picture, subject);
    outline(picture, corner.present, { dash: 0.8, widthMm: 0.2 });
    if (corner.fenderOut !== null)
      drawFender(picture, corner.fenderOut, corner.lipUp === null ? null : corner.lipUp + riseMm);
  });
  const outer = subject.fitted.place?.outerMm;
  if (corner.fenderOut !== null && outer !== undefined && subject.section)
    drawGap(picture, { outer, fender: corner.fenderOut, up: subject.section.bellyRadiusMm });
  const [left, foot] = picture.at(range.left, range.bottom);
  drawing.line([left, foot], [left + size.widthMm, foot], { widthMm: 0.1, dash: 2, gray: true });
}

/** The part that is nearest on the inside. */
function drawBody({ drawing, at }: Picture, { corner: { innerPartOut } }: OptionCorner, top: number): void {
  if (innerPartOut === null) return;
  const [from, to] = [at(innerPartOut - INNER_PART_MM, top - 10), at(innerPartOut, 70)];
  drawing.path([from, [to[0], from[1]], to, [from[0], to[1]]], { fill: 'mid', widthMm: 0.15 });
}

/** The plumb line through the fender's lip, and the lip itself where its height is known. */
function drawFender({ drawing, at }: Picture, out: number, lipUp: number | null): void {
  const { across, up, edge } = FENDER_MM;
  drawing.line(at(out, lipUp ?? HUB_RADIUS_MM * 4), at(out, 0), { widthMm: 0.15, dash: 1.5 });
  if (lipUp === null) return;
  drawing.path(
    [
      at(out, lipUp),
      at(out, lipUp + up),
      at(out + edge, lipUp + up),
      at(out + edge, lipUp - 3),
      at(out - across, lipUp - 3),
      at(out - across, lipUp),
    ],
    { fill: 'dark', widthMm: 0.2 },
  );
}

/** The gap between the outermost place and the line of the fender, with an end at each. */
function drawGap({ drawing, at }: Picture, { outer, fender, up }: { outer: number; fender: number; up: number }): void {
  const [from, to] = [at(outer, up), at(fender, up)];
  drawing.line(from, to, { widthMm: 0.5 });
  for (const [x, y] of [from, to]) drawing.line([x, y - 1], [x, y + 1], { widthMm: 0.3 });
}

/** The hub behind its face, and the stack between it and the wheel. */
function drawHub({ drawing, at }: Picture, { fitted: { stackMm } }: WheelSection): void {
  drawing.path([at(0, HUB_RADIUS_MM), at(-14, HUB_RADIUS_MM), at(-14, 34), at(-74, 34), at(-74, 0), at(0, 0)], {
    fill: 'mid',
    widthMm: 0.15,
  });
  if (stackMm !== null && stackMm > 0)
    drawing.path([at(0, HUB_RADIUS_MM), at(stackMm, HUB_RADIUS_MM), at(stackMm, 0), at(0, 0)], {
      fill: 'dark',
      widthMm: 0.15,
    });
}

const placed = (points: readonly SectionPoint[], { at }: Picture, centerOut: number): Place[] =>
  points.map(({ a, r }) => at(centerOut + a, r));

/** The places of a wheel's rim centerlines: two of a dual pair; none while its place is not known. */
function centersOf({ fitted: { effectiveOffsetMm, dual } }: WheelSection): number[] {
  if (effectiveOffsetMm === null) return [];
  const center = -effectiveOffsetMm;
  return dual?.spacingMm == null ? [center] : [center, center + dual.spacingMm];
}

/** The tires alone. */
function outline(picture: Picture, wheel: WheelSection, style: Style): void {
  const { section } = wheel;
  if (!section) return;
  for (const center of centersOf(wheel)) picture.drawing.path(placed(tireOutline(section), picture, center), style);
}

/** Tire, rim and disc; the wheel's own inside where somebody measured it. */
function drawWheel(picture: Picture, wheel: WheelSection): void {
  const { section, fitted } = wheel;
  const { rimWidthIn } = fitted.wheel;
  if (!section || rimWidthIn == null) return;
  outline(picture, wheel, { fill: 'pale', widthMm: 0.3 });
  const inside = insideOf(fitted);
  const measured = inside && !inside.assumed ? metalOf(inside.barrel, inside.spoke) : null;
  const rim = { fill: 'mid', widthMm: 0.2 } as const;
  for (const [at, center] of centersOf(wheel).entries()) {
    const isInner = at === 0;
    if (isInner && measured) {
      for (const flange of rimFlanges(section, rimWidthIn)) picture.drawing.path(placed(flange, picture, center), rim);
      picture.drawing.path(placed(measured, picture, center), rim);
      continue;
    }
    picture.drawing.path(placed(rimOutline(section, rimWidthIn), picture, center), rim);
    const padOut = (fitted.stackMm ?? 0) + (isInner ? 0 : (fitted.wheel.padThicknessMm ?? 0));
    const disc = discLine({ section, rimWidthIn, centerOut: center, padOut, turned: !isInner });
    picture.drawing.open(placed(disc, picture, 0), { widthMm: 0.6 });
  }
}
