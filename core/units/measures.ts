import { DomainError } from '#core/errors';
import { formatNumber, roundTo } from './formatLength';
import { plainText, readNumber, shorten } from './readNumber';
import { KG_PER_LB, KM_PER_MILE, KPA_PER_PSI, type LengthUnit } from './constants';

/** Quantities beside lengths that are said in either of two units. */
export type Quantity = 'mass' | 'pressure' | 'speed';

/** Units of a quantity, the core's own first, each with its size in it. */
const UNITS: Record<Quantity, readonly { sign: string; size: number; also?: readonly string[]; decimals: number }[]> = {
  mass: [
    { sign: 'kg', size: 1, decimals: 1 },
    { sign: 'lb', size: KG_PER_LB, also: ['lbs'], decimals: 1 },
  ],
  pressure: [
    { sign: 'kPa', size: 1, decimals: 0 },
    { sign: 'psi', size: KPA_PER_PSI, decimals: 1 },
    { sign: 'bar', size: 100, decimals: 2 },
  ],
  speed: [
    { sign: 'km/h', size: 1, also: ['kmh', 'kph'], decimals: 1 },
    { sign: 'mph', size: KM_PER_MILE, decimals: 1 },
  ],
};

/** A quantity's unit for a reader of lengths in mm, or in inches. */
const unitFor = (quantity: Quantity, unit: LengthUnit) => UNITS[quantity][unit === 'mm' ? 0 : 1]!;

/** The sign of a quantity's unit: kg or lb, kPa or psi, km/h or mph, as lengths are in mm or inches. */
export const measureSign = (quantity: Quantity, unit: LengthUnit): string => unitFor(quantity, unit).sign;

/** A quantity in the reader's unit, as a bare number. */
export const inReadersUnit = (quantity: Quantity, value: number, unit: LengthUnit): number =>
  value / unitFor(quantity, unit).size;

/** A quantity without its unit; what rounds to a whole number is written as one. */
export function measureFigure(quantity: Quantity, value: number, unit: LengthUnit, plus = false): string {
  const { size, decimals } = unitFor(quantity, unit);
  const inUnit = value / size;
  const whole = Number.isInteger(roundTo(inUnit, decimals));
  return formatNumber(inUnit, whole ? 0 : decimals, plus);
}

/** A quantity with its unit. */
export const formatMeasure = (quantity: Quantity, value: number, unit: LengthUnit, plus = false): string =>
  `${measureFigure(quantity, value, unit, plus)} ${measureSign(quantity, unit)}`;

const MEASURE = /^([+-]?[\d.,]+)\s*([a-z/]*)$/i;

/**
 * Reads a quantity that may name its unit: `35 psi`, `2.4 bar`, `120 mph`, `1850 kg`.
 * @param unit what a bare number means, by the reader's unit of length
 * @returns kg, kPa or km/h
 * @throws DomainError on what is no number, or a unit of something else
 */
export function readMeasure(text: string, quantity: Quantity, unit: LengthUnit): number {
  const plain = plainText(text);
  const matched = MEASURE.exec(plain);
  if (!matched) return readNumber(plain);
  const sign = matched[2]!.toLowerCase();
  const found =
    sign === ''
      ? unitFor(quantity, unit)
      : UNITS[quantity].find((one) => one.sign.toLowerCase() === sign || one.also?.includes(sign));
  if (!found)
    throw new DomainError(
      `“${shorten(matched[2]!)}” is not one of ${UNITS[quantity].map((one) => one.sign).join(', ')}`,
    );
  return Number((readNumber(matched[1]!) * found.size).toPrecision(12));
}
