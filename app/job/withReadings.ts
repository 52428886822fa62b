import { keptFor } from '#core/kept';
import { AXLES, type ReadingRecord, type Vehicle, type VehicleAxle } from '#core/job';
import type { HistoryEntry } from '#formats/openJob';

/** What was made of a thing last. */
interface Last<T> {
  made?: T;
}
const lastAxle = keptFor<VehicleAxle, Last<VehicleAxle>>(() => ({}));
const lastVehicle = keptFor<Vehicle, Last<Vehicle>>(() => ({}));

/**
 * A car with the history of its readings, so that how exactly each was taken counts on the screen as in the file. As
 * long as nothing that is judged of it is another, it is the same object: a reading that gets its time of the server is
 * judged already.
 */
export function withReadings(vehicle: Vehicle, readings: readonly HistoryEntry[]): Vehicle {
  const last = lastVehicle(vehicle);
  const made: Vehicle = { ...vehicle };
  for (const name of AXLES) {
    const own = readings.filter(({ corner }) => corner === name);
    if (own.length > 0) made[name] = axleWith(vehicle[name] ?? {}, own);
  }
  const known = last.made;
  if (known && AXLES.every((name) => known[name] === made[name])) return known;
  return (last.made = made);
}

function axleWith(axle: VehicleAxle, readings: HistoryEntry[]): VehicleAxle {
  const last = lastAxle(axle);
  if (last.made && sameReadings(last.made.readings ?? [], readings)) return last.made;
  return (last.made = { ...axle, readings });
}

/** Whether two histories say the same of a car, whenever each was taken. */
const sameReadings = (before: readonly ReadingRecord[], after: readonly ReadingRecord[]): boolean =>
  before.length === after.length &&
  before.every((one, index) => {
    const other = after[index]!;
    return (
      one === other ||
      (one.key === other.key &&
        one.value === other.value &&
        one.uncertaintyMm === other.uncertaintyMm &&
        one.instrument === other.instrument &&
        one.withdrawn === other.withdrawn)
    );
  });
