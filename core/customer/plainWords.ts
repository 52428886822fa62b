import {
  formatNumber,
  inReadersUnit,
  lengthFigure,
  measureSign,
  roundTo,
  unitsOf,
  unitSign,
  type UnitChoice,
} from '#core/units';

/** Figures as a layman takes them in. */
export interface PlainWords {
  /** Whole millimeters, or sixteenths of an inch: `6 mm`, `1/4 in`; without its sign. */
  length(mm: number): string;
  /** Whether a length is said as nothing. */
  isNone(mm: number): boolean;
  /** A speed, whole in the reader's unit. */
  speed(kmh: number): string;
  /** A distance driven. */
  distance(km: number): string;
}

/** The writer of plain figures for the units a reader has chosen. */
export function plainWords(choice: UnitChoice): PlainWords {
  const unit = unitsOf(choice).length;
  const length = (mm: number): string => {
    const size = Math.abs(mm);
    return unit === 'mm' ? `${roundTo(size, 0)} mm` : `${lengthFigure(size, 'in16')} ${unitSign(unit)}`;
  };
  const whole = (quantity: 'speed' | 'distance', value: number): string =>
    `${formatNumber(inReadersUnit(quantity, value, choice), 0)} ${measureSign(quantity, choice)}`;
  return {
    length,
    isNone: (mm) => length(mm) === length(0),
    speed: (kmh) => whole('speed', kmh),
    distance: (km) => whole('distance', km),
  };
}
