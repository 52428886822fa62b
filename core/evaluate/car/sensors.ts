import type { Setup, Vehicle } from '#core/job';
import { sensorFit, type SensorFit } from '#core/sensor';
import { carCheck } from '../check';
import type { CarCase } from './case';

/** Sensors of a setup for the car; null on a car that has none and a setup that brings none. */
export function sensorReport(vehicle: Vehicle, setup: Setup): SensorFit | null {
  if (!vehicle.tpms && !setup.sensors) return null;
  const wheels = [setup.front?.wheel, setup.rear?.wheel].flatMap((wheel) => (wheel ? [wheel] : []));
  return sensorFit(vehicle.tpms ?? {}, wheels.length > 0 ? wheels : [{}], setup.sensors ?? {});
}

/** Whether the tire-pressure sensors fit wheels and car. */
export const tpms = carCheck({
  label: 'Tire-pressure sensors',
  short: 'Sensors',
  group: 'car',
  kind: 'match',
  unit: '',
  settable: true,
  says: {
    figure: ({ verdict }) => ({ ok: 'suits', caution: 'none', fail: 'differs', unknown: '—' })[verdict],
    limit: () => 'against car and wheels',
    margin: ({ verdict }) =>
      verdict === 'caution' ? 'the warning light stays on' : verdict === 'fail' ? 'they do not fit car or wheel' : null,
  },
  judge: ({ tpms: fit }: Pick<CarCase, 'tpms'>) =>
    fit && {
      value: null,
      limit: null,
      margin: null,
      verdict: fit.verdict,
      lines: () => [...fit.reasons, ...fit.steps],
    },
});
