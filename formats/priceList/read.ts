import { DomainError } from '#core/errors';
import type { ShelfItem } from '#core/shelf';
import { offsetFigure, rimFigure } from '#core/units';
import { faultsOf, type Fault } from '#formats/faults';
import { VALIDATION } from '#formats/rules';
import { storeItemSchema } from '#formats/shelf';
import type { ListMapping } from './mapping';
import type { ListRows } from './rows';
import { LIST_TARGETS, targetOf, type Given, type ListTargetName } from './columns';

/** What a list holds: items of the shelf, and the lines that could not be read. */
export interface ReadList {
  items: ShelfItem[];
  /** What is wrong, line by line. */
  faults: Fault[];
  /** How many lines have faults. */
  faulty: number;
}

/** The most faults that are told. */
const MOST_FAULTS = 200;

/** Reads a list by its mapping. Nothing in it is computed: a formula is a fault where a figure belongs, else a text. */
export function readList({ rows, lines }: ListRows, mapping: ListMapping): ReadList {
  const items: ShelfItem[] = [];
  const faults: Fault[] = [];
  let faulty = 0;
  for (let at = mapping.firstRow; at < rows.length; at++) {
    const wrong: Fault[] = [];
    const fault = (target: ListTargetName | null, message: string) =>
      wrong.push({ path: `line ${lines[at]}${target ? `, ${targetOf(target).label}` : ''}`, message });
    const item = itemOf(rows[at]!, mapping, fault);
    if (item && wrong.length === 0) items.push(item);
    else {
      faulty += 1;
      if (faults.length < MOST_FAULTS) faults.push(...wrong);
    }
  }
  return { items, faults, faulty };
}

/** One line as an item; null where it is none, said to `fault`. */
function itemOf(
  cells: readonly string[],
  { kind, columns, decimal, currency }: ListMapping,
  fault: (target: ListTargetName | null, message: string) => void,
): ShelfItem | null {
  const given: Given = {};
  const texts: string[] = [];
  for (const { target, at } of columns) {
    const cell = cells[at] ?? '';
    if (cell === '') continue;
    try {
      const read = targetOf(target).read(cell, decimal, kind);
      for (const [key, value] of Object.entries(read)) {
        const known = given[key as keyof Given];
        if (known !== undefined && known !== value)
          fault(target, `says ${value} where another column says ${String(known)}`);
        Object.assign(given, { [key]: value });
      }
    } catch (error) {
      if (!(error instanceof DomainError)) throw error;
      fault(target, error.message);
    }
    texts.push(cell);
  }
  const { code, currency: own, ...figures } = given;
  if (own !== undefined && currency !== null && own !== currency)
    fault('priceEach', `is in ${own}, the list in ${currency}`);
  const item = {
    kind,
    ...figures,
    name: nameOf(kind, given, code),
  } as ShelfItem;
  const lacking = lackingOf(item);
  if (lacking) {
    fault(null, lacking);
    return null;
  }
  const { error } = storeItemSchema.validate(item, VALIDATION);
  for (const { path, message } of error ? faultsOf(error) : []) fault(isTarget(path) ? path : null, message);
  return item;
}

const isTarget = (path: string): path is ListTargetName => path in LIST_TARGETS;

/** What a part must say to be looked for. */
function lackingOf({
  kind,
  rimDiameterIn,
  rimWidthIn,
  offsetMm,
  lugCount,
  boltCircleMm,
  size,
}: ShelfItem): string | null {
  if (kind === 'tire') return size === undefined ? 'has no tire size' : null;
  if (rimDiameterIn == null || rimWidthIn == null) return 'has no rim width and diameter';
  if (offsetMm == null) return 'has no offset';
  return lugCount == null || boltCircleMm == null ? 'has no bolt pattern' : null;
}

/** What a part is called: its name with its size where that does not stand in it, and its article number. */
function nameOf(kind: ShelfItem['kind'], given: Given, code: string | undefined): string {
  const { name, rimDiameterIn, rimWidthIn, offsetMm, size } = given;
  const offset = offsetMm == null ? '' : ` ${offsetFigure(offsetMm)}`;
  const rim =
    rimDiameterIn == null || rimWidthIn == null
      ? ''
      : `${rimFigure(rimDiameterIn)} x ${rimFigure(rimWidthIn)}${offset}`;
  const figures = kind === 'tire' ? (size ?? '') : rim;
  const own = name ?? code ?? '';
  const parts = [own, own.includes(figures) ? '' : figures, name !== undefined && code !== undefined ? code : ''];
  return (
    parts
      .filter((part) => part !== '')
      .join(' ')
      .slice(0, 120) || 'no name'
  );
}
