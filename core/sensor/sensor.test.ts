import { KEEP_AWAY_M, sensorFit, type CarSensors, type SensorChoice, type SensorSeat } from '#core/sensor';

const car: CarSensors = { frequencyMHz: 433.92, body: 'clamp-in', relearn: 'stationary' };
const wheel: SensorSeat = { sensorBody: 'either', valveHoleMm: 11.3 };
const judged = (choice: SensorChoice, seat: SensorSeat = wheel, of: CarSensors = car) => sensorFit(of, [seat], choice);

describe('tire-pressure sensors (common practice, no source, but for the valve hole)', () => {
  test.each<[SensorChoice, SensorSeat, string, RegExp]>([
    [{}, wheel, 'unknown', /not given/],
    [{ from: 'none' }, wheel, 'caution', /warning light stays on/],
    [{ from: 'reuse' }, wheel, 'ok', /own sensors/],
    [{ from: 'reuse' }, { sensorBody: 'snap-in' }, 'fail', /takes snap-in, the sensor is clamp-in/],
    [{ from: 'reuse' }, { sensorBody: 'none' }, 'fail', /no place for a sensor/],
    [{ from: 'reuse' }, {}, 'unknown', /what the wheel takes/],
    [{ from: 'order', frequencyMHz: 433.92, body: 'snap-in' }, wheel, 'ok', /both at 433\.92 MHz/],
    [{ from: 'order', frequencyMHz: 433, body: 'clamp-in' }, wheel, 'ok', /both at/],
    [
      { from: 'order', frequencyMHz: 315, body: 'clamp-in' },
      wheel,
      'fail',
      /sensors at 315 MHz, the car at 433\.92 MHz/,
    ],
    [{ from: 'order', body: 'clamp-in' }, wheel, 'unknown', /not known: frequency/],
    // Rim valve hole 11.3 mm, 0.453 in, in the tire and rim tables; the larger one is 15.7 mm, 0.625 in (from memory).
    [{ from: 'reuse' }, { sensorBody: 'either', valveHoleMm: 15.7 }, 'fail', /valve hole 15\.7 mm/],
  ])('%p in %p: %s', (choice, seat, verdict, reason) => {
    const fit = judged(choice, seat);
    expect(fit.verdict).toBe(verdict);
    expect(fit.reasons.join('; ')).toMatch(reason);
  });
  test('the worst wheel decides, and each reason is said once', () => {
    const fit = sensorFit(car, [wheel, { sensorBody: 'none' }, { sensorBody: 'none' }], { from: 'reuse' });
    expect(fit.verdict).toBe('fail');
    expect(fit.reasons.filter((reason) => /no place for a sensor/.test(reason))).toHaveLength(1);
  });
  test('steps for the job sheet: by the car’s way of learning; only an ordered set leaves an old one', () => {
    expect(judged({ from: 'order', frequencyMHz: 433.92, body: 'clamp-in' }).steps).toEqual([
      'note each sensor’s ID before mounting',
      'relearn at rest: start the relearn, then wake each sensor in the maker’s order',
      `keep the old set at least ${KEEP_AWAY_M} m away, or the car hears its sensors instead`,
    ]);
    expect(judged({ from: 'reuse' }).steps.join()).not.toMatch(/keep the old set/);
    expect(judged({ from: 'reuse' }, wheel, { body: 'clamp-in' }).steps.join()).toMatch(
      /not known: how this car relearns/,
    );
    expect(judged({ from: 'none' }).steps).toEqual([]);
  });
});
