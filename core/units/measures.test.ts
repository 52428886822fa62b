import { all, create } from 'mathjs';
import fc from 'fast-check';
import { DomainError } from '#core/errors';
import {
  formatMeasure,
  measureFigure,
  measureSign,
  readMeasure,
  setOf,
  UNIT_SETS,
  unitsOf,
  wordsIn,
  type Quantity,
} from '#core/units';

const math = create(all!);

describe('masses, pressures and speeds against a library of units', () => {
  test.each([
    ['mass', 'lb', 'lb', 'kg'],
    ['mass', 'kg', 'kg', 'kg'],
    ['pressure', 'psi', 'psi', 'kPa'],
    ['pressure', 'bar', 'bar', 'kPa'],
    ['speed', 'mph', 'mi/h', 'km/h'],
    ['speed', 'km/h', 'km/h', 'km/h'],
    ['torque', 'lb·ft', 'lbf ft', 'N m'],
    ['torque', 'N·m', 'N m', 'N m'],
  ] as const)('%s in %s', (quantity, typed, unit, own) => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 4000 }), (tenths) => {
        const read = readMeasure(`${tenths / 10} ${typed}`, quantity, 'mm');
        const expected = math.unit(tenths / 10, unit).toNumber(own);
        expect(Math.abs(read / expected - 1)).toBeLessThan(1e-6);
      }),
    );
  });
  test.each([
    ['35 psi', 'pressure', 'mm', 241.316],
    ['2.4bar', 'pressure', 'in', 240],
    ['35', 'pressure', 'in', 241.316],
    ['240', 'pressure', 'mm', 240],
    ['2,4 BAR', 'pressure', 'mm', 240],
    ['60 mph', 'speed', 'mm', 96.56],
    ['100 kmh', 'speed', 'in', 100],
    ['1250 lbs', 'mass', 'mm', 566.99],
  ] as const)('%s of %s with lengths in %s is %d', (text, quantity, unit, value) =>
    expect(readMeasure(text, quantity, unit)).toBeCloseTo(value, 2),
  );
  test.each([
    ['', 'pressure', 'needs a number'],
    ['soft', 'pressure', 'is not a number'],
    ['35 kg', 'pressure', '“kg” is not one of kPa, psi, bar'],
    ['100 psi', 'mass', 'is not one of kg, lb'],
    ['1.2.3', 'speed', 'is not a number'],
  ] as const)('%j as %s is refused: %s', (text, quantity, message) => {
    expect(() => readMeasure(text, quantity, 'mm')).toThrow(DomainError);
    expect(() => readMeasure(text, quantity, 'mm')).toThrow(message);
  });
  test('what is shown reads back to what is shown', () => {
    fc.assert(
      fc.property(
        fc.constantFrom<Quantity>('mass', 'pressure', 'speed'),
        fc.constantFrom('mm' as const, 'in' as const),
        fc.double({ min: 20, max: 3000, noNaN: true }),
        (quantity, unit, value) => {
          const shown = measureFigure({ quantity, value, unit });
          expect(measureFigure({ quantity, value: readMeasure(shown, quantity, unit), unit })).toBe(shown);
        },
      ),
    );
  });
  test('written with their signs, as lengths are in mm or inches', () => {
    expect(['mass', 'pressure', 'speed'].map((of) => measureSign(of as Quantity, 'in16'))).toEqual([
      'lb',
      'psi',
      'mph',
    ]);
    expect(formatMeasure({ quantity: 'mass', value: 3.6, unit: 'mm', plus: true })).toBe('+3.6 kg');
    expect(formatMeasure({ quantity: 'mass', value: 560, unit: 'mm' })).toBe('560 kg');
    expect(wordsIn('in').measure('speed', 160.9344)).toBe('100 mph');
  });
});

describe('units, each for itself', () => {
  test('lengths in mm with pounds, psi and miles', () => {
    const { length } = wordsIn(UNIT_SETS.uk);
    expect(length(25.4)).toBe('25.4 mm');
    expect(formatMeasure({ quantity: 'pressure', value: 241.316, unit: UNIT_SETS.uk })).toBe('35 psi');
    expect(formatMeasure({ quantity: 'torque', value: 110, unit: UNIT_SETS.uk })).toBe('110 N·m');
    expect(formatMeasure({ quantity: 'torque', value: 110, unit: UNIT_SETS.us })).toBe('81 lb·ft');
    expect(readMeasure('2.4', 'pressure', UNIT_SETS.metric)).toBeCloseTo(240, 9);
  });
  test.each(Object.entries(UNIT_SETS))('%s is known again', (name, units) => expect(setOf(units)).toBe(name));
  test('one unit changed is no set any more', () => {
    expect(setOf({ ...UNIT_SETS.uk, mass: 'lb' })).toBeNull();
    expect(setOf({ ...UNIT_SETS.us, length: 'in16' })).toBe('us');
  });
  test('a unit of length alone stands for what goes with it', () => {
    expect(unitsOf('mm')).toEqual({ ...UNIT_SETS.metric, pressure: 'kPa' });
    expect(unitsOf('in')).toEqual(UNIT_SETS.us);
  });
});

// The international mile is 1.609344 km (1959 agreement).
test('a distance is said in the unit that goes with the speed', () => {
  expect(formatMeasure({ quantity: 'distance', value: 61240, unit: 'mm' })).toBe('61240 km');
  expect(formatMeasure({ quantity: 'distance', value: 160.9344, unit: { ...UNIT_SETS.uk } })).toBe('100 mi');
  expect(readMeasure('100 miles', 'distance', 'mm')).toBeCloseTo(160.9344, 10);
  expect(readMeasure('100', 'distance', 'in')).toBeCloseTo(160.9344, 10);
});
