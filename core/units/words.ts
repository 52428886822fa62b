import { formatLength, formatNumber, lengthFigure } from './formatLength';
import { formatMeasure, type Quantity } from './measures';
import type { LengthUnit } from './constants';

/** How working lines write their figures: one choice of unit for a whole report. */
export interface Words {
  readonly unit: LengthUnit;
  /** A length with its unit. */
  length(mm: number): string;
  /** A length with its sign and unit. */
  change(mm: number): string;
  /** A length without its unit, for a line that ends in one; negative values in brackets. */
  figure(mm: number): string;
  /** A mass, pressure or speed with its unit: kg, kPa and km/h, or lb, psi and mph. */
  measure(quantity: Quantity, value: number, plus?: boolean): string;
  /** A plain number. */
  number(value: number, decimals?: number): string;
}

/** The writer of working lines for a unit. */
export function wordsIn(unit: LengthUnit): Words {
  const figure = (mm: number) => {
    const text = lengthFigure(mm, unit);
    return mm < 0 && text !== lengthFigure(0, unit) ? `(${text})` : text;
  };
  return {
    unit,
    length: (mm) => formatLength(mm, unit),
    change: (mm) => formatLength(mm, unit, true),
    figure,
    measure: (quantity, value, plus) => formatMeasure(quantity, value, unit, plus),
    number: (value, decimals = 1) => formatNumber(value, decimals),
  };
}
