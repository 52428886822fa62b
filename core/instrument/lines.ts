import { DomainError } from '#core/errors';
import { readLength, readMeasure, shorten } from '#core/units';
import { LINE_UNITS, type LineSettings, type LineUnit } from './records';

/** What an instrument has sent, in base units: millimeters or newton meters. */
export interface LineReading {
  quantity: 'length' | 'torque';
  value: number;
  /** The line as it came. */
  text: string;
}

/** No instrument sends longer lines. */
const MOST_CHARACTERS = 200;
const MOST_STARS = 3;

/** Spellings of units as instruments send them, without dots and blanks. */
const SPELLINGS: Readonly<Record<string, LineUnit>> = {
  mm: 'mm',
  in: 'in',
  inch: 'in',
  '"': 'in',
  nm: 'N·m',
  lbft: 'lb·ft',
  ftlb: 'lb·ft',
  lbfft: 'lb·ft',
  ftlbf: 'lb·ft',
  ftlbs: 'lb·ft',
};

const NUMBER = String.raw`(?:[+-]\s*)?(?:\d+(?:[.,]\d*)?|[.,]\d+)`;
const UNIT = String.raw`[A-Za-z"·*.\/°%-]{0,8}`;
/**
 * The name of a channel before a value: `#12 `, `01,` before a sign, `01A` or `D` before a sign or a decimal, or words
 * that a colon, an equals sign or a comma ends.
 */
const CHANNEL = [
  String.raw`#\d+[\s,]+`,
  String.raw`\d{1,3}\s*[,:]\s*(?=[+-])`,
  String.raw`\d{0,3}[A-Za-z]{1,2}\s*(?=[+-]|\d*[.,])`,
  String.raw`[\w ]*[A-Za-z][\w ]*[:=,]\s*`,
].join('|');
const USUAL = new RegExp(String.raw`^(?:${CHANNEL})?(?<value>${NUMBER})[\s,]*(?<unit>${UNIT})$`);
/** What instruments send instead of a reading. */
const NO_READING = /^\W*(e|er|err|error|lo|low|hi|high|bat|ol|ov|over|off|fail)(?![a-z])/i;

/**
 * What a pattern is looked for by: `{value}`, `{unit}`, `*` for anything, blanks for any blanks, all else as it stands.
 * @throws DomainError on a pattern without a value, or with too much that may be anything
 */
export function linePattern(pattern: string): RegExp {
  const parts = pattern.trim().split(/(\{value\}|\{unit\}|\*|\s+)/);
  const count = (sign: string) => parts.filter((part) => part === sign).length;
  if (count('{value}') !== 1) throw new DomainError('must have {value} in it, once');
  if (count('{unit}') > 1) throw new DomainError('may have {unit} in it once');
  if (count('*') > MOST_STARS) throw new DomainError(`may have ${MOST_STARS} * in it`);
  const source = parts.map((part) => {
    if (part === '{value}') return `(?<value>${NUMBER})`;
    if (part === '{unit}') return `(?<unit>${UNIT})`;
    if (part === '*') return '.*?';
    return part.trim() === ''
      ? part === ''
        ? ''
        : String.raw`\s*`
      : part.replace(/[\\^$.*+?()[\]{}|/-]/g, String.raw`\$&`);
  });
  return new RegExp(`^${source.join('')}$`);
}

/**
 * Reads a line that an instrument has sent: `+012.34 mm`, `01A+00012.34`, `0.4860 in`, `55.2 Nm`.
 * @throws DomainError that says what is wrong: no reading, a unit that is not known
 */
export function readLine(line: string, { pattern, unit: usual }: Pick<LineSettings, 'pattern' | 'unit'>): LineReading {
  const text = line.replace(/[\u0000-\u001f\u007f]+/g, ' ').trim();
  const nothing = new DomainError(`“${shorten(text)}” is no reading`);
  if (text === '' || text.length > MOST_CHARACTERS || NO_READING.test(text)) throw nothing;
  const found = (pattern === null ? USUAL : linePattern(pattern)).exec(text)?.groups;
  if (!found) throw nothing;
  const unit = unitOf(found.unit ?? '') ?? usual;
  const figure = `${found.value!.replace(/\s/g, '').replace(',', '.')} ${unit}`;
  return unit === 'mm' || unit === 'in'
    ? { quantity: 'length', value: readLength(figure), text }
    : { quantity: 'torque', value: readMeasure(figure, 'torque', 'mm'), text };
}

/** @throws DomainError on a unit that no instrument of ours sends */
function unitOf(sent: string): LineUnit | null {
  const plain = sent.toLowerCase().replace(/[·*.\/\s-]/g, '');
  if (plain === '') return null;
  const unit = Object.hasOwn(SPELLINGS, plain) ? SPELLINGS[plain]! : null;
  if (unit === null) throw new DomainError(`sends “${shorten(sent)}”: known are ${LINE_UNITS.join(', ')}`);
  return unit;
}

/** Puts pieces together as they come, and takes them apart into lines; a line ends with CR, LF or both. */
export class LineGatherer {
  #begun = '';

  /** @returns the lines that have ended with this piece, those that are blank left out */
  add(piece: string): string[] {
    const lines = (this.#begun + piece).split(/[\r\n]+/);
    // What never ends is no line.
    this.#begun = lines.pop()!.slice(-2 * MOST_CHARACTERS);
    return lines.filter((line) => line.trim() !== '');
  }

  /** What was begun is dropped, as when an instrument is unplugged. */
  clear(): void {
    this.#begun = '';
  }
}
