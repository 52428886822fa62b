import { line } from 'd3';
import { tireOutline, type Inside, type Section } from '#core/section';
import { mmFromInches } from '#core/units';
import type { SheetScale } from './scale';

interface Point {
  a: number;
  r: number;
}

const path = ({
  points,
  scale,
  centerOut,
  closed = false,
}: {
  points: readonly Point[];
  scale: SheetScale;
  centerOut: number;
  closed?: boolean | undefined;
}): string => {
  const draw = line<Point>(
    ({ a }) => round(scale.x(centerOut + a)),
    ({ r }) => round(scale.y(r)),
  );
  return (draw(points) ?? '') + (closed ? 'Z' : '');
};

const round = (px: number): number => Math.round(px * 100) / 100;

/** The tire above its rim, closed along the bead seats. */
export const tirePath = (section: Section, scale: SheetScale, centerOut: number): string =>
  path({ points: tireOutline(section), scale, centerOut, closed: true });

/** How thick a rim is drawn, and how deep its drop center lies; for orientation, nobody measures them. */
const SHEET_MM = 5;
const DROP_MM = 24;

/** The rim: flanges and bead seats where they are, the drop center for orientation. */
interface RimDrawn {
  section: Section;
  rimWidthIn: number;
  scale: SheetScale;
  centerOut: number;
}

export function rimPath({ section, rimWidthIn, scale, centerOut }: RimDrawn): string {
  const half = mmFromInches(rimWidthIn) / 2;
  const { halfRimMm, flangeRadiusMm, rimRadiusMm } = section;
  const slope = Math.min(26, half * 0.28);
  const side: Point[] = [
    { a: -halfRimMm, r: flangeRadiusMm },
    { a: -half, r: flangeRadiusMm - 2 },
    { a: -half, r: rimRadiusMm },
    { a: -half + slope, r: rimRadiusMm - 2 },
    { a: -half + slope * 1.9, r: rimRadiusMm - DROP_MM },
  ];
  const outer = [...side, ...side.map(({ a, r }) => ({ a: -a, r })).reverse()];
  const lower: Point[] = [
    { a: -half + slope * 1.9 - 3, r: rimRadiusMm - DROP_MM - SHEET_MM },
    { a: -half + slope - 3, r: rimRadiusMm - 2 - SHEET_MM },
    { a: -halfRimMm, r: rimRadiusMm - SHEET_MM },
  ];
  const inner = [...lower.map(({ a, r }) => ({ a: -a, r })).reverse(), ...lower];
  return path({ points: [...outer, ...inner], scale, centerOut, closed: true });
}

/** The two flanges alone, for a wheel whose own barrel is drawn. */
export function flangesPath({ section, rimWidthIn, scale, centerOut }: RimDrawn): string {
  const half = mmFromInches(rimWidthIn) / 2;
  const { halfRimMm, flangeRadiusMm, rimRadiusMm } = section;
  const side: Point[] = [
    { a: halfRimMm, r: flangeRadiusMm },
    { a: half, r: flangeRadiusMm - 2 },
    { a: half, r: rimRadiusMm },
    { a: half - SHEET_MM, r: rimRadiusMm - SHEET_MM },
    { a: halfRimMm, r: rimRadiusMm - SHEET_MM },
  ];
  return (
    path({ points: side, scale, centerOut, closed: true }) +
    path({ points: side.map(({ a, r }) => ({ a: -a, r })), scale, centerOut, closed: true })
  );
}

/** How thick the metal of a wheel is drawn where nobody measures it, mm. */
const BARREL_MM = 7;
export const SPOKE_MM = 16;

/**
 * The metal of a wheel as a closed line from its barrel and the back of its spokes: a band over the one, a slab behind
 * the other.
 */
export function metalOf(barrel: readonly Point[] | null, spoke: readonly Point[] | null): Point[] | null {
  const outward = barrel && (barrel[0]!.a <= barrel.at(-1)!.a ? barrel : barrel.toReversed());
  const inward = spoke && (spoke[0]!.r >= spoke.at(-1)!.r ? spoke : spoke.toReversed());
  const line = [...(outward ?? []), ...(inward ?? [])];
  if (line.length === 0) return null;
  const behind = [
    ...(inward ? inward.toReversed().map(({ a, r }) => ({ a: a + SPOKE_MM, r })) : []),
    ...(outward ? outward.toReversed().map(({ a, r }) => ({ a, r: r + BARREL_MM })) : []),
  ];
  return [...line, ...behind];
}

/** The wheel's own inside as somebody measured it; from the rim centerline. */
export const facePath = (inside: Inside, scale: SheetScale, centerOut: number): string =>
  path({ points: metalOf(inside.barrel, inside.spoke) ?? [], scale, centerOut, closed: true });

/** A brake's outline on its hub. */
export const brakePath = (outline: readonly Point[], scale: SheetScale): string =>
  path({ points: outline, scale, centerOut: 0, closed: true });

/**
 * The disc between pad and rim, for orientation: its shape is known only where somebody measured it. The outer wheel of
 * a dual pair is turned over.
 */
export function discPath({
  section,
  rimWidthIn,
  scale,
  centerOut,
  padOut,
  turned = false,
}: {
  section: Section;
  rimWidthIn: number;
  scale: SheetScale;
  centerOut: number;
  padOut: number;
  turned?: boolean | undefined;
}): string {
  const half = mmFromInches(rimWidthIn) / 2;
  const top = section.rimRadiusMm - DROP_MM - SHEET_MM;
  const inside = half - Math.min(26, half * 0.28) * 2;
  const rimOut = turned
    ? Math.max(centerOut - inside, padOut + 6)
    : Math.min(centerOut + inside, Math.max(padOut + 6, centerOut));
  const points: Point[] = [
    { a: padOut, r: 26 },
    { a: padOut, r: 78 },
    { a: rimOut, r: top },
  ];
  return path({ points, scale, centerOut: 0 });
}
