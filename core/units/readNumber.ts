import { DomainError } from '#core/errors';

const DECIMAL = /^([+-]?)(\d+(?:\.\d*)?|\.\d+)$/;

/** Typographic minus signs, no-break spaces and decimal commas as people paste them, brought to plain ASCII. */
export function plainText(text: string): string {
  return text
    .replace(/[\u2212\u2012\u2013\u2014]/g, '-')
    .replace(/[\u00a0\u2007\u2009\u202f]/g, ' ')
    .replace(/\u2044/g, '/')
    .trim();
}

/**
 * Reads a plain decimal number; a comma counts as the decimal sign when at most two digits follow it.
 * @returns the number, in whatever unit the caller's field has
 * @throws DomainError that says what is wrong: empty, letters, a comma that could be either sign
 */
export function readNumber(text: string): number {
  const plain = plainText(text);
  if (plain === '') throw new DomainError('needs a number');
  const matched = DECIMAL.exec(withDecimalPoint(plain));
  if (!matched) throw new DomainError(`“${shorten(plain)}” is not a number`);
  return Number(`${matched[1]}${matched[2]}`);
}

/** Replaces a decimal comma by a point; a comma with three digits behind it could mean thousands, so it is refused. */
export function withDecimalPoint(plain: string): string {
  if (!plain.includes(',')) return plain;
  if (/^[^,]*\d,\d{1,2}(?!\d)[^,]*$/.test(plain) && !plain.includes('.')) return plain.replace(',', '.');
  throw new DomainError('use a point for decimals and no thousands sign');
}

/** Long pasted text cut to a length a message can carry. */
export const shorten = (text: string): string => (text.length > 24 ? `${text.slice(0, 23)}…` : text);
