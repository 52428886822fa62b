import { formatLength, formatNumber, formatPlusMinus, lengthFigure } from './formatLength';
import { formatMeasure, type Quantity } from './measures';
import type { LengthUnit } from './constants';
import { unitsOf, type UnitChoice } from './unitSet';

/** How working lines write their figures: one choice of unit for a whole report. */
export interface Words {
  readonly unit: LengthUnit;
  /** A length with its unit. */
  length(mm: number): string;
  /** A length with its sign and unit. */
  change(mm: number): string;
  /** How exact a length is, with its unit. */
  plusMinus(mm: number): string;
  /** A length without its unit, for a line that ends in one; negative values in brackets. */
  figure(mm: number): string;
  /** A mass, pressure, speed or torque with its unit. */
  measure(quantity: Quantity, value: number, plus?: boolean): string;
  /** A plain number. */
  number(value: number, decimals?: number): string;
}

/** The writer of working lines for the units a reader has chosen. */
export function wordsIn(choice: UnitChoice): Words {
  const { length: unit } = unitsOf(choice);
  const figure = (mm: number) => {
    const text = lengthFigure(mm, unit);
    return mm < 0 && text !== lengthFigure(0, unit) ? `(${text})` : text;
  };
  return {
    unit,
    length: (mm) => formatLength(mm, unit),
    change: (mm) => formatLength(mm, unit, true),
    plusMinus: (mm) => formatPlusMinus(mm, unit),
    figure,
    measure: (quantity, value, plus) => formatMeasure({ quantity, value, unit: choice, plus }),
    number: (value, decimals = 1) => formatNumber(value, decimals),
  };
}
