import { DomainError } from '#core/errors';

/** Which sign stands before the decimals of a list. */
export type DecimalSign = '.' | ',';

const FRACTION = /^(\d+)\s+(\d)\s*\/\s*(\d)$/;

/**
 * A figure of a list: `66,6`, `1.234,50`, `€ 120,-`, `120.00 EUR`, `+35`, `7 1/2`. Where one sign alone stands before
 * three digits, it is the sign of thousands unless it is the list's decimal sign.
 * @throws DomainError where it is none
 */
export function listNumber(cell: string, decimal: DecimalSign): number {
  if (/^[=@]/.test(cell)) throw new DomainError('is a formula');
  const plain = cell
    .replace(/[\u2012-\u2015\u2212]/g, '-')
    .replace(/[\u00a0\u202f]/g, ' ')
    .trim();
  const fraction = FRACTION.exec(plain);
  if (fraction && Number(fraction[3]) > 0) return Number(fraction[1]) + Number(fraction[2]) / Number(fraction[3]);
  const figure = /^[^\d+\-.,]*([+-]?\s?[\d.,' ]*\d)(?:[.,]-+)?\s*[^\d]*$/.exec(plain)?.[1];
  if (figure === undefined) throw new DomainError(`“${cell.slice(0, 24)}” is not a number`);
  const bare = figure.replace(/[' ]/g, '');
  const value = Number(withPoint(bare, decimal));
  if (!Number.isFinite(value)) throw new DomainError(`“${cell.slice(0, 24)}” is not a number`);
  return value;
}

function withPoint(figure: string, decimal: DecimalSign): string {
  const [point, comma] = [figure.lastIndexOf('.'), figure.lastIndexOf(',')];
  if (point === -1 && comma === -1) return figure;
  // Of both, the last is before the decimals; a sign that stands twice never is.
  const both = point !== -1 && comma !== -1;
  const sign = both ? (point > comma ? '.' : ',') : point !== -1 ? '.' : ',';
  const isThousands = !both && /^[+-]?\d{1,3}([.,]\d{3})+$/.test(figure) && sign !== decimal;
  const other = sign === '.' ? ',' : '.';
  const whole = figure.replaceAll(other, '');
  return isThousands ? whole.replaceAll(sign, '') : whole.replace(sign, '.');
}

/** The decimal sign that the figures of a list show; a point where none does. */
export function decimalOf(cells: Iterable<string>): DecimalSign {
  let [commas, points] = [0, 0];
  for (const cell of cells) {
    if (/\d,\d{1,2}(?!\d)/.test(cell)) commas += 1;
    if (/\d\.\d{1,2}(?!\d)/.test(cell)) points += 1;
  }
  return commas > points ? ',' : '.';
}
