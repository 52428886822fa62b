import type { SetupAxle, VehicleAxle, Wheel } from '#core/job';
import type { Tire } from '#core/tire';
import { isPriceKey } from '#core/units';

/** What is said of a part beside its price that makes it no other one. */
const BESIDE: readonly string[] = ['innerFace', 'massKg'];

/** Whether a part of a setup is the one on the car: all that is known of that one is the same. */
function isPresent<T extends object>(own: T, now: T | undefined): boolean {
  if (!now) return false;
  const keys = (Object.keys(now) as (keyof T & string)[]).filter(
    (key) => now[key] != null && !isPriceKey(key) && !BESIDE.includes(key),
  );
  return keys.length > 0 && keys.every((key) => now[key] === own[key]);
}

/** The wheel that is bought for an axle; null where there is none, or it is the one on the car. */
export function wheelBought({ wheel }: SetupAxle, { baseline }: VehicleAxle): Wheel | null {
  if (!wheel || wheel.rimWidthIn == null) return null;
  return wheel.priceEach == null && isPresent(wheel, baseline?.wheel) ? null : wheel;
}

/** The tire that is bought for an axle; null where there is none, or it is the one on the car. */
export function tireBought({ tire }: SetupAxle, { baseline }: VehicleAxle): Tire | null {
  if (!tire || (!tire.size && tire.sectionWidthMm == null)) return null;
  return tire.priceEach == null && isPresent(tire, baseline?.tire) ? null : tire;
}
