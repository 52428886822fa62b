import { mmFromInches } from '#core/units';
import type { SectionPoint } from './point';
import type { Section } from './profile';

/** How thick a rim is drawn, and how deep its drop center lies, mm; for orientation, nobody measures them. */
const SHEET_MM = 5;
const DROP_MM = 24;
/** How thick the metal of a wheel is drawn where nobody measures it, mm. */
const BARREL_MM = 7;
export const SPOKE_MM = 16;

const mirrored = (points: readonly SectionPoint[]): SectionPoint[] => points.map(({ a, r }) => ({ a: -a, r }));

/** How far a bead seat reaches in from the flange, mm. */
const seatMm = (halfMm: number): number => Math.min(26, halfMm * 0.28);

/**
 * A rim as it is drawn, closed, mm from its centerline: flanges and bead seats where they are, the drop center for
 * orientation.
 */
export function rimOutline({ halfRimMm, flangeRadiusMm, rimRadiusMm }: Section, rimWidthIn: number): SectionPoint[] {
  const half = mmFromInches(rimWidthIn) / 2;
  const slope = seatMm(half);
  const side: SectionPoint[] = [
    { a: -halfRimMm, r: flangeRadiusMm },
    { a: -half, r: flangeRadiusMm - 2 },
    { a: -half, r: rimRadiusMm },
    { a: -half + slope, r: rimRadiusMm - 2 },
    { a: -half + slope * 1.9, r: rimRadiusMm - DROP_MM },
  ];
  const lower: SectionPoint[] = [
    { a: -half + slope * 1.9 - 3, r: rimRadiusMm - DROP_MM - SHEET_MM },
    { a: -half + slope - 3, r: rimRadiusMm - 2 - SHEET_MM },
    { a: -halfRimMm, r: rimRadiusMm - SHEET_MM },
  ];
  return [...side, ...mirrored(side).reverse(), ...mirrored(lower).reverse(), ...lower];
}

/** The two flanges alone, each closed, for a wheel whose own barrel is drawn; mm from the rim centerline. */
export function rimFlanges({ halfRimMm, flangeRadiusMm, rimRadiusMm }: Section, rimWidthIn: number): SectionPoint[][] {
  const half = mmFromInches(rimWidthIn) / 2;
  const outer: SectionPoint[] = [
    { a: halfRimMm, r: flangeRadiusMm },
    { a: half, r: flangeRadiusMm - 2 },
    { a: half, r: rimRadiusMm },
    { a: half - SHEET_MM, r: rimRadiusMm - SHEET_MM },
    { a: halfRimMm, r: rimRadiusMm - SHEET_MM },
  ];
  return [outer, mirrored(outer)];
}

/**
 * The metal of a wheel as a closed line from its barrel and the back of its spokes: a band over the one, a slab behind
 * the other.
 */
export function metalOf(
  barrel: readonly SectionPoint[] | null,
  spoke: readonly SectionPoint[] | null,
): SectionPoint[] | null {
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

/** Where a disc is drawn between pad and rim, mm from the hub face. */
export interface DiscPlace {
  section: Section;
  rimWidthIn: number;
  centerOut: number;
  padOut: number;
  /** The outer wheel of a dual pair is turned over. */
  turned?: boolean | undefined;
}

/** The disc between pad and rim, for orientation: its shape is known only where somebody measured it. */
export function discLine({ section, rimWidthIn, centerOut, padOut, turned = false }: DiscPlace): SectionPoint[] {
  const half = mmFromInches(rimWidthIn) / 2;
  const inside = half - seatMm(half) * 2;
  const rimOut = turned
    ? Math.max(centerOut - inside, padOut + 6)
    : Math.min(centerOut + inside, Math.max(padOut + 6, centerOut));
  return [
    { a: padOut, r: 26 },
    { a: padOut, r: 78 },
    { a: rimOut, r: section.rimRadiusMm - DROP_MM - SHEET_MM },
  ];
}
