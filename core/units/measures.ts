import { DomainError } from '#core/errors';
import { formatNumber, roundTo } from './formatLength';
import { plainText, readNumber, shorten } from './readNumber';
import { KG_PER_LB, KM_PER_MILE, KPA_PER_PSI, NM_PER_LB_FT } from './constants';
import { unitsOf, type UnitChoice, type Units } from './unitSet';

/** Quantities beside lengths that a reader has chosen a unit for. */
type Chosen = Exclude<keyof Units, 'length'>;
/** Quantities beside lengths that are said in one unit or another; a distance is said as its speed is. */
export type Quantity = Chosen | 'distance';

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
  distance: [
    { sign: 'km', size: 1, decimals: 0 },
    { sign: 'mi', size: KM_PER_MILE, also: ['mile', 'miles'], decimals: 0 },
  ],
  torque: [
    { sign: 'N·m', size: 1, also: ['nm', 'n·m', 'n.m'], decimals: 0 },
    { sign: 'lb·ft', size: NM_PER_LB_FT, also: ['lbft', 'lb.ft', 'ft·lb', 'ftlb'], decimals: 0 },
  ],
};

/** The signs of a quantity's units. */
export const measureUnits = <Q extends Chosen>(quantity: Q): readonly Units[Q][] =>
  UNITS[quantity].map(({ sign }) => sign as Units[Q]);

/** A quantity's unit as a reader has chosen it. */
const unitFor = (quantity: Quantity, unit: UnitChoice) => {
  const units = unitsOf(unit);
  const chosen = quantity === 'distance' ? (units.speed === 'mph' ? 'mi' : 'km') : units[quantity];
  return UNITS[quantity].find(({ sign }) => sign === chosen)!;
};

/** The sign of a quantity's unit, as chosen. */
export const measureSign = (quantity: Quantity, unit: UnitChoice): string => unitFor(quantity, unit).sign;

/** A quantity in the reader's unit, as a bare number. */
export const inReadersUnit = (quantity: Quantity, value: number, unit: UnitChoice): number =>
  value / unitFor(quantity, unit).size;

/** A value of a quantity, and how it is written. */
interface Written {
  quantity: Quantity;
  value: number;
  unit: UnitChoice;
  /** With a + before positive values. */
  plus?: boolean | undefined;
}

/** A quantity without its unit; what rounds to a whole number is written as one. */
export function measureFigure({ quantity, value, unit, plus = false }: Written): string {
  const { size, decimals } = unitFor(quantity, unit);
  const inUnit = value / size;
  const whole = Number.isInteger(roundTo(inUnit, decimals));
  return formatNumber(inUnit, whole ? 0 : decimals, plus);
}

/** A quantity with its unit. */
export const formatMeasure = ({ quantity, value, unit, plus = false }: Written): string =>
  `${measureFigure({ quantity, value, unit, plus })} ${measureSign(quantity, unit)}`;

const MEASURE = /^([+-]?[\d.,]+)\s*([a-z/·.]*)$/i;

/**
 * Reads a quantity that may name its unit: `35 psi`, `2.4 bar`, `120 mph`, `1850 kg`, `80 lb·ft`.
 * @param unit what a bare number means, by the reader's units
 * @returns kg, kPa, km/h or N·m
 * @throws DomainError on what is no number, or a unit of something else
 */
export function readMeasure(text: string, quantity: Quantity, unit: UnitChoice): number {
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
