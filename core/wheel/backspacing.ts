import { DomainError } from '#core/errors';
import { mmFromInches } from '#core/units';

/**
 * Flange thickness a side when nobody measured it: overall width = nominal width + 1 in (common practice, no source).
 */
export const DEFAULT_FLANGE_MM = 12.7;

/**
 * The two meanings of backspacing: *overall* is what a straightedge across the back flange reads down to the pad,
 * *nominal* is arithmetic on the nominal rim width, which is taken between the bead seats.
 */
export const BACKSPACING_CONVENTIONS = ['overall', 'nominal'] as const;
export type BackspacingConvention = (typeof BACKSPACING_CONVENTIONS)[number];

/** Overall rim width in mm: W + 2·f, W nominal in inches, f flange thickness a side in mm. */
export const overallWidthMm = (rimWidthIn: number, flangeMm: number): number => mmFromInches(rimWidthIn) + 2 * flangeMm;

/**
 * Backspacing in mm from the offset: overall W/2 + f + ET, nominal W/2 + ET.
 * @param offsetMm ET, + when the mounting face is outboard of the rim centerline
 */
export function backspacingMm({
  rimWidthIn,
  offsetMm,
  flangeMm,
  convention,
}: {
  rimWidthIn: number;
  offsetMm: number;
  flangeMm: number;
  convention: BackspacingConvention;
}): number {
  return mmFromInches(rimWidthIn) / 2 + (convention === 'overall' ? flangeMm : 0) + offsetMm;
}

/** Offset ET in mm from a backspacing in mm: the inverse of backspacingMm. */
export function offsetFromBackspacingMm({
  rimWidthIn,
  backspacing,
  flangeMm,
  convention,
}: {
  rimWidthIn: number;
  backspacing: number;
  flangeMm: number;
  convention: BackspacingConvention;
}): number {
  return backspacing - mmFromInches(rimWidthIn) / 2 - (convention === 'overall' ? flangeMm : 0);
}

/** Front spacing in mm: what is left of the overall width in front of the pad, W + 2·f − BS(overall). */
export const frontspacingMm = (rimWidthIn: number, offsetMm: number, flangeMm: number): number =>
  overallWidthMm(rimWidthIn, flangeMm) - backspacingMm({ rimWidthIn, offsetMm, flangeMm, convention: 'overall' });

/**
 * A wheel's place on its axle as it is written down: by offset, or by backspacing with the convention it was read in.
 */
export interface WheelPlace {
  rimWidthIn?: number | null | undefined;
  offsetMm?: number | null | undefined;
  backspacingMm?: number | null | undefined;
  backspacingConvention?: BackspacingConvention | undefined;
}

/**
 * The offset of a wheel given in either way; null while a reading it needs is missing.
 * @throws DomainError when both an offset and a backspacing are given, or a backspacing without its convention
 */
export function wheelOffsetMm(wheel: WheelPlace, flangeMm: number): number | null {
  const { offsetMm, backspacingMm: backspacing, backspacingConvention: convention } = wheel;
  if (offsetMm != null && backspacing != null)
    throw new DomainError('give the offset or the backspacing, not both', 'backspacingMm');
  if (offsetMm != null) return offsetMm;
  if (backspacing == null) return null;
  if (!convention) throw new DomainError('say whether the backspacing is overall or nominal', 'backspacingConvention');
  if (wheel.rimWidthIn == null) return null;
  return offsetFromBackspacingMm({ rimWidthIn: wheel.rimWidthIn, backspacing, flangeMm, convention });
}
