import fc from 'fast-check';
import { unit } from 'mathjs';
import { DomainError } from '#core/errors';
import {
  formatLength,
  formatPlusMinus,
  formatNumber,
  inchesFromMm,
  KG_PER_LB,
  KPA_PER_PSI,
  lengthFigure,
  mmFromInches,
  NM_PER_LB_FT,
  offsetFigure,
  readLength,
  readNumber,
  rimFigure,
} from '#core/units';

describe('conversions against mathjs', () => {
  test('inches and millimetres, over the range of the trade', () => {
    fc.assert(
      fc.property(fc.double({ min: -500, max: 500, noNaN: true }), (inches) => {
        expect(mmFromInches(inches)).toBeCloseTo(unit(inches, 'inch').toNumber('mm'), 9);
        expect(inchesFromMm(inches)).toBeCloseTo(unit(inches, 'mm').toNumber('inch'), 9);
      }),
    );
  });
  test('mass, pressure and torque', () => {
    expect(unit(1, 'lbm').toNumber('kg')).toBeCloseTo(KG_PER_LB, 12);
    expect(unit(1, 'psi').toNumber('kPa')).toBeCloseTo(KPA_PER_PSI, 4);
    expect(unit(1, 'lbf').toNumber('N') * unit(1, 'ft').toNumber('m')).toBeCloseTo(NM_PER_LB_FT, 9);
  });
});

describe('reading a length', () => {
  // As people write them; the millimeters follow from 1 in = 25.4 mm exactly.
  test.each([
    ['3/8', 'mm', 9.525],
    ['5 1/4"', 'mm', 133.35],
    ['5-1/4in', 'mm', 133.35],
    ['5 1/4 inches', 'in', 133.35],
    ['4.5in', 'mm', 114.3],
    ['12', 'mm', 12],
    ['12', 'in', 304.8],
    ['12 mm', 'in', 12],
    ['1.5cm', 'mm', 15],
    ['1,5', 'mm', 1.5],
    ['-5', 'mm', -5],
    ['−5', 'mm', -5],
    ['– 3/8', 'mm', -9.525],
    ['+7.5 MM', 'mm', 7.5],
    ['⅜', 'mm', 9.525],
    ['5¼″', 'mm', 133.35],
    ['1\u20444 in', 'mm', 6.35],
    [' .5 in. ', 'mm', 12.7],
    ['0', 'mm', 0],
    ['-0', 'mm', 0],
  ] as const)('%s with bare %s is %d mm', (text, bare, mm) => {
    expect(readLength(text, bare)).toBeCloseTo(mm, 9);
  });
  test.each([
    ['', 'needs a length'],
    ['abc', 'not a length'],
    ['mm', 'has no number'],
    ['12 parsec', 'not a unit of length'],
    ['1.2.3', 'not a length'],
    ['12x', 'not a unit of length'],
    ['1/0', 'cannot have 0'],
    ['5 9/4', 'less than 1'],
    ['3/8 mm', 'read in inches'],
    ['1,234', 'no thousands sign'],
    ['1,234.5', 'no thousands sign'],
    ["1' 2", 'feet are not read'],
    ['2 ft', 'feet are not read'],
    ['--5', 'not a length'],
    ['12 13', 'not a length'],
    ['1e5', 'not a length'],
    ['<b>5</b>', 'not a length'],
    ['9'.repeat(400) + 'q', 'not a unit'],
  ])('%s is refused: %s', (text, message) => {
    expect(() => readLength(text)).toThrow(DomainError);
    expect(() => readLength(text)).toThrow(message);
  });
  test('whatever is typed, it is a finite length or a clear refusal', () => {
    fc.assert(
      fc.property(fc.string({ unit: 'grapheme', maxLength: 30 }), (text) => {
        try {
          expect(Number.isFinite(readLength(text))).toBe(true);
        } catch (error) {
          expect(error).toBeInstanceOf(DomainError);
          expect((error as Error).message.length).toBeLessThan(120);
        }
      }),
      { numRuns: 2000 },
    );
  });
});

describe('writing a length', () => {
  test.each([
    [14.6, 'mm', '14.6 mm'],
    [-0.04, 'mm', '0.0 mm'],
    [149.95, 'mm', '150.0 mm'],
    [-8.73, 'mm', '−8.7 mm'],
    [14.2875, 'in', '0.56 in'],
    [14.2875, 'in16', '9/16 in'],
    [133.35, 'in16', '5 1/4 in'],
    [0.79375, 'in32', '1/32 in'],
    [0.2, 'in32', '0 in'],
    [-25.4, 'in16', '−1 in'],
    [25.3, 'in32', '1 in'],
  ] as const)('%d in %s is %s', (mm, as, text) => expect(formatLength(mm, as)).toBe(text));
  test('signs, offsets and rims as the trade writes them', () => {
    expect(lengthFigure(2, 'mm', true)).toBe('+2.0');
    expect(lengthFigure(0, 'mm', true)).toBe('0.0');
    expect([42, -18, 0, 42.5, 109.45].map(offsetFigure)).toEqual(['+42', '−18', '0', '+42.5', '+109.5']);
    expect([7, 7.5, 16.25].map(rimFigure)).toEqual(['7', '7.5', '16.25']);
    expect(formatNumber(2.345, 2)).toBe('2.35');
  });
  test('a written length reads back within half its step', () => {
    const steps = { mm: 0.1, in: 0.254, in16: 25.4 / 16, in32: 25.4 / 32 };
    fc.assert(
      fc.property(
        fc.double({ min: -900, max: 900, noNaN: true }),
        fc.constantFrom('mm' as const, 'in' as const, 'in16' as const, 'in32' as const),
        (mm, as) => {
          expect(Math.abs(readLength(formatLength(mm, as)) - mm)).toBeLessThanOrEqual(steps[as] / 2 + 1e-6);
        },
      ),
    );
  });
});

describe('reading a number', () => {
  test.each([
    ['5', 5],
    ['-2,5', -2.5],
    [' 110 ', 110],
    ['.5', 0.5],
  ])('%s', (text, value) => expect(readNumber(text)).toBe(value));
  test.each(['', 'five', '5 6', '0x10', 'Infinity', 'NaN', '1,000'])('%s is refused', (text) =>
    expect(() => readNumber(text)).toThrow(DomainError),
  );
});

describe('how exact something is', () => {
  test.each([
    [0.5, 'mm', '±0.5 mm'],
    [4.0311, 'mm', '±4.0 mm'],
    [0.1, 'mm', '±0.1 mm'],
    [0.05, 'mm', '±0.05 mm'],
    [0.02, 'mm', '±0.02 mm'],
    [0, 'mm', '±0 mm'],
    [0.02, 'in', '±0.0008 in'],
    [0.5, 'in', '±0.020 in'],
    [4, 'in', '±0.16 in'],
    [4, 'in16', '±3/16 in'],
    [0.5, 'in16', '±0.020 in'],
  ] as const)('%d mm in %s', (mm, unit, text) => expect(formatPlusMinus(mm, unit)).toBe(text));
  test('is never rounded to nothing', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.01, max: 100, noNaN: true }),
        fc.constantFrom('mm', 'in', 'in16', 'in32'),
        (mm, unit) => {
          expect(formatPlusMinus(mm, unit as 'mm')).toMatch(/[1-9]/);
        },
      ),
    );
  });
});
