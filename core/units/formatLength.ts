import { inchesFromMm, type LengthUnit } from './constants';

/** A minus sign as wide as a digit, so that columns of figures line up. */
const MINUS = '\u2212';

/**
 * Rounded to so many decimals; half a step goes away from zero, also where binary fractions fall a hair short of it
 * (149.95).
 */
export function roundTo(value: number, decimals: number): number {
  const scale = 10 ** decimals;
  return (Math.sign(value) * Math.round(Math.abs(value) * scale + 1e-7)) / scale;
}

/** A number with fixed decimals, a true minus sign and no "−0". With `plus`, a + before positive values. */
export function formatNumber(value: number, decimals = 1, plus = false): string {
  const fixed = roundTo(Math.abs(value), decimals).toFixed(decimals);
  if (Number(fixed) === 0) return fixed;
  return (value < 0 ? MINUS : plus ? '+' : '') + fixed;
}

/**
 * A length in the unit of the reader's choice, without the unit's sign: mm to 0.1, decimal inch to 0.01, inch fractions
 * to 1/16 or 1/32.
 * @param mm millimeters
 */
export function lengthFigure(mm: number, unit: LengthUnit, plus = false): string {
  if (unit === 'mm') return formatNumber(mm, 1, plus);
  if (unit === 'in') return formatNumber(inchesFromMm(mm), 2, plus);
  return fractionFigure(inchesFromMm(mm), unit === 'in16' ? 16 : 32, plus);
}

/** The sign of the unit that stands behind a figure. */
export const unitSign = (unit: LengthUnit): 'mm' | 'in' => (unit === 'mm' ? 'mm' : 'in');

/** A length with its unit, e.g. `14.6 mm`, `0.57 in`, `9/16 in`. */
export const formatLength = (mm: number, unit: LengthUnit, plus = false): string =>
  `${lengthFigure(mm, unit, plus)} ${unitSign(unit)}`;

/** Below this a ± is written with one more decimal: the last place of the usual way no longer tells it. */
const FINE_MM = 0.095;
const FINE_IN = 0.095;

/**
 * How exact something is, with its unit: as a length is written, but never rounded to nothing: `±0.5 mm`, `±0.02 mm`,
 * `±0.0008 in`; a part of an inch that no rule has is a decimal.
 */
export function formatPlusMinus(mm: number, unit: LengthUnit): string {
  if (mm === 0) return `±0 ${unitSign(unit)}`;
  if (unit === 'mm') return `±${formatNumber(mm, mm < FINE_MM ? 2 : 1)} mm`;
  const inches = inchesFromMm(mm);
  if (unit !== 'in' && inches * (unit === 'in16' ? 16 : 32) >= 0.75) return `±${formatLength(mm, unit)}`;
  return `±${formatNumber(inches, inches >= FINE_IN ? 2 : inches >= FINE_IN / 10 ? 3 : 4)} in`;
}

function fractionFigure(inches: number, parts: 16 | 32, plus: boolean): string {
  const total = Math.round(Math.abs(inches) * parts);
  if (total === 0) return '0';
  const sign = inches < 0 ? MINUS : plus ? '+' : '';
  const whole = Math.floor(total / parts);
  let top = total % parts;
  let bottom: number = parts;
  while (top !== 0 && top % 2 === 0) {
    top /= 2;
    bottom /= 2;
  }
  if (top === 0) return `${sign}${whole}`;
  return `${sign}${whole === 0 ? '' : `${whole} `}${top}/${bottom}`;
}

/** A diameter as the trade names it, in mm whatever the reader's unit, to the hundredth: `114.3`, `72.6`, `108`. */
export const diameterFigure = (mm: number): string => String(roundTo(mm, 2)).replace('-', MINUS);

/** A rim width or diameter in its trade unit, whole or with the half or quarter inch: `7`, `7.5`, `16.25`. */
export const rimFigure = (inches: number): string => String(roundTo(inches, 2));

/** An offset as the trade writes it, in mm with its sign: `+42`, `−18`, `0`, `+42.5`. */
export function offsetFigure(mm: number): string {
  const rounded = roundTo(mm, 1);
  return formatNumber(rounded, Number.isInteger(rounded) ? 0 : 1, true);
}
