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
  /** What the shelf has of it, and what is taken from there. */
  onShelf: number;
  fromShelf: number;
  toBuy: number;
  /** The name on the shelf; null where none is there. */
  shelfName: string | null;
  each: number | null;
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
 */
export function orderOf(one: CostCase, shelf: readonly ShelfItem[]): OrderLine[] {
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
        shelfName: item ? itemName(item) : null,
        each: price?.each ?? null,
      });
    }
  return [...lines.values()].map((line) => {
    const fromShelf = Math.min(line.count, Math.max(0, line.onShelf));
    return { ...line, fromShelf, toBuy: line.count - fromShelf };
  });
}
