import { AXLES, type AxleName, type ReadingRecord, type Vehicle, type VehicleAxle } from '#core/job';
import type { Obstacle } from '#core/sweep';
import { INSTRUMENT_UNCERTAINTY_MM } from '#core/uncertainty';

interface Group {
  /** What is taken over. */
  label: string;
  keys: readonly (keyof VehicleAxle)[];
  /** What it means nothing without. */
  needs?: 'room';
}

/** What of a car can be taken over for another one of its kind, matter by matter. */
export const TAKE_OVER = {
  room: {
    label: 'Gaps at rest, with the wheels and tires they were read on',
    keys: ['baseline', 'room', 'left', 'dual', 'pressureKpa'],
  },
  parts: { label: 'Nearby parts', keys: ['obstacles'], needs: 'room' },
  hub: { label: 'Hub and fasteners', keys: ['hub', 'axleRatingKg'] },
  suspension: { label: 'Suspension and steering', keys: ['suspension'] },
  brakes: { label: 'Brake outline', keys: ['caliper'] },
} as const satisfies Record<string, Group>;
export type TakeOverGroup = keyof typeof TAKE_OVER;
export const TAKE_OVER_GROUPS = Object.keys(TAKE_OVER) as TakeOverGroup[];

const groupAt = (name: TakeOverGroup): Group => TAKE_OVER[name];

/** Whether anything of a matter was measured. */
export const groupsOf = (vehicle: Vehicle): TakeOverGroup[] =>
  TAKE_OVER_GROUPS.filter((name) =>
    AXLES.some((axle) => groupAt(name).keys.some((key) => vehicle[axle]?.[key] !== undefined)),
  );

/** The matters that were chosen, with those that they mean nothing without. */
const whole = (chosen: readonly TakeOverGroup[]): TakeOverGroup[] =>
  TAKE_OVER_GROUPS.filter((name) => chosen.includes(name) || chosen.some((one) => groupAt(one).needs === name));

interface Source {
  /** A car that was measured, with its readings. */
  vehicle: Vehicle;
  /** The number of its job. */
  number: string;
  /** When it was worked on last: for readings that nobody dated. */
  at: string;
  /** How far another car of its kind may differ, ± mm at 95 %. */
  plusMinusMm: number;
  /** The places within an axle whose values are readings. */
  readingKeys: readonly string[];
}

/**
 * What was measured on one car as the beginning of another one of its kind: every reading says which job it comes from,
 * and is less sure by how far two such cars differ: √(±² + spread²). What stands on the wheel and tire that the gaps
 * were read on is as sure as it was, for it is that wheel.
 */
export function takenOver(source: Source, chosen: readonly TakeOverGroup[]): Vehicle {
  const keys = whole(chosen).flatMap((name) => groupAt(name).keys);
  const axles = AXLES.map((axle) => [axle, axleOver(source, axle, keys)] as const);
  const { flangeMm, drive } = source.vehicle;
  return {
    ...(flangeMm == null ? {} : { flangeMm }),
    ...(drive === undefined ? {} : { drive }),
    ...Object.fromEntries(axles.filter(([, axle]) => Object.keys(axle).length > 0)),
  };
}

function axleOver(source: Source, axle: AxleName, keys: readonly (keyof VehicleAxle)[]): VehicleAxle {
  const from = source.vehicle[axle] ?? {};
  const own = structuredClone(
    Object.fromEntries(keys.flatMap((key) => (from[key] === undefined ? [] : [[key, from[key]]]))),
  ) as VehicleAxle;
  // Parts that were placed by coordinates are as sure as the room around the wheel.
  if (own.room) own.room.uncertaintyMm = lessSure(from.room?.uncertaintyMm, source);
  if (own.obstacles) own.obstacles = own.obstacles.map((part) => partOver(part, from, source));
  const readings = source.readingKeys.flatMap((key): ReadingRecord[] => {
    const value = numberAt(own, key);
    return value === null ? [] : [recordOver(from, { key, value }, source)];
  });
  return { ...own, ...(readings.length > 0 ? { readings } : {}) };
}

/** ± of something read on one car for another of its kind; a tape's, where nobody said how exactly it was read. */
const lessSure = (plusMinusMm: number | null | undefined, source: Source): number =>
  Math.hypot(plusMinusMm ?? INSTRUMENT_UNCERTAINTY_MM.tape!, source.plusMinusMm);

function numberAt(axle: VehicleAxle, key: string): number | null {
  const value = key
    .split('.')
    .reduce<unknown>((at, one) => (at as Record<string, unknown> | null | undefined)?.[one], axle);
  return typeof value === 'number' ? value : null;
}

/** What was taken over before says the car that was measured, and is as far from that one as it was. */
function partOver(part: Obstacle, { room }: VehicleAxle, source: Source): Obstacle {
  const { gap } = part;
  if (!gap || gap.fromJob !== undefined) return part;
  const uncertaintyMm = lessSure(gap.uncertaintyMm ?? room?.uncertaintyMm, source);
  return { ...part, gap: { ...gap, uncertaintyMm, fromJob: source.number } };
}

function recordOver(from: VehicleAxle, { key, value }: { key: string; value: number }, source: Source): ReadingRecord {
  const last = from.readings?.findLast((one) => one.key === key && !one.withdrawn);
  if (last?.fromJob !== undefined) return { ...last, value };
  const known = last?.uncertaintyMm ?? (key.includes('room.') ? from.room?.uncertaintyMm : null) ?? null;
  const isAsSure = key.startsWith('baseline.') || !key.endsWith('Mm');
  return {
    key,
    value,
    uncertaintyMm: isAsSure ? known : lessSure(known, source),
    instrument: last?.instrument ?? null,
    takenAt: last?.takenAt ?? source.at,
    ...(last?.shopInstrument ? { shopInstrument: last.shopInstrument } : {}),
    fromJob: source.number,
  };
}
