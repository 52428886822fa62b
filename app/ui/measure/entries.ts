import { DomainError } from '#core/errors';
import {
  lengthFigure,
  measureFigure,
  measureSign,
  offsetFigure,
  readLength,
  readMeasure,
  readNumber,
  rimFigure,
  unitSign,
  unitsOf,
  type UnitChoice,
} from '#core/units';
import { readTireSize } from '#core/tire';
import type { Range } from '#formats/fields';
import type { Entry, WalkCard } from './cards/card';

/** Which keys stand under a value that is typed. */
export type Keys = 'figures' | 'signed' | 'fractions' | 'whole' | 'text';

interface EntryKind {
  keys(unit: UnitChoice, range: Range): Keys;
  /** The sign behind the value. */
  sign(unit: UnitChoice): string;
  /** @throws DomainError on what is no value */
  read(text: string, unit: UnitChoice): number | string;
  show(value: number | string, unit: UnitChoice): string;
  /** An instrument may send it. */
  measures?: 'length';
}

const wholeNumber = (text: string): number => {
  const value = readNumber(text);
  if (!Number.isInteger(value)) throw new DomainError('must be a whole number');
  return value;
};

const lengthOf = (unit: UnitChoice) => unitsOf(unit).length;

/** How each kind of value is typed, read and shown. */
export const ENTRIES: Record<Entry, EntryKind> = {
  length: {
    keys(unit, [least]) {
      const length = lengthOf(unit);
      if (length === 'in16' || length === 'in32') return 'fractions';
      return least < 0 ? 'signed' : 'figures';
    },
    sign: (unit) => unitSign(lengthOf(unit)),
    read: (text, unit) => readLength(text, unitSign(lengthOf(unit))),
    show: (value, unit) => lengthFigure(Number(value), lengthOf(unit)),
    measures: 'length',
  },
  rim: { keys: () => 'figures', sign: () => 'in', read: readNumber, show: (value) => rimFigure(Number(value)) },
  offset: { keys: () => 'signed', sign: () => 'mm', read: readNumber, show: (value) => offsetFigure(Number(value)) },
  count: { keys: () => 'whole', sign: () => '', read: wholeNumber, show: String },
  size: {
    keys: () => 'text',
    sign: () => '',
    read(text) {
      readTireSize(text);
      return text.trim().toUpperCase();
    },
    show: String,
  },
  speed: {
    keys: () => 'figures',
    sign: (unit) => measureSign('speed', unit),
    read: (text, unit) => readMeasure(text, 'speed', unit),
    show: (value, unit) => measureFigure({ quantity: 'speed', value: Number(value), unit }),
  },
};

/** What a text means on a card. @throws DomainError on what is no value, or out of range */
export function readCard({ entry, range, check }: WalkCard, text: string, unit: UnitChoice): number | string {
  const value = ENTRIES[entry].read(text, unit);
  if (typeof value === 'string') return value;
  const [least, most] = range;
  if (value < least || value > most) {
    const show = (one: number) => ENTRIES[entry].show(one, unit);
    throw new DomainError(`must be between ${show(least)} and ${show(most)} ${ENTRIES[entry].sign(unit)}`.trim());
  }
  const fault = check?.(value);
  if (fault) throw new DomainError(fault);
  return value;
}
