import type { TireSize } from '#core/tire';
import { loadOfIndexKg } from './loadIndex';
import { loadShareAtSpeed } from './speedRating';

/** What a tire is made to carry, as its sidewall says. */
export interface Service {
  loadIndex: number | null;
  loadIndexDual: number | null;
  speed: string | null;
  loadRange: string | null;
  /** A tire of passenger cars: neither LT nor C nor flotation. Its load is derated on a truck. */
  passenger: boolean;
  /** Reinforced: its load is stated at a higher pressure. */
  extraLoad: boolean;
  /** What was typed beside the size and differs from what the size itself says. */
  differs: ('loadIndex' | 'loadIndexDual' | 'speed' | 'loadRange')[];
}

/** What may be said of a tire beside its size. */
export interface SaidService {
  loadIndex?: number | null | undefined;
  loadIndexDual?: number | null | undefined;
  speed?: string | null | undefined;
  loadRange?: string | null | undefined;
}

/** What a tire is made to carry: what is said beside the size wins over what stands behind it. */
export function serviceOf(size: TireSize | null, said: SaidService): Service {
  const differs: Service['differs'] = [];
  const pick = <T>(
    key: Service['differs'][number],
    own: T | null | undefined,
    marked: T | null | undefined,
  ): T | null => {
    if (own != null && marked != null && own !== marked) differs.push(key);
    return own ?? marked ?? null;
  };
  return {
    loadIndex: pick('loadIndex', said.loadIndex, size?.loadIndex),
    loadIndexDual: pick('loadIndexDual', said.loadIndexDual, size?.loadIndexDual),
    speed: pick('speed', said.speed, size?.speed),
    loadRange: pick('loadRange', said.loadRange, size?.loadRange),
    passenger: size !== null && isPassenger(size),
    extraLoad: size !== null && (size.marks.includes('XL') || size.marks.includes('RF')),
    differs,
  };
}

const isPassenger = (size: TireSize): boolean =>
  size.system === 'metric' && (size.prefix === 'P' || size.prefix === null) && !size.marks.includes('C');

/** A passenger tire on a truck, van or SUV carries its load divided by this (FMVSS 571.110 S4.2.2.2, from memory). */
const TRUCK_DERATING = 1.1;

/** What one tire may carry on a car, and how it came about. Loads in kg. */
export interface Capacity {
  kg: number;
  index: number;
  /** Of the index alone. */
  markedKg: number;
  dual: boolean;
  derated: boolean;
  /** Share that is left at the car's top speed. */
  speedShare: number;
}

/**
 * What one tire may carry, kg: the load of its index (of its dual index in dual fitment), divided by 1.10 for a
 * passenger tire on a truck, times what its speed rating leaves at the car's top speed.
 * @returns null while the index is not known
 */
export function capacityOf(
  service: Service,
  on: { truck: boolean; dual: boolean; topSpeedKmh: number | null },
): Capacity | null {
  const index = on.dual ? service.loadIndexDual : service.loadIndex;
  if (index === null) return null;
  const markedKg = loadOfIndexKg(index);
  const derated = on.truck && service.passenger;
  const speedShare = on.topSpeedKmh === null ? 1 : loadShareAtSpeed(service.speed, on.topSpeedKmh);
  return {
    kg: (markedKg / (derated ? TRUCK_DERATING : 1)) * speedShare,
    index,
    markedKg,
    dual: on.dual,
    derated,
    speedShare,
  };
}

/** Wheels that share an axle's load. */
export const wheelsOnAxle = (dual: boolean): number => (dual ? 4 : 2);

/** What each wheel of an axle must carry, kg: the axle rating over two wheels, or four in dual fitment. */
export const needPerWheelKg = (axleRatingKg: number, dual: boolean): number => axleRatingKg / wheelsOnAxle(dual);
