import type { AxleName, Vehicle } from '#core/job';
import {
  capacityOf,
  loadOfIndexKg,
  needPerWheelKg,
  pressureForSameLoad,
  wheelsOnAxle,
  type Capacity,
  type Service,
} from '#core/load';
import { formatNumber, type Words } from '#core/units';
import type { Fitted } from '../fit';
import type { Sheet } from '../report';

/** What the tires of an axle may carry and must carry; null where a reading is missing. */
export interface LoadCase {
  dual: boolean;
  capacity: Capacity | null;
  present: Capacity | null;
  needKg: number | null;
  axleRatingKg: number | null;
}

interface LoadAsk {
  sheet: Sheet;
  vehicle: Vehicle;
  axle: AxleName;
  candidate: Fitted;
  present: Fitted;
}

/** Puts what the tires carry, what each must carry and the estimated pressure on the sheet. */
export function loadFigures({ sheet, vehicle, axle, candidate, present }: LoadAsk): LoadCase {
  const { words } = sheet;
  const kg = (value: number) => words.measure('mass', value);
  const { axleRatingKg = null, pressureKpa = null, dual = false } = vehicle[axle] ?? {};
  const on = { truck: vehicle.class === 'truck', dual, topSpeedKmh: vehicle.topSpeedKmh ?? null };
  const capacity = capacityOf(candidate.service, on);
  const now = capacityOf(present.service, on);
  if (capacity) sheet.putTire('loadCapacityKg', capacity.kg, () => capacityLines(capacity, candidate.service, words));
  const needKg = axleRatingKg === null ? null : needPerWheelKg(axleRatingKg, dual);
  if (needKg !== null)
    sheet.put('loadNeedKg', needKg, () => [
      `axle rating ${kg(axleRatingKg!)} / ${wheelsOnAxle(dual)} wheels = ${kg(needKg)} each`,
    ]);
  if (pressureKpa !== null && capacity && now)
    putPressure({ sheet, kpa: pressureKpa, present: present.service, next: candidate.service, dual });
  return { dual, capacity, present: now, needKg, axleRatingKg };
}

/** How a capacity came about. */
export function capacityLines(capacity: Capacity, service: Service, words: Words): string[] {
  const kg = (value: number) => words.measure('mass', value);
  const lines = [`load index ${capacity.index}${capacity.dual ? ' (dual)' : ''}: ${kg(capacity.markedKg)} a tire`];
  if (capacity.derated)
    lines.push(
      `a passenger tire on a truck, van or SUV: ${kg(capacity.markedKg)} / 1.10 = ${kg(capacity.markedKg / 1.1)}` +
        ' (FMVSS 571.110)',
    );
  if (capacity.speedShare < 1)
    lines.push(`${service.speed} at the car's top speed: ${formatNumber(100 * capacity.speedShare, 0)} % of it`);
  for (const key of service.differs)
    lines.push(`${DIFFERS[key]} differs from the one in the size: the separate figure counts`);
  return lines;
}

const DIFFERS: Record<Service['differs'][number], string> = {
  loadIndex: 'load index',
  loadIndexDual: 'dual load index',
  speed: 'speed rating',
  loadRange: 'load range',
};

interface PressureAsk {
  sheet: Sheet;
  kpa: number;
  present: Service;
  next: Service;
  dual: boolean;
}

function putPressure({ sheet, kpa, present, next, dual }: PressureAsk): void {
  const { words } = sheet;
  const kg = (value: number) => words.measure('mass', value);
  const stated = (service: Service): number => loadOfIndexKg((dual ? service.loadIndexDual : service.loadIndex)!);
  const [before, after] = [stated(present), stated(next)];
  const estimate = pressureForSameLoad(kpa, { loadKg: before, service: present }, { loadKg: after, service: next });
  sheet.put('pressureKpa', estimate.kpa, () => [
    `${words.measure('pressure', kpa)} × (${kg(before)} /` +
      ` ${kg(after)})^(1/0.8)${estimate.sameReference ? '' : ', by the pressures at which the loads are stated,'} =` +
      ` ${words.measure('pressure', estimate.kpa)}`,
    ...(estimate.sameReference ? ['both loads taken as stated at one pressure (assumed)'] : []),
    "an estimate for the same load, cold: the tire maker's table decides, and never less than the car's plate asks",
  ]);
}
