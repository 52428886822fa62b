import { mmFromInches } from '#core/units';
import { rimSeatDiameterMm, type TireSize } from './size';
import { measuringRimIn } from './rimRange';

/**
 * Section height in mm: round(SN·AR/100) for metric sizes (ISO 4000-1, from memory); half of what the label's diameter
 * leaves above the rim for flotation sizes.
 */
export function sectionHeightMm(size: TireSize): number {
  if (size.labelDiameterMm !== null) return (size.labelDiameterMm - rimSeatDiameterMm(size.rimDiameterIn)) / 2;
  return Math.round((size.nominalWidthMm * size.aspectRatio) / 100);
}

/**
 * Overall diameter in mm of the new, inflated tire: D = d + 2·H (ISO 4000-1, from memory), or the flotation label's
 * own.
 */
export const overallDiameterMm = (size: TireSize): number =>
  size.labelDiameterMm ?? rimSeatDiameterMm(size.rimDiameterIn) + 2 * sectionHeightMm(size);

/**
 * The rim width in mm on which the section is as wide as the label says: K1·SN with K1 = 0.70 (AR ≥ 50), 0.85 (45–30),
 * 0.90 (≤ 25); ISO 4000-1 theoretical rim, from memory. A flotation label states the section on its measuring rim.
 */
export function theoreticalRimWidthMm(size: TireSize): number {
  if (size.system === 'flotation') return mmFromInches(measuringRimIn(size));
  const share = size.aspectRatio >= 47.5 ? 0.7 : size.aspectRatio >= 27.5 ? 0.85 : 0.9;
  return share * size.nominalWidthMm;
}

/** How much of a change in rim width the section follows: K = 0.4 (UNECE R30, from memory). */
export const SECTION_PER_RIM = 0.4;

/** Section width in mm on a rim: S(W) = SN + 0.4·(W − Rth). */
export const sectionWidthOnRimMm = (size: TireSize, rimWidthIn: number): number =>
  size.nominalWidthMm + SECTION_PER_RIM * (mmFromInches(rimWidthIn) - theoreticalRimWidthMm(size));

/**
 * A section width listed on a test rim, brought to another rim: S + 0.4·(W − Wtest), mm; rim widths in inches (UNECE
 * R30, from memory).
 */
export const sectionFromTestRimMm = (listedMm: number, testRimIn: number, rimWidthIn: number): number =>
  listedMm + SECTION_PER_RIM * mmFromInches(rimWidthIn - testRimIn);

/**
 * How much wider the tread of a light-truck or flotation tire is (makers' lists of LT285/70R17 run 218 to 230 mm, from
 * memory).
 */
const TRUCK_TREAD = 1.06;

/** Whether a size is a light-truck tire's: LT-metric or flotation. */
const isLightTruck = ({ prefix, system }: TireSize): boolean => prefix === 'LT' || system === 'flotation';

/**
 * Tread width in mm when nobody measured it: T = (1.075 − 0.005·AR)·SN^1.001, LT and flotation sizes 1.06 times that
 * (from memory).
 */
export const treadWidthMm = (size: TireSize): number =>
  (isLightTruck(size) ? TRUCK_TREAD : 1) * (1.075 - 0.005 * size.aspectRatio) * size.nominalWidthMm ** 1.001;

/** Loaded radius of a tire whose static loaded radius nobody measured: 0.96 · D/2 (common practice, no source). Mm. */
export const usualLoadedRadiusMm = (overallDiameterMm: number): number => (LOADED_SHARE * overallDiameterMm) / 2;
export const LOADED_SHARE = 0.96;

/** Rolling circumference in mm of a radial tire: 3.05·D (ETRTO, from memory). */
export const rollingCircumferenceMm = (diameterMm: number): number => 3.05 * diameterMm;
