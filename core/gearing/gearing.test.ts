import fc from 'fast-check';
import { create, all } from 'mathjs';
import {
  engineSpeedRpm,
  judgeSpeedometer,
  mostShownKmh,
  revolutionsPerKm,
  revolutionsPerMile,
  trueAtShownKmh,
  trueBandKmh,
} from '#core/gearing';

const math = create(all!, { number: 'BigNumber', precision: 40 });

describe('revolutions', () => {
  test('from the rolling circumference 3.05·D of a radial (ETRTO, from memory)', () => {
    // 205/55R16: 632 mm over all, 1928 mm around as the ETRTO table rounds it.
    expect(1e6 / revolutionsPerKm(632)).toBeCloseTo(1927.6, 1);
    expect(revolutionsPerKm(632)).toBeCloseTo(518.8, 1);
  });
  test('a mile is 1609.344 m: against a library of units', () => {
    fc.assert(
      fc.property(fc.double({ min: 400, max: 1200, noNaN: true }), (diameter) => {
        const perMile = Number(math.unit('1 mile').toNumber('mm')) / (3.05 * diameter);
        expect(revolutionsPerMile(diameter)).toBeCloseTo(perMile, 6);
      }),
    );
  });
  test('engine speed against miles an hour, feet and minutes worked out by a library of units', () => {
    // The shop's formula: mph × 1056 × ratio / circumference in inches (a handbook constant: inches a mile over 60
    // minutes).
    const circumferenceIn = (3.05 * 668) / 25.4;
    const mph = 65;
    expect(engineSpeedRpm(mph * 1.609344, 668, 3.73 * 0.75)).toBeCloseTo(
      (mph * 1056 * 3.73 * 0.75) / circumferenceIn,
      6,
    );
    const speed = Number(math.unit('100 km/h').toNumber('mm/minute'));
    expect(engineSpeedRpm(100, 632, 4)).toBeCloseTo((4 * speed) / (3.05 * 632), 6);
  });
});

describe('the band of a speedometer: UNECE R39, 0 ≤ V1 − V2 ≤ V2/10 + 4 km/h (from memory)', () => {
  test.each([
    [40, 48],
    [80, 92],
    [120, 136],
  ])('at a true %d km/h it shows at most %d', (truly, most) => expect(mostShownKmh(truly)).toBeCloseTo(most, 9));
  test('true band and most shown are each other’s inverse', () => {
    fc.assert(
      fc.property(fc.double({ min: 10, max: 300, noNaN: true }), (truly) => {
        expect(trueBandKmh(mostShownKmh(truly)).least).toBeCloseTo(truly, 9);
      }),
    );
    expect(trueBandKmh(3)).toEqual({ least: 0, most: 3 });
  });
  test.each([
    // ratio of diameters, shown and true of the car's own reading, verdict, side
    [1, null, 'ok', null],
    [1.03, null, 'caution', null],
    [0.97, null, 'caution', null],
    // At 120 shown a true 116/1.1 to 120: q up to 132/116 = 1.1379, down to 116/132 = 0.8788.
    [1.137, null, 'caution', null],
    [1.139, null, 'fail', 'low'],
    [0.88, null, 'caution', null],
    [0.878, null, 'fail', 'high'],
    [1.2, null, 'fail', 'low'],
    [1, [100, 100], 'ok', null],
    [1.001, [100, 100], 'fail', 'low'],
    [1.04, [100, 95], 'ok', null],
    [1.06, [100, 95], 'fail', 'low'],
    [1, [100, 89], 'ok', null],
    [1, [100, 88], 'fail', 'high'],
    // At 120 the band allows 136: shown/true up to 1.1333; the narrowest of the three test speeds.
    [0.9, [100, 97], 'fail', 'high'],
    [0.92, [100, 97], 'ok', null],
  ] as const)('ratio %p with %p: %s', (ratio, reading, verdict, leaves) => {
    const own = reading && { indicatedKmh: reading[0], trueKmh: reading[1] };
    expect(judgeSpeedometer(ratio, own)).toMatchObject({ verdict, leaves });
  });
  test('ok exactly when the three test speeds keep the band, worked out apart', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.8, max: 1.2, noNaN: true }),
        fc.double({ min: 80, max: 105, noNaN: true }),
        (ratio, trueKmh) => {
          const reading = { indicatedKmh: 100, trueKmh };
          const keeps = [40, 80, 120].every((v2) => {
            const v1 = v2 / trueAtShownKmh(1, ratio, reading);
            return v1 - v2 >= -1e-6 && v1 - v2 <= v2 / 10 + 4 + 1e-6;
          });
          expect(judgeSpeedometer(ratio, reading).verdict).toBe(keeps ? 'ok' : 'fail');
        },
      ),
    );
  });
  test('without a reading: every error of the band tried on a grid, written out independently', () => {
    const inBand = (shown: number, truly: number) => truly <= shown + 1e-9 && shown <= 1.1 * truly + 4 + 1e-9;
    const keeps = (share: number) => [40, 80, 120].every((shown) => inBand(shown, share * shown));
    const errors = Array.from({ length: 4001 }, (_, i) => 0.8 + (0.21 * i) / 4000).filter(keeps);
    for (let ratio = 0.8; ratio < 1.25; ratio += 0.0137) {
      const saved = errors.filter((share) => keeps(share * ratio));
      const { verdict, keeps: range } = judgeSpeedometer(ratio, null);
      expect([ratio, verdict]).toEqual([ratio, saved.length === 0 ? 'fail' : 'caution']);
      if (saved.length === 0) continue;
      expect(range!.least).toBeCloseTo(saved[0]!, 3);
      expect(range!.most).toBeCloseTo(saved.at(-1)!, 3);
    }
    expect(judgeSpeedometer(1, null)).toMatchObject({ verdict: 'ok' });
  });
  test('a larger tire never makes the true speed lower', () => {
    expect(trueAtShownKmh(100, 1.05, null)).toBeCloseTo(105, 12);
    expect(trueAtShownKmh(100, 1.05, { indicatedKmh: 100, trueKmh: 95 })).toBeCloseTo(99.75, 12);
  });
});
