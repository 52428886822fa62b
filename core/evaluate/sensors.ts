import { sensorFit, type SensorFit } from '#core/sensor';
import type { Setup, Vehicle } from '#core/job';
import type { Check } from '#core/verdict';
import { Judged } from './judged';

/** Sensors of a setup for the car; null on a car that has none and a setup that brings none. */
export function sensorReport(vehicle: Vehicle, setup: Setup): SensorFit | null {
  if (!vehicle.tpms && !setup.sensors) return null;
  const wheels = [setup.front?.wheel, setup.rear?.wheel].flatMap((wheel) => (wheel ? [wheel] : []));
  return sensorFit(vehicle.tpms ?? {}, wheels.length > 0 ? wheels : [{}], setup.sensors ?? {});
}

/** Whether the tire-pressure sensors fit wheels and car. */
export const sensorCheck = (fit: SensorFit): Check =>
  new Judged(
    {
      code: 'tpms',
      label: 'Tire-pressure sensors',
      axle: null,
      value: null,
      limit: null,
      margin: null,
      unit: '',
      verdict: fit.verdict,
    },
    () => [...fit.reasons, ...fit.steps],
  );
