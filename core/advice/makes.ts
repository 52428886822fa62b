import type { SetupOnAxle } from '#core/job';
import { itemName, tireFromShelf, type ShelfItem } from '#core/shelf';
import { readTireSize, type TireSize, type Tire } from '#core/tire';
import { evaluateSetup, NO_SWEEPS, type AxleReport } from '#core/evaluate';

/** One make of a size on a setup: what its own dimensions do. */
export interface Make {
  /** `size` for the nominal one, computed; otherwise the make's name. */
  name: string;
  /** Without the size, which all of them share. */
  short: string;
  ofSize: boolean;
  tire: Tire;
  figures: AxleReport;
}

const sameSize = (one: TireSize, other: TireSize): boolean =>
  one.system === other.system &&
  one.nominalWidthMm === other.nominalWidthMm &&
  Math.abs(one.aspectRatio - other.aspectRatio) < 0.01 &&
  one.rimDiameterIn === other.rimDiameterIn;

/**
 * The makes kept of the size that a setup carries, each with its own figures, beside the nominal size: one size differs
 * between makes. What has run out is listed too, since its dimensions still say something.
 * @returns an empty list while the axle has no tire size
 */
export function makesOfSize({ job, setup, axle, items }: SetupOnAxle & { items: readonly ShelfItem[] }): Make[] {
  const now = setup[axle]?.tire?.size;
  if (now === undefined) return [];
  const size = readTireSize(now);
  const kept = items.filter(
    (item) => item.kind === 'tire' && item.size !== undefined && sameSize(readTireSize(item.size), size),
  );
  const make = (name: string, tire: Tire, ofSize: boolean): Make => ({
    name,
    short: name.replaceAll(tire.size ?? now, '').trim() || name,
    ofSize,
    tire,
    figures: evaluateSetup(job, { ...setup, [axle]: { ...setup[axle], tire } }, { sweeps: NO_SWEEPS })[axle],
  });
  return [make('size', { size: now }, true), ...kept.map((item) => make(itemName(item), tireFromShelf(item), false))];
}
