import { cornerSection } from '#core/evaluate';
import { AXLES, type AxleName, type Vehicle } from '#core/job';
import { COVERAGE } from '#core/uncertainty';

/**
 * How far apart two cars of one kind are taken to be until the shop knows better, ± mm at 95 % (common practice, no
 * source).
 */
const USUAL_KIND_SPREAD_MM = 4;
/** How many cars of a kind must have been measured before their own spread counts. */
const CARS_FOR_SPREAD = 3;

/** How far a place of one car may lie from the same place of another of its kind. */
export interface KindSpread {
  /** ± mm at 95 %. */
  plusMinusMm: number;
  /** How many cars of the kind were measured. */
  cars: number;
  /** Their own, not the usual figure. */
  isOwn: boolean;
}

/** The places of a corner against its hub, with the reading that says where each is. */
const PLACES = {
  fenderOut: 'room.outboardGapMm',
  innerPartOut: 'room.inboardGapMm',
  lipUp: 'room.archGapMm',
} as const;
type Place = keyof typeof PLACES;
/** The readings that places rest on. */
export const PLACE_KEYS: readonly string[] = Object.values(PLACES);

const isTakenOver = (vehicle: Vehicle, axle: AxleName, key: string): boolean =>
  vehicle[axle]?.readings?.findLast((reading) => reading.key === key && !reading.withdrawn)?.fromJob !== undefined;

/**
 * Where the body stands around the hubs of a car, mm, by whatever wheels it was read; what was taken over is left out.
 */
export function placesOf(vehicle: Vehicle): ReadonlyMap<string, number> {
  const places = AXLES.flatMap((axle) => {
    const corner = cornerSection(vehicle, axle);
    return (Object.keys(PLACES) as Place[]).flatMap((place): [string, number][] => {
      const mm = corner[place];
      return mm === null || isTakenOver(vehicle, axle, PLACES[place]) ? [] : [[`${axle} ${place}`, mm]];
    });
  });
  return new Map(places);
}

/**
 * How far cars of a kind differ: k·√2·s, for what is read on one is held against another; s is the standard deviation
 * of a place over the cars, pooled over the places that at least three of them have: √(Σ squares / Σ (n − 1)). Until
 * then ±4 mm.
 * @param cars cars of one kind that were measured, each by itself
 */
export function kindSpread(cars: readonly Vehicle[]): KindSpread {
  const places = cars.map(placesOf).filter(({ size }) => size > 0);
  const names = new Set(places.flatMap((one) => [...one.keys()]));
  const groups = [...names]
    .map((name) => places.flatMap((one) => one.get(name) ?? []))
    .filter(({ length }) => length >= CARS_FOR_SPREAD);
  const known = { cars: places.length };
  if (groups.length === 0) return { ...known, plusMinusMm: USUAL_KIND_SPREAD_MM, isOwn: false };
  const squares = groups.reduce((sum, group) => sum + squaresAbout(group), 0);
  const freedom = groups.reduce((sum, { length }) => sum + length - 1, 0);
  return { ...known, plusMinusMm: COVERAGE * Math.SQRT2 * Math.sqrt(squares / freedom), isOwn: true };
}

function squaresAbout(values: readonly number[]): number {
  const mean = values.reduce((sum, value) => sum + value, 0) / values.length;
  return values.reduce((sum, value) => sum + (value - mean) ** 2, 0);
}
