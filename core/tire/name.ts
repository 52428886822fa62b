import { formatNumber, inchesFromMm, roundTo } from '#core/units';
import type { TireSize } from './size';

/** A number without needless decimals. */
const plain = (value: number): string => String(roundTo(value, 2));

/**
 * A size as its sidewall writes it, with load index, speed rating, load range letter and marks: `LT285/70R17 121/118Q
 * E`, `33x12.50R17LT`. Reading it back gives the same size.
 */
export function tireSizeName(size: TireSize): string {
  const build = size.construction ?? '-';
  const rim = plain(size.rimDiameterIn);
  const across =
    size.system === 'flotation'
      ? `${plain(inchesFromMm(size.labelDiameterMm!))}x${formatNumber(inchesFromMm(size.nominalWidthMm), 2)}`
      : `${size.prefix ?? ''}${plain(size.nominalWidthMm)}/${plain(size.aspectRatio)}`;
  const kind = size.system === 'flotation' ? size.prefix === 'LT' && 'LT' : size.marks.includes('C') && 'C';
  const own = `${across}${build}${rim}${kind || ''}`;
  const indices =
    size.loadIndex === null
      ? ''
      : `${size.loadIndex}${size.loadIndexDual === null ? '' : `/${size.loadIndexDual}`}${size.speed ?? ''}`;
  const marks = size.marks.filter((mark) => mark !== 'C');
  const range = size.loadRange === null ? '' : `LR${size.loadRange}`;
  return [own, indices, range, ...marks].filter(Boolean).join(' ');
}
