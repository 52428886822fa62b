import fc from 'fast-check';
import { DomainError } from '#core/errors';
import { inchesFromMm, mmFromInches } from '#core/units';
import {
  backspacingMm,
  DEFAULT_FLANGE_MM,
  frontspacingMm,
  offsetFromBackspacingMm,
  overallWidthMm,
  wheelFromRoom,
  wheelOffsetMm,
} from '#core/wheel';

const rimWidthIn = fc.double({ min: 3, max: 16, noNaN: true });
const offsetMm = fc.double({ min: -200, max: 200, noNaN: true });
const flangeMm = fc.double({ min: 0, max: 30, noNaN: true });
const convention = fc.constantFrom('overall' as const, 'nominal' as const);

describe('worked values (common practice, no source)', () => {
  test('10 in wide, ET −18, nominal: 4.3 in', () => {
    expect(
      inchesFromMm(
        backspacingMm({ rimWidthIn: 10, offsetMm: -18, flangeMm: DEFAULT_FLANGE_MM, convention: 'nominal' }),
      ),
    ).toBeCloseTo(4.3, 1);
  });
  test('17 × 8, ET 0, overall: 4.5 in', () => {
    expect(
      inchesFromMm(backspacingMm({ rimWidthIn: 8, offsetMm: 0, flangeMm: DEFAULT_FLANGE_MM, convention: 'overall' })),
    ).toBeCloseTo(4.5, 9);
  });
  test('8 in wheel with 164 mm overall, 1.0 in more inboard and 1.5 in outboard: 10.5 in, 189.4 mm, ET +43', () => {
    const present = {
      rimWidthIn: 8,
      offsetMm: offsetFromBackspacingMm({
        rimWidthIn: 8,
        backspacing: 164,
        flangeMm: DEFAULT_FLANGE_MM,
        convention: 'overall',
      }),
    };
    const wheel = wheelFromRoom(present, { inboard: 25.4, outboard: 38.1 }, DEFAULT_FLANGE_MM);
    expect(wheel.rimWidthIn).toBeCloseTo(10.5, 9);
    expect(wheel.backspacingOverallMm).toBeCloseTo(189.4, 9);
    expect(Math.round(wheel.offsetMm)).toBe(43);
  });
  test('overall width is nominal and an inch; front spacing is what backspacing leaves of it', () => {
    expect(overallWidthMm(7.5, DEFAULT_FLANGE_MM)).toBeCloseTo(215.9, 9);
    expect(frontspacingMm(7.5, 40, DEFAULT_FLANGE_MM)).toBeCloseTo(215.9 - 147.95, 9);
  });
});

describe('properties', () => {
  test('offset → backspacing → offset, in both conventions', () => {
    fc.assert(
      fc.property(rimWidthIn, offsetMm, flangeMm, convention, (width, offset, flange, as) => {
        const back = backspacingMm({ rimWidthIn: width, offsetMm: offset, flangeMm: flange, convention: as });
        expect(
          offsetFromBackspacingMm({ rimWidthIn: width, backspacing: back, flangeMm: flange, convention: as }),
        ).toBeCloseTo(offset, 9);
      }),
    );
  });
  test('the conventions differ by the flange, and nothing else', () => {
    fc.assert(
      fc.property(rimWidthIn, offsetMm, flangeMm, (width, offset, flange) => {
        const apart =
          backspacingMm({ rimWidthIn: width, offsetMm: offset, flangeMm: flange, convention: 'overall' }) -
          backspacingMm({ rimWidthIn: width, offsetMm: offset, flangeMm: flange, convention: 'nominal' });
        expect(apart).toBeCloseTo(flange, 9);
      }),
    );
  });
  test('backspacing and front spacing make the overall width', () => {
    fc.assert(
      fc.property(rimWidthIn, offsetMm, flangeMm, (width, offset, flange) => {
        const sum =
          backspacingMm({ rimWidthIn: width, offsetMm: offset, flangeMm: flange, convention: 'overall' }) +
          frontspacingMm(width, offset, flange);
        expect(sum).toBeCloseTo(overallWidthMm(width, flange), 9);
      }),
    );
  });
  test('widening by equal amounts on both sides keeps the centerline, so the offset', () => {
    fc.assert(
      fc.property(rimWidthIn, offsetMm, fc.double({ min: 0, max: 60, noNaN: true }), (width, offset, spare) => {
        const wheel = wheelFromRoom({ rimWidthIn: width, offsetMm: offset }, { inboard: spare, outboard: spare }, 12.7);
        expect(wheel.offsetMm).toBeCloseTo(offset, 9);
        expect(mmFromInches(wheel.rimWidthIn - width)).toBeCloseTo(2 * spare, 6);
      }),
    );
  });
  test('room outboard only leaves the back flange where it is', () => {
    fc.assert(
      fc.property(rimWidthIn, offsetMm, fc.double({ min: 0, max: 60, noNaN: true }), (width, offset, spare) => {
        const wheel = wheelFromRoom({ rimWidthIn: width, offsetMm: offset }, { inboard: 0, outboard: spare }, 12.7);
        expect(wheel.backspacingOverallMm).toBeCloseTo(
          backspacingMm({ rimWidthIn: width, offsetMm: offset, flangeMm: 12.7, convention: 'overall' }),
          9,
        );
      }),
    );
  });
});

describe('a wheel given in either way', () => {
  test('by offset, by backspacing, or not yet', () => {
    expect(wheelOffsetMm({ offsetMm: 40 }, 12.7)).toBe(40);
    expect(wheelOffsetMm({ rimWidthIn: 8, backspacingMm: 114.3, backspacingConvention: 'overall' }, 12.7)).toBeCloseTo(
      0,
    );
    expect(wheelOffsetMm({ backspacingMm: 114.3, backspacingConvention: 'overall' }, 12.7)).toBeNull();
    expect(wheelOffsetMm({}, 12.7)).toBeNull();
  });
  test('both at once, or a backspacing without its meaning, is refused', () => {
    expect(() => wheelOffsetMm({ offsetMm: 1, backspacingMm: 100, backspacingConvention: 'overall' }, 12.7)).toThrow(
      DomainError,
    );
    expect(() => wheelOffsetMm({ rimWidthIn: 8, backspacingMm: 100 }, 12.7)).toThrow('overall or nominal');
  });
});
