import { inchesFromMm } from '#core/units';
import type { TireSize } from './size';

/** To the nearest half inch, the step in which rims are made. */
const halfInch = (inches: number): number => Math.round(inches * 2) / 2;

const nominalWidthIn = (size: TireSize): number => inchesFromMm(size.nominalWidthMm);

/** The share that belongs to an aspect ratio; rows are [from this aspect ratio, share], highest first. */
function shareFor(aspectRatio: number, rows: readonly (readonly [number, number])[]): number {
  // Labels carry multiples of five; a computed ratio goes to the nearest class.
  return rows.find(([from]) => aspectRatio >= from - 2.5)![1];
}

/**
 * Measuring rim in inches: the nearest 0.5 in to k·SN, k = 0.75 (AR ≥ 60), 0.80 (55–50), 0.85 (45), 0.90 (40–30), 0.92
 * (≤ 25) (ISO 4000-1, from memory). Flotation sizes: k = 0.80, which gives the rows of the tire and rim tables (from
 * memory).
 */
export function measuringRimIn(size: TireSize): number {
  const share =
    size.system === 'flotation'
      ? 0.8
      : shareFor(size.aspectRatio, [
          [60, 0.75],
          [50, 0.8],
          [45, 0.85],
          [30, 0.9],
          [0, 0.92],
        ]);
  return halfInch(share * nominalWidthIn(size));
}

/**
 * Approved rim widths in inches, rounded to 0.5: least k = 0.65 (AR ≥ 70), 0.70 (65–50), 0.80 (45), 0.85 (40–35), 0.86
 * (≤ 30); most k = 0.85 (≥ 70; LT-metric 0.81), 0.90 (65–50), 0.95 (45), 1.00 (40–35), 0.94 (≤ 30). From memory;
 * reproduces the common rows of the tire and rim tables. Flotation sizes: 0.68 and 0.87 (from memory). The tire maker's
 * table decides.
 */
export function rimRangeIn(size: TireSize): { least: number; most: number } {
  if (size.system === 'flotation')
    return { least: halfInch(0.68 * nominalWidthIn(size)), most: halfInch(0.87 * nominalWidthIn(size)) };
  const least = shareFor(size.aspectRatio, [
    [70, 0.65],
    [50, 0.7],
    [45, 0.8],
    [35, 0.85],
    [0, 0.86],
  ]);
  const tall = size.prefix === 'LT' ? 0.81 : 0.85;
  const most = shareFor(size.aspectRatio, [
    [70, tall],
    [50, 0.9],
    [45, 0.95],
    [35, 1],
    [0, 0.94],
  ]);
  return { least: halfInch(least * nominalWidthIn(size)), most: halfInch(most * nominalWidthIn(size)) };
}
