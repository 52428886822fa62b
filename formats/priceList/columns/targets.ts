import { DomainError } from '#core/errors';
import { readSpeedRating } from '#core/load';
import type { ShelfItem } from '#core/shelf';
import { listNumber, type DecimalSign } from './numbers';
import { readOffset, readPattern, readRim, readTireText, readWheelText } from './sizes';

/** What kinds of part a list is read for. */
export const LIST_KINDS = ['wheel', 'tire'] as const;
export type ListKind = (typeof LIST_KINDS)[number];

/** What a cell gives to an item; texts beside it for its name. */
export interface Given extends Partial<ShelfItem> {
  code?: string;
  currency?: string;
}

/** Something that a column of a list can be. */
interface ListTarget {
  label: string;
  kinds: readonly ListKind[];
  /** What suppliers write over it; told without case, accents and signs. */
  heads: RegExp;
  /** What its cells look like, where that is like nothing else. */
  looks?: RegExp;
  read(cell: string, decimal: DecimalSign, kind: ListKind): Given;
}

const BOTH = LIST_KINDS;
const WHEEL = ['wheel'] as const;
const TIRE = ['tire'] as const;

const number = (key: keyof ShelfItem) => (cell: string, decimal: DecimalSign) => ({ [key]: listNumber(cell, decimal) });

/** @throws DomainError where a cell says nothing of what its column is */
function needed<T>(found: T | null, what: string): T {
  if (found === null) throw new DomainError(`names no ${what}`);
  return found;
}

const CURRENCIES: Readonly<Record<string, string>> = { '€': 'EUR', $: 'USD', '£': 'GBP' };

/** The currency that a text names; null where it names none. */
export function currencyIn(cell: string): string | null {
  const sign = /[€$£]/.exec(cell)?.[0];
  if (sign) return CURRENCIES[sign]!;
  return /\b([A-Z]{3})\b/.exec(cell)?.[1] ?? null;
}

/** Everything that a column of a list can be. */
export const LIST_TARGETS = {
  maker: {
    label: 'Maker',
    kinds: BOTH,
    heads: /^(brand|maker|make|manufacturer|marke|hersteller|fabrikat)$/,
    read: (cell) => ({ maker: cell }),
  },
  name: {
    label: 'Name',
    kinds: BOTH,
    heads: /^(model|design|name|description|bezeichnung|product|pattern name|tread|profil|dessin|article|artikel)$/,
    read: (cell) => ({ name: cell }),
  },
  code: {
    label: 'Article number',
    kinds: BOTH,
    heads: /^(code|sku|part ?(no|number)|article ?(no|number)|art ?(no|nr)|item ?(no|number)|artikelnummer|ean|ref)$/,
    read: (cell) => ({ code: cell }),
  },
  size: {
    label: 'Size, all in one',
    kinds: BOTH,
    heads: /^(size|dimension|dimensions|dim|groesse|grosse|felge|reifen|tire size|tyre size|wheel size)$/,
    looks:
      /^\s*(\d{1,2}([.,]\d)?\s*J{0,2}\s*[x×]\s*\d{1,2}([.,]\d)?\s*J{0,2}\b.*|(P|LT)?\d{3}\s*\/\s*\d{2}.*R\s*\d{2}.*)$/i,
    read: (cell, _, kind) => (kind === 'tire' ? { size: needed(readTireText(cell), 'tire size') } : wheelSize(cell)),
  },
  rimDiameterIn: {
    label: 'Rim diameter, in',
    kinds: WHEEL,
    heads: /^(diameter|dia in|rim diameter|rim dia|inch|inches|zoll|durchmesser|diam)$/,
    read: number('rimDiameterIn'),
  },
  rimWidthIn: {
    label: 'Rim width, in',
    kinds: WHEEL,
    heads: /^(width|rim width|breite|felgenbreite|j|width in|maulweite)$/,
    looks: /^\d{1,2}([.,]\d)?\s*J{1,2}$/i,
    read: (cell, decimal) => ({ rimWidthIn: listNumber(cell.replace(/J{1,2}$/i, ''), decimal) }),
  },
  offsetMm: {
    label: 'Offset, mm',
    kinds: WHEEL,
    heads: /^(et|offset|os|is|einpresstiefe|inset|et mm|offset mm)$/,
    looks: /^(ET\s*[+-]?\d{1,3}|[+-]?\d{1,2}\/\+?\d{1,2})$/i,
    read: (cell) => ({ offsetMm: needed(readOffset(cell), 'offset') }),
  },
  pattern: {
    label: 'Bolt pattern',
    kinds: WHEEL,
    heads: /^(pcd|bolt pattern|pattern|lk|lochkreis|bolt circle|lz lk|lz x lk|stud pattern|drilling|bolting)$/,
    looks: /^([3-9]|10)\s*[x×/]\s*\d{2,3}([.,]\d{1,2})?$/,
    read: (cell) => needed(readPattern(cell), 'bolt pattern'),
  },
  lugCount: {
    label: 'Lugs',
    kinds: WHEEL,
    heads: /^(lugs|holes|lochzahl|lz|number of holes|bolts|studs)$/,
    read: number('lugCount'),
  },
  boltCircleMm: {
    label: 'Bolt circle, mm',
    kinds: WHEEL,
    heads: /^(bolt circle mm|lk mm|pcd mm|circle)$/,
    read: number('boltCircleMm'),
  },
  boreMm: {
    label: 'Center bore, mm',
    kinds: WHEEL,
    heads: /^(cb|center bore|centre bore|bore|dia|ml|mlb|nabe|nabenbohrung|mittenloch|hub bore|cb mm|hub|spigot)$/,
    looks: /^CB\s*\d{2,3}/i,
    read: (cell, decimal) => ({ boreMm: listNumber(cell.replace(/^\D+/, ''), decimal) }),
  },
  ratingKg: {
    label: 'Wheel rating, kg',
    kinds: WHEEL,
    heads: /^(load|load rating|wheel load|max load|rating|traglast|radlast|load kg|rating kg)$/,
    read: number('ratingKg'),
  },
  loadIndex: {
    label: 'Load index',
    kinds: TIRE,
    heads: /^(li|load index|lastindex|tragfaehigkeit|load)$/,
    read: (cell) => ({ loadIndex: listNumber(cell.split('/')[0]!.replace(/[A-Z]+$/i, ''), '.') }),
  },
  speed: {
    label: 'Speed rating',
    kinds: TIRE,
    heads: /^(si|speed|speed index|speed rating|gsy|ssy|geschwindigkeit)$/,
    read: (cell) => ({ speed: readSpeedRating(cell) }),
  },
  massKg: {
    label: 'Weight, kg',
    kinds: BOTH,
    heads: /^(weight|weight kg|gewicht|mass|kg)$/,
    read: number('massKg'),
  },
  priceEach: {
    label: 'Price each',
    kinds: BOTH,
    heads:
      /^(price|price each|net|net price|unit price|cost|preis|ek|ek netto|nettopreis|each|dealer price|price net)( (eur|usd|gbp))?$/,
    looks: /^([€$£]\s*[\d.,]+|[\d.,]+\s*([€$£]|EUR|USD|GBP))$/,
    read(cell, decimal) {
      const currency = currencyIn(cell);
      return { priceEach: listNumber(cell, decimal), ...(currency ? { currency } : {}) };
    },
  },
  currency: {
    label: 'Currency',
    kinds: BOTH,
    heads: /^(currency|curr|waehrung|wahrung)$/,
    looks: /^(EUR|USD|GBP|CHF|SEK|NOK|DKK|PLN|CZK)$/,
    read: (cell) => ({ currency: needed(currencyIn(cell), 'currency') }),
  },
  quantity: {
    label: 'In stock',
    kinds: BOTH,
    heads: /^(stock|qty|quantity|bestand|lager|on hand|available|verfuegbar)$/,
    // "20+" and "> 20" say at least so many.
    read: (cell) => ({ quantity: Math.round(listNumber(cell.replace(/[+>]/g, ''), '.')) }),
  },
} as const satisfies Record<string, ListTarget>;

export type ListTargetName = keyof typeof LIST_TARGETS;
export const targetOf = (name: ListTargetName): ListTarget => LIST_TARGETS[name];
export const TARGET_NAMES = Object.keys(LIST_TARGETS) as ListTargetName[];

function wheelSize(cell: string): Given {
  const figures = readWheelText(cell);
  if (figures.rimWidthIn === undefined && readRim(cell) === null) throw new DomainError('names no rim');
  return figures;
}
