import { DomainError } from '#core/errors';
import { MM_PER_INCH } from '#core/units';

/** What a tire's size marking says. Widths and diameters in mm, the rim diameter in its trade unit. */
export interface TireSize {
  system: 'metric' | 'flotation';
  /** `P`, `LT`, `ST` or `T` in front of (or, for flotation sizes, behind) the size. */
  prefix: 'P' | 'LT' | 'ST' | 'T' | null;
  /** Nominal section width: the label's millimeters, or its inches times 25.4. */
  nominalWidthMm: number;
  /** Section height over nominal section width in percent; computed for flotation sizes. */
  aspectRatio: number;
  rimDiameterIn: number;
  /** Overall diameter a flotation label states; null for metric sizes, which state it by aspect ratio. */
  labelDiameterMm: number | null;
  construction: 'R' | 'D' | 'B' | null;
  loadIndex: number | null;
  /** Second figure of `121/118`: the load index in dual fitment. */
  loadIndexDual: number | null;
  speed: string | null;
  /** Load range letter. */
  loadRange: string | null;
  marks: readonly ('XL' | 'RF' | 'C')[];
}

const RIM_CODES = { least: 8, most: 30 };
const METRIC_WIDTH = { least: 105, most: 455 };
const ASPECT = { least: 20, most: 100 };

// A number ends where its digits end: "555" is never read as "55" and "5".
const NUMBER = String.raw`(\d+(?:\.\d+)?)(?![\d.])`;
const METRIC = new RegExp(
  String.raw`^(P|LT|ST|T)?\s*${NUMBER}[\s/-]+${NUMBER}[\s/-]*([HQSTUV]?R|ZR|D|B)?[\s/-]*${NUMBER}` +
    String.raw`(C(?=[\s\d]|$)|LT(?=\s|$))?(.*)$`,
);
const FLOTATION = new RegExp(
  String.raw`^(LT)?\s*${NUMBER}\s*[X×]\s*${NUMBER}[\s/-]*(ZR|R|D|B)?[\s/-]*${NUMBER}\s*(LT)?(.*)$`,
);
/** A flotation size with a slash or a dash where its x belongs: no section is as narrow as 60 mm. */
const FLOTATION_WITH_SLASH = /^(?:LT)?\s*([2-5]\d(?:\.\d+)?)\s*[/-]\s*(?=(?:[5-9]|1\d|2[0-2])(?:\.\d+)?\s*[\s/RDB-])/;
const SERVICE = /^(\d{1,3})(?:\s*\/\s*(\d{1,3}))?\s*([B-HJ-NP-WY]|A[1-8])?$/;
/** What sidewalls say besides, and what no figure depends on. */
const OTHER_MARKS = /^(M[+&/]?S|3PMSF|TL|TT|RFT|FR|FP|MFS|SL)$/;
/** A size whose aspect ratio nobody wrote, like 185R14C. */
const NO_ASPECT = /^(?:P|LT)?\s*(\d{3})\s*[RDB-]\s*(\d{2}(?:\.5)?)(?!\d)/;
const RUN_TOGETHER = /^(?:P|LT)?\s*(\d{3})[\s/-]*(\d{2})\s*R?\s*(\d{2})(?!\d)/;

/**
 * Reads a tire size as people write it: `205/55R16`, `205/55 ZR 16 91W`, `P245/65R17`, `LT285/70R17 121/118Q`,
 * `195-50-15`, `245 65 17`, `185/70HR13`, `33x12.50R17LT`, `33/12.50R17`, in any case and spacing, with load range
 * letter and XL, RF or C marks. Load indices and speed ratings as in ISO 4000-1 (from memory).
 * @throws DomainError that names the part of the size that is wrong
 */
export function readTireSize(text: string): TireSize {
  const known = read.get(text);
  if (known) return known;
  const size = readAnew(text);
  // A job asks for the same few sizes again and again; typed nonsense must not pile up.
  if (read.size >= MOST_READ) read.clear();
  read.set(text, size);
  return size;
}
const read = new Map<string, Readonly<TireSize>>();
const MOST_READ = 1000;

function readAnew(text: string): TireSize {
  const label = text
    .trim()
    .toUpperCase()
    .replace(/[\u2010-\u2015\u2212]/g, '-')
    .replace(/,/g, '.')
    .replace(/\\/g, '/')
    .replace(/\s+/g, ' ');
  if (label === '') throw new DomainError('needs a tire size such as 205/55R16');
  if (label.length > 60) throw new DomainError('is too long for a tire size');

  const flotation = FLOTATION.exec(label.replace(FLOTATION_WITH_SLASH, '$1X'));
  if (flotation) return readFlotation(flotation);
  const metric = METRIC.exec(label);
  if (metric) return readMetric(metric);
  throw new DomainError(shapeMessage(label));
}

function readMetric(parts: RegExpExecArray): TireSize {
  const [, prefix, widthText, aspectText, construction, rimText, mark, rest] = parts;
  const nominalWidthMm = part({ name: 'section width', text: widthText!, range: METRIC_WIDTH, unit: 'mm' });
  const aspectRatio = part({ name: 'aspect ratio', text: aspectText!, range: ASPECT, unit: '%' });
  const rimDiameterIn = part({ name: 'rim diameter', text: rimText!, range: RIM_CODES, unit: 'in' });
  const service = readService(rest!);
  return {
    system: 'metric',
    prefix: (prefix ?? (mark === 'LT' ? 'LT' : null)) as TireSize['prefix'],
    nominalWidthMm,
    aspectRatio,
    rimDiameterIn,
    labelDiameterMm: null,
    construction: readConstruction(construction),
    ...service,
    // Older sizes carry their speed rating in front of the R.
    speed: service.speed ?? (/^[HQSTUV]R$/.test(construction ?? '') ? construction![0]! : null),
    marks: mark === 'C' ? ['C', ...service.marks.filter((m) => m !== 'C')] : service.marks,
  };
}

function readFlotation(parts: RegExpExecArray): TireSize {
  const [, before, diameterText, widthText, construction, rimText, behind, rest] = parts;
  const diameterIn = part({
    name: 'overall diameter',
    text: diameterText!,
    range: { least: 20, most: 54 },
    unit: 'in',
  });
  const widthIn = part({ name: 'section width', text: widthText!, range: { least: 5, most: 22 }, unit: 'in' });
  const rimDiameterIn = part({ name: 'rim diameter', text: rimText!, range: RIM_CODES, unit: 'in' });
  if (diameterIn <= rimDiameterIn)
    throw new DomainError(`overall diameter ${diameterText} in is not larger than its rim of ${rimText} in`);
  const heightMm = (diameterIn * MM_PER_INCH - rimSeatDiameterMm(rimDiameterIn)) / 2;
  return {
    system: 'flotation',
    prefix: before || behind ? 'LT' : null,
    nominalWidthMm: widthIn * MM_PER_INCH,
    aspectRatio: (100 * heightMm) / (widthIn * MM_PER_INCH),
    rimDiameterIn,
    labelDiameterMm: diameterIn * MM_PER_INCH,
    construction: readConstruction(construction),
    ...readService(rest!),
  };
}

const readConstruction = (letters: string | undefined): TireSize['construction'] =>
  letters ? (letters.at(-1) as 'R' | 'D' | 'B') : null;

function part({
  name,
  text,
  range,
  unit,
}: {
  name: string;
  text: string;
  range: { least: number; most: number };
  unit: string;
}): number {
  const value = Number(text);
  if (value < range.least || value > range.most)
    throw new DomainError(`${name} ${text} is outside ${range.least} to ${range.most} ${unit}`);
  return value;
}

type Service = Pick<TireSize, 'loadIndex' | 'loadIndexDual' | 'speed' | 'loadRange' | 'marks'>;

/** What stands behind the size: load index, speed rating, load range letter, XL, RF and C marks, in any order. */
function readService(rest: string): Service {
  const found: Service = { loadIndex: null, loadIndexDual: null, speed: null, loadRange: null, marks: [] };
  let left = ` ${rest} `.replace(/[()]/g, ' ');
  left = left.replace(/(\s\d{2,3}(?:\s?\/\s?\d{2,3})?) ([HL-NP-WY])(?=\s)/, '$1$2');
  left = left.replace(/\s(?:LR|LOAD RANGE|RANGE)\s?([A-N])(?=\s)/, (_, letter: string) => {
    found.loadRange = letter;
    return ' ';
  });
  const marks: TireSize['marks'][number][] = [];
  left = left.replace(/\s(XL|RF|EXTRA LOAD|REINF(?:ORCED)?)(?=\s)/g, (_, mark: string) => {
    marks.push(mark.startsWith('R') ? 'RF' : 'XL');
    return ' ';
  });
  found.marks = [...new Set(marks)];
  const words = left.trim().split(' ').filter(Boolean);
  // "91 W" and "121 / 118 Q" are one marking written apart.
  const service = SERVICE.exec(words.join(' ').replace(/\s*\/\s*/g, '/'));
  if (service) return { ...found, ...readIndices(service) };
  for (const word of words) {
    const indices = SERVICE.exec(word);
    if (indices && found.loadIndex === null) Object.assign(found, readIndices(indices));
    else if (/^[B-N]$/.test(word) && found.loadRange === null) found.loadRange = word;
    else if (OTHER_MARKS.test(word)) continue;
    else
      throw new DomainError(
        `“${word.slice(0, 24)}” behind the size is not a load index, a speed rating or a known mark`,
      );
  }
  return found;
}

function readIndices(parts: RegExpExecArray): Pick<Service, 'loadIndex' | 'loadIndexDual' | 'speed'> {
  return { loadIndex: indexOf(parts[1]!), loadIndexDual: parts[2] ? indexOf(parts[2]) : null, speed: parts[3] ?? null };
}

/** Load indices that tires of road cars carry. */
const LOAD_INDEX = { least: 20, most: 204 };

function indexOf(text: string): number {
  const index = Number(text);
  if (index < LOAD_INDEX.least || index > LOAD_INDEX.most)
    throw new DomainError(`load index ${text} is outside ${LOAD_INDEX.least} to ${LOAD_INDEX.most}`);
  return index;
}

/** Says which part of an unreadable size is missing or odd. */
function shapeMessage(label: string): string {
  const likeThis = 'write it like 205/55R16 or 33x12.50R17';
  const numbers = label.match(/\d+(?:\.\d+)?/g) ?? [];
  const stray = /[^PLTSZRDBXCF0-9\s/×.()-]/.exec(label);
  const together = RUN_TOGETHER.exec(label);
  if (together)
    return `the figures run together: is it ${together[1]}/${together[2]}R${together[3]}? Write it with its slash`;
  const bare = NO_ASPECT.exec(label);
  if (bare)
    return (
      `between ${bare[1]} and ${bare[2]} the aspect ratio is missing: such sizes are of the 80 or 82 series, write` +
      ` ${bare[1]}/80R${bare[2]} or what the maker's table says`
    );
  if (numbers.length === 0) return `“${label.slice(0, 24)}” has no figures: ${likeThis}`;
  if (stray) return `“${stray[0]}” does not belong in a tire size: ${likeThis}`;
  if (numbers.length === 1)
    return `after ${numbers[0]} the aspect ratio and the rim diameter are missing, as in 205/55R16`;
  if (numbers.length === 2) return `after ${numbers.join('/')} the rim diameter is missing, as in 205/55R16`;
  return `“${label.slice(0, 24)}” is not a tire size: ${likeThis}`;
}

/**
 * Rim diameter at the bead seats in whole mm from the trade's code in inches, round(25.4 · code).
 * ISO 4000-1 (from memory): 10→254 … 16→406, 17→432, 18→457 … 24→610.
 */
export const rimSeatDiameterMm = (rimDiameterIn: number): number => Math.round(rimDiameterIn * MM_PER_INCH);
