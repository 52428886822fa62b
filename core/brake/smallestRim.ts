import type { AxialPoint } from './records';
import { rimSeatDiameterMm } from '#core/tire';
import { DROP_CENTRE_MM, WALL_MM } from './families';

/** A caliper's bridge over its rotor where nobody measured the caliper, mm (common practice, no source). */
const BRIDGE_MM = 22;

/** Rim diameters that exist, in. */
const RIMS_IN = [10, 12, 13, 14, 15, 16, 17, 18, 19, 20, 21, 22, 23, 24] as const;

/** The least rim that goes over a brake. Lengths mm; rims in inches, null where none of up to 24 in does. */
export interface SmallestRim {
  brakeRadiusMm: number;
  /** The radius is the rotor's and a usual bridge, not measured. */
  assumed: boolean;
  /** Where the brake stands beside the drop center. */
  besideDropIn: number | null;
  /** Where it stands under it. */
  underDropIn: number | null;
}

/**
 * The greatest radius of a brake: of its outline, else of its rotor and a usual bridge over it; null where neither is
 * known.
 */
export function brakeRadiusMm(
  outline: readonly AxialPoint[] | undefined,
  rotorDiameterMm: number | null,
): { mm: number; assumed: boolean } | null {
  if (outline && outline.length > 0)
    return { mm: Math.max(...outline.map(({ r }) => r), (rotorDiameterMm ?? 0) / 2), assumed: false };
  return rotorDiameterMm === null ? null : { mm: rotorDiameterMm / 2 + BRIDGE_MM, assumed: true };
}

/**
 * The smallest rim diameter that can work over a brake: bead seat radius − wall (6 mm) − drop center (18 mm, where the
 * brake stands under it) − radius of the brake ≥ limit. Wall and drop center are usual figures (common practice, no
 * source): a measured barrel decides.
 */
export function smallestRim(radius: { mm: number; assumed: boolean }, barrelLimitMm: number): SmallestRim {
  const least = (takenMm: number): number | null =>
    RIMS_IN.find((inches) => rimSeatDiameterMm(inches) / 2 - takenMm - radius.mm >= barrelLimitMm - 1e-9) ?? null;
  return {
    brakeRadiusMm: radius.mm,
    assumed: radius.assumed,
    besideDropIn: least(WALL_MM),
    underDropIn: least(WALL_MM + DROP_CENTRE_MM),
  };
}
