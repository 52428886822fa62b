import { COST_RULES, type CostCase, type CostCode, type Ordered } from '#core/cost';
import type { Hub } from '#core/hub';
import type { AxleName, Job } from '#core/job';
import { pieceFromShelf, tireFromShelf, wheelFromShelf, itemName, type ShelfItem, type ShelfKind } from '#core/shelf';
import { fastenerFigures, pieceFigures, tireFigures, wheelFigures } from './figures';

/** One line of what is to be had for a setup. */
export interface OrderLine {
  code: CostCode;
  label: string;
  /** What identifies it, as it is ordered. */
  figures: string;
  count: number;
  /** What the shelf has free for it, and what of that is taken. */
  onShelf: number;
  fromShelf: number;
  toBuy: number;
  /** What is put by on the shelf for this setup, and what was taken off it already. */
  reserved: number;
  used: number;
  /** The item of the shelf; null where none is there. */
  shelf: ShelfKey | null;
  each: number | null;
}

/** An item of the shelf, by what it is known by. */
export type ShelfKey = Pick<ShelfItem, 'kind'> & { name: string };

/** What is taken of an item of the shelf for a setup. */
export interface Taken extends ShelfKey {
  reserved: number;
  used: number;
}

const SHELF_KINDS: Record<Ordered['kind'], ShelfKind[]> = {
  wheel: ['wheel'],
  tire: ['tire'],
  piece: ['spacer', 'adapter', 'ring'],
  fastener: ['fastener'],
  named: [],
};

function figuresOf(part: Ordered, job: Job): string {
  switch (part.kind) {
    case 'wheel':
      return wheelFigures(part.wheel);
    case 'tire':
      return tireFigures(part.tire);
    case 'piece':
      return pieceFigures(part.piece, hubOf(job, part.axle));
    case 'fastener':
      return fastenerFigures(part.fastener);
    case 'named':
      return part.figures;
  }
}

const hubOf = (job: Job, axle: AxleName): Pick<Hub, 'lugCount' | 'boltCircleMm'> => job.vehicle[axle]?.hub ?? {};

/** What an item of the shelf is ordered as, if it is such a part; null for what has no figures. */
function figuresOfItem(item: ShelfItem, part: Ordered, job: Job): string | null {
  if (!SHELF_KINDS[part.kind].includes(item.kind)) return null;
  switch (part.kind) {
    case 'wheel':
      return wheelFigures(wheelFromShelf(item));
    case 'tire': {
      const tire = tireFromShelf(item);
      return tireFigures(part.tire.label === undefined ? { ...tire, label: undefined } : tire);
    }
    case 'piece': {
      const piece = pieceFromShelf(item);
      if (piece.kind !== part.piece.kind) return null;
      const hub = hubOf(job, part.axle);
      const isOfHub =
        item.lugCount == null || (item.lugCount === hub.lugCount && item.boltCircleMm === hub.boltCircleMm);
      return isOfHub ? pieceFigures(piece, hub) : null;
    }
    case 'fastener':
      return fastenerFigures({ thread: item.thread, lengthMm: item.lengthMm, seat: item.seat });
    case 'named':
      return null;
  }
}

/**
 * What is to be had for a setup: every part that it needs and the car has not, by the figures that identify it, with
 * what of it lies on the shelf. A shelf item whose quantity nobody counted does not count as there.
 * @param shelf what lies there and is not put by for another setup
 * @param taken what is put by for this one, or taken off the shelf already
 */
export function orderOf(one: CostCase, shelf: readonly ShelfItem[], taken: readonly Taken[] = []): OrderLine[] {
  const { job } = one;
  const lines = new Map<string, OrderLine>();
  for (const { code, of } of COST_RULES)
    for (const { label, count, price, part } of of(one)) {
      if (!part) continue;
      const figures = figuresOf(part, job);
      const key = `${code} ${figures} ${figures === '' || part.kind === 'named' ? label : ''}`;
      const known = lines.get(key);
      if (known) {
        known.count += count;
        continue;
      }
      const item = shelf.find((kept) => figures !== '' && figuresOfItem(kept, part, job) === figures);
      lines.set(key, {
        code,
        label,
        figures,
        count,
        onShelf: item?.quantity ?? 0,
        fromShelf: 0,
        toBuy: 0,
        reserved: 0,
        used: 0,
        shelf: item ? { kind: item.kind, name: itemName(item) } : null,
        each: price?.each ?? null,
      });
    }
  return [...lines.values()].map((line) => supplied(line, taken));
}

/** A line with what of it is used already, comes from the shelf, and is left to be bought. */
function supplied(line: OrderLine, taken: readonly Taken[]): OrderLine {
  const own = line.shelf && taken.find(({ kind, name }) => kind === line.shelf!.kind && name === line.shelf!.name);
  const used = Math.min(line.count, own?.used ?? 0);
  const fromShelf = Math.min(line.count - used, Math.max(0, line.onShelf));
  return {
    ...line,
    used,
    fromShelf,
    reserved: Math.min(fromShelf, own?.reserved ?? 0),
    toBuy: line.count - used - fromShelf,
  };
}
