import { DomainError } from '#core/errors';
import type { ShelfItem } from '#core/shelf';
import { readTireSize } from '#core/tire';

/** What a text says of a wheel: each in the field of the shelf. */
export type WheelFigures = Pick<
  ShelfItem,
  'rimDiameterIn' | 'rimWidthIn' | 'offsetMm' | 'lugCount' | 'boltCircleMm' | 'boreMm'
>;

const FIGURE = String.raw`\d+(?:[.,]\d+)?`;
const WIDTH = String.raw`\d{1,2}\s+1\/2|${FIGURE}`;
const RIM = new RegExp(
  String.raw`(?<![\d.,/])(${WIDTH})\s*(J{0,2}|JJ|K|B)\s*[x×*]\s*(?:R\s*)?(${WIDTH})\s*(J{0,2})(?![\d.,])`,
  'i',
);
const OFFSET = new RegExp(String.raw`(?:ET|IS|OFFSET|OS)\s*[:=]?\s*([+-]?${FIGURE})`, 'i');
const PATTERN = new RegExp(String.raw`(?<![\d.,])([3-9]|10)\s*[x×*/-]\s*(${FIGURE})(?![\d.,]*\s*J)`, 'gi');
const BORE = new RegExp(String.raw`(?:CB|DIA|NB|ML|BORE|⌀|Ø)\s*[:=.]?\s*(${FIGURE})`, 'i');

const CIRCLE = { least: 60, most: 300 };
const DIAMETER = { least: 8, most: 30 };

function figure(text: string): number {
  const half = /^(\d+)\s+1\/2$/.exec(text.trim());
  return half ? Number(half[1]) + 0.5 : Number(text.replace(',', '.'));
}

/**
 * The pattern of a cell: `5x112`, `5/112`, `5-114,3`. Null where there is none.
 * @throws DomainError where there are two
 */
export function readPattern(text: string): Pick<ShelfItem, 'lugCount' | 'boltCircleMm'> | null {
  const found = [...text.matchAll(PATTERN)]
    .map((match) => ({ lugCount: Number(match[1]), boltCircleMm: figure(match[2]!) }))
    .filter(({ boltCircleMm }) => boltCircleMm >= CIRCLE.least && boltCircleMm <= CIRCLE.most);
  const [one, other] = found;
  if (one && other && (one.boltCircleMm !== other.boltCircleMm || one.lugCount !== other.lugCount))
    throw new DomainError('names two bolt patterns: such a wheel is entered by hand');
  return one ?? null;
}

/**
 * The rim of a cell: `9Jx18`, `18x8.5`, `7 1/2 x 15`: the width is the one with the J, else the lesser. Null where
 * there is none.
 * @throws DomainError where it cannot be told which is which
 */
export function readRim(text: string): Required<Pick<WheelFigures, 'rimDiameterIn' | 'rimWidthIn'>> | null {
  const match = RIM.exec(text);
  if (!match) return null;
  const [first, second] = [figure(match[1]!), figure(match[3]!)];
  const isRim = (inches: number) => inches >= DIAMETER.least && inches <= DIAMETER.most;
  if (match[2]) return { rimWidthIn: first, rimDiameterIn: second };
  if (match[4]) return { rimWidthIn: second, rimDiameterIn: first };
  if (first === second) throw new DomainError(`“${match[0].trim()}” does not say which is the width`);
  const [rimWidthIn, rimDiameterIn] = first < second ? [first, second] : [second, first];
  // A circle behind a number of lugs is no rim.
  return isRim(rimDiameterIn) ? { rimWidthIn, rimDiameterIn } : null;
}

/** The offset of a cell that is about nothing else: `35`, `+35`, `ET 35`, `35/+35`. Null where there is none. */
export function readOffset(text: string): number | null {
  const plain = text.replace(/[\u2012-\u2015\u2212]/g, '-');
  const named = OFFSET.exec(plain);
  if (named) return figure(named[1]!);
  const twice = new RegExp(String.raw`^([+-]?${FIGURE})\s*/\s*([+-]?${FIGURE})(?:\s*mm)?$`, 'i').exec(plain.trim());
  if (twice) {
    if (figure(twice[1]!) !== figure(twice[2]!)) throw new DomainError(`“${text}” names two offsets`);
    return figure(twice[1]!);
  }
  const alone = new RegExp(String.raw`^([+-]?${FIGURE})(?:\s*mm)?$`, 'i').exec(plain.trim());
  return alone ? figure(alone[1]!) : null;
}

/** Everything that a text such as `9Jx18 ET35 5/112 CB66,6` says of a wheel. */
export function readWheelText(text: string): WheelFigures {
  const rim = readRim(text);
  const offset = OFFSET.exec(text);
  const bore = BORE.exec(text);
  return {
    ...rim,
    // The rim is taken out: 8x100 behind it is a pattern, and 8x18 is none.
    ...readPattern(rim ? text.replace(RIM, ' ') : text),
    ...(offset ? { offsetMm: figure(offset[1]!) } : {}),
    ...(bore ? { boreMm: figure(bore[1]!) } : {}),
  };
}

const TIRE =
  /(?:P|LT|ST|T)?\d{2,3}(?:[.,]\d+)?\s*[/x-]\s*\d{2}(?:[.,]\d+)?\s*-?\s*(?:Z?R|[SHV]R|D|B|-)\s*\d{2}(?:[.,]5)?\s*(?:C|LT)?(?:\s*\d{2,3}(?:\/\d{2,3})?\s*\(?[A-HJ-NP-Y]\)?)?(?:\s*XL)?/i;

/** The tire size in a text, as it stands there; null where there is none. */
export function readTireText(text: string): string | null {
  const found = TIRE.exec(text)?.[0].trim();
  if (found === undefined) return null;
  try {
    readTireSize(found);
    return found;
  } catch (error) {
    if (!(error instanceof DomainError)) throw error;
    return null;
  }
}
