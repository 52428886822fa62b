import { DomainError } from '#core/errors';
import { lengthFigure, offsetFigure, readLength, readNumber, rimFigure, type LengthUnit } from '#core/units';
import { readTireSize } from '#core/tire';
import type { Entry, WalkCard } from './walk';

/** Which keys stand under a value that is typed. */
export type Keys = 'figures' | 'signed' | 'fractions' | 'whole' | 'text';

interface EntryKind {
  keys(unit: LengthUnit): Keys;
  /** The sign behind the value. */
  sign(unit: LengthUnit): string;
  /** @throws DomainError on what is no value */
  read(text: string, unit: LengthUnit): number | string;
  show(value: number | string, unit: LengthUnit): string;
}

const wholeNumber = (text: string): number => {
  const value = readNumber(text);
  if (!Number.isInteger(value)) throw new DomainError('must be a whole number');
  return value;
};

/** How each kind of value is typed, read and shown. */
export const ENTRIES: Record<Entry, EntryKind> = {
  length: {
    keys: (unit) => (unit === 'mm' ? 'figures' : unit === 'in' ? 'figures' : 'fractions'),
    sign: (unit) => (unit === 'mm' ? 'mm' : 'in'),
    read: (text, unit) => readLength(text, unit === 'mm' ? 'mm' : 'in'),
    show: (value, unit) => lengthFigure(Number(value), unit),
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
};

/** What a text means on a card. @throws DomainError on what is no value, or out of range */
export function readCard({ entry, range, check }: WalkCard, text: string, unit: LengthUnit): number | string {
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
