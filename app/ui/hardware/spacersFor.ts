import { staysOnHub } from '#core/advice';
import { hubPatternOf } from '#core/evaluate';
import type { StackPart, SetupOnAxle } from '#core/job';
import { stackThicknessMm } from '#core/stack';
import { pieceFromShelf, thinnestOnShelf, type ShelfItem } from '#core/shelf';

/** What the shelf has for a stack of a thickness in all, beside the pieces that stay. */
export interface SpacersFor {
  /** The thinnest that does it and leaves the wheel centered and held. */
  item: ShelfItem | null;
  /** The thinnest by its thickness alone, where that is another. */
  thinner: ShelfItem | null;
  /** The stack with the item in it. */
  stack: StackPart[] | null;
}

interface SpacersAsk extends SetupOnAxle {
  shelf: readonly ShelfItem[];
  /** Of the stack in all; nothing limits it where the most is null. */
  leastMm: number;
  mostMm: number | null;
}

/** Looks for the thinnest spacer that brings the stack of a setup to at least, and at most, so much in all; mm. */
export function spacersFor({ job, setup, axle, shelf, leastMm, mostMm }: SpacersAsk): SpacersFor {
  const hub = job.vehicle[axle]?.hub ?? {};
  const kept = (setup[axle]?.stack ?? []).filter(({ kind }) => kind !== 'slip-on');
  const othersMm = stackThicknessMm(kept) ?? 0;
  const need = {
    leastMm: leastMm - othersMm,
    mostMm: mostMm === null ? null : mostMm - othersMm,
    pattern: hubPatternOf(hub).pattern,
    hubBoreMm: hub.boreMm ?? null,
  };
  const without = { ...setup[axle], stack: kept };
  const holds = (item: ShelfItem) => staysOnHub({ hub, without, spacer: pieceFromShelf(item), terms: job });
  const byThickness = thinnestOnShelf(shelf, need);
  const item = thinnestOnShelf(shelf, { ...need, holds });
  return {
    item,
    thinner: byThickness === item ? null : byThickness,
    stack: item && [pieceFromShelf(item), ...kept],
  };
}
