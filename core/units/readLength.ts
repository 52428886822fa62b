import { DomainError } from '#core/errors';
import { MM_PER_INCH } from './constants';
import { plainText, shorten, withDecimalPoint } from './readNumber';

const VULGAR: Record<string, string> = {
  '½': '1/2',
  '¼': '1/4',
  '¾': '3/4',
  '⅛': '1/8',
  '⅜': '3/8',
  '⅝': '5/8',
  '⅞': '7/8',
  '⅓': '1/3',
  '⅔': '2/3',
};

const UNIT_MM: Record<string, number> = {
  mm: 1,
  millimeter: 1,
  millimeters: 1,
  millimetre: 1,
  millimetres: 1,
  cm: 10,
  centimeter: 10,
  centimeters: 10,
  centimetre: 10,
  centimetres: 10,
  in: MM_PER_INCH,
  inch: MM_PER_INCH,
  inches: MM_PER_INCH,
  '"': MM_PER_INCH,
};

const DECIMAL = /^(\d+(?:\.\d*)?|\.\d+)$/;
const FRACTION = /^(?:(\d+)(?:\s+|\s*-\s*))?(\d+)\s*\/\s*(\d+)$/;

/**
 * Reads a length as people say it: `12`, `12 mm`, `1.5cm`, `4.5in`, `3/8`, `5 1/4"`, `5-1/4in`, `⅜`, `-5`.
 * A bare decimal is in `bareUnit`; a bare fraction is always inches, because no rule has fractions of a millimeter.
 * @returns millimeters
 * @throws DomainError that names the part that is wrong
 */
export function readLength(text: string, bareUnit: 'mm' | 'in' = 'mm'): number {
  const plain = plainText(text)
    .toLowerCase()
    .replace(/[½¼¾⅛⅜⅝⅞⅓⅔]/g, (sign) => ` ${VULGAR[sign]}`)
    .replace(/[″”“]|''|’’|′′/g, '"')
    .trim();
  if (plain === '') throw new DomainError('needs a length');
  const signed = /^([+-]?)\s*(.*)$/s.exec(plain)!;
  const sign = signed[1] === '-' ? -1 : 1;
  const parts = /^([\d.,/\s-]*?)\s*([a-z"'′’]*)\.?$/.exec(signed[2]!);
  if (!parts) throw new DomainError(unitMessage(/['′’]/.exec(plain)?.[0] ?? '', text));
  const figure = parts[1]!.trim();
  const unit = parts[2]!;
  const unitMm = unit === '' ? undefined : UNIT_MM[unit];
  if (unit !== '' && unitMm === undefined) throw new DomainError(unitMessage(unit, text));
  if (figure === '') throw new DomainError(`“${shorten(text.trim())}” has no number`);

  const fraction = FRACTION.exec(figure);
  if (fraction) {
    if (unitMm !== undefined && unitMm !== MM_PER_INCH)
      throw new DomainError(`a fraction is read in inches, not in ${unit}`);
    const [, whole = '0', top, bottom] = fraction;
    if (Number(bottom) === 0) throw new DomainError('a fraction cannot have 0 below the line');
    if (whole !== '0' && Number(top) >= Number(bottom))
      throw new DomainError(`“${shorten(figure)}”: the fraction behind the whole inches must be less than 1`);
    return sign * (Number(whole) + Number(top) / Number(bottom)) * MM_PER_INCH;
  }
  const decimal = DECIMAL.exec(withDecimalPoint(figure));
  if (!decimal) throw new DomainError(`“${shorten(text.trim())}” is not a length`);
  return sign * Number(decimal[1]) * (unitMm ?? (bareUnit === 'in' ? MM_PER_INCH : 1)) || 0;
}

function unitMessage(unit: string, text: string): string {
  if (/^['′’]$|^(ft|feet|foot)$/.test(unit)) return 'feet are not read here: give inches or millimetres';
  if (/^[a-z]+$/.test(unit) && /\d/.test(text))
    return `“${shorten(unit)}” is not a unit of length known here (mm, cm, in)`;
  return `“${shorten(text.trim())}” is not a length`;
}
