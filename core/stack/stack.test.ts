import fc from 'fast-check';
import { DomainError } from '#core/errors';
import { extentMm, lateralPlace } from '#core/position';
import { effectiveOffsetMm, offsetFromTrialMm, pieceThicknessMm, spacerVerdict, stackThicknessMm } from '#core/stack';

describe('thickness', () => {
  test('pieces add up, rings add nothing, an unknown one leaves it open', () => {
    expect(stackThicknessMm([])).toBe(0);
    expect(
      stackThicknessMm([
        { kind: 'slip-on', thicknessMm: 5 },
        { kind: 'ring', thicknessMm: 10 },
        { kind: 'bolt-on', thicknessMm: 20 },
      ]),
    ).toBe(25);
    expect(stackThicknessMm([{ kind: 'slip-on' }])).toBeNull();
  });
  test('a label of a pair is halved', () => {
    expect(pieceThicknessMm(20, 'pair')).toBe(10);
    expect(pieceThicknessMm(20, 'each')).toBe(20);
  });
  test('nothing and less than nothing are refused', () => {
    expect(() => pieceThicknessMm(0, 'each')).toThrow(DomainError);
    expect(() => pieceThicknessMm(-5, 'pair')).toThrow('a thickness must be more than 0');
  });
});

describe('spacers against the target', () => {
  // Practice is divided (common practice, no source).
  test.each([
    ['accepted', 20, 'ok'],
    ['accepted', null, 'ok'],
    ['prefer-offset', 0, 'ok'],
    ['prefer-offset', 5, 'caution'],
    ['prefer-offset', null, 'unknown'],
    ['never', 0, 'ok'],
    ['never', 3, 'fail'],
    ['never', null, 'unknown'],
  ] as const)('%s, a stack of %p: %s', (rule, stackMm, verdict) => expect(spacerVerdict(stackMm, rule)).toBe(verdict));
});

describe('from a trial spacer to the next wheel', () => {
  // Worked by hand: 7 in ET 40 with 12 mm looked right.
  test.each([
    [7, 'outer', 28],
    [7, 'center', 28],
    [8, 'outer', 40.7],
    [8, 'inner', 15.3],
    [8, 'center', 28],
    [6, 'outer', 15.3],
  ] as const)('a new wheel of %f in that keeps the %s: ET %f', (width, keeps, offset) =>
    expect(
      offsetFromTrialMm({ tried: { offsetMm: 40, rimWidthIn: 7 }, trialStackMm: 12, newRimWidthIn: width, keeps }),
    ).toBeCloseTo(offset, 9),
  );

  test('the face that is to stay does stay, rim for rim', () => {
    const number = (min: number, max: number) => fc.double({ min, max, noNaN: true });
    fc.assert(
      fc.property(number(-40, 60), number(4, 12), number(4, 12), number(0, 40), (offsetMm, from, to, spacer) => {
        const rim = (et: number, width: number) => lateralPlace(et, extentMm(0, width, 12.7));
        const tried = rim(effectiveOffsetMm(offsetMm, spacer), from);
        const made = (keeps: 'outer' | 'inner' | 'center') =>
          rim(
            offsetFromTrialMm({
              tried: { offsetMm, rimWidthIn: from },
              trialStackMm: spacer,
              newRimWidthIn: to,
              keeps,
            }),
            to,
          );
        expect(made('outer').outerMm).toBeCloseTo(tried.outerMm, 9);
        expect(made('inner').innerMm).toBeCloseTo(tried.innerMm, 9);
        expect(made('center').effectiveOffsetMm).toBeCloseTo(tried.effectiveOffsetMm, 9);
      }),
    );
  });
});
