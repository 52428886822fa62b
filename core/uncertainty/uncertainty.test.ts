import jStat from 'jstat';
import fc from 'fast-check';
import {
  combined,
  likelihoodWord,
  normalShare,
  rankedParts,
  shareAbove,
  shareText,
  SIGMAS_95,
} from '#core/uncertainty';

describe('the normal distribution', () => {
  // Source: jstat, a statistics library.
  test('as a statistics library has it', () => {
    fc.assert(
      fc.property(fc.double({ min: -12, max: 12, noNaN: true }), (z) => {
        expect(Math.abs(normalShare(z) - jStat.normal.cdf(z, 0, 1))).toBeLessThan(1e-14);
      }),
      { numRuns: 2000 },
    );
  });
  // Standard normal table (NIST/SEMATECH e-Handbook of Statistical Methods, 1.3.6.7.1; from memory).
  test.each([
    [0, 0.5],
    [1, 0.84134],
    [1.96, 0.975],
    [2.58, 0.99506],
    [-1.645, 0.05],
  ])('Φ(%d) = %d', (z, share) => expect(normalShare(z)).toBeCloseTo(share, 4));
  test('95 %% lie within ±', () => {
    expect(normalShare(SIGMAS_95) - normalShare(-SIGMAS_95)).toBeCloseTo(0.95, 12);
  });
  test('it never falls, and is what it leaves on the other side', () => {
    fc.assert(
      fc.property(
        fc.double({ min: -9, max: 9, noNaN: true }),
        fc.double({ min: 0, max: 4, noNaN: true }),
        (z, more) => {
          expect(normalShare(z + more)).toBeGreaterThanOrEqual(normalShare(z) - 1e-15);
          expect(normalShare(z) + normalShare(-z)).toBeCloseTo(1, 12);
        },
      ),
    );
  });
});

describe('figures that rest on readings', () => {
  const part = (plusMinus: number) => ({ name: 'part', plusMinus, assumed: false });
  // Worked by hand: 3, 4 and 12 make 13.
  test('independent parts add as squares', () => expect(combined([part(3), part(4), part(12)])).toBe(13));
  test('an exact figure keeps its limit or does not', () => {
    expect(shareAbove(6, 6, 0)).toBe(1);
    expect(shareAbove(5.999, 6, 0)).toBe(0);
  });
  test('right at the limit it is even; ± from it, 97.5 in a hundred', () => {
    expect(shareAbove(6, 6, 1.5)).toBeCloseTo(0.5, 12);
    expect(shareAbove(7.5, 6, 1.5)).toBeCloseTo(0.975, 12);
    expect(shareAbove(4.5, 6, 1.5)).toBeCloseTo(0.025, 12);
  });
  test('a better reading never leaves it more open', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.01, max: 20, noNaN: true }),
        fc.double({ min: 0.1, max: 5, noNaN: true }),
        fc.double({ min: 0.1, max: 0.99, noNaN: true }),
        (above, plusMinus, better) => {
          expect(shareAbove(above, 0, plusMinus * better)).toBeGreaterThanOrEqual(
            shareAbove(above, 0, plusMinus) - 1e-15,
          );
          expect(shareAbove(-above, 0, plusMinus * better)).toBeLessThanOrEqual(
            shareAbove(-above, 0, plusMinus) + 1e-15,
          );
        },
      ),
    );
  });
  test('what would help most stands first, with what an exact reading of it would leave', () => {
    expect(rankedParts([part(3), part(0), part(4)])).toEqual([
      { ...part(4), share: 16 / 25, leftPlusMinus: 3 },
      { ...part(3), share: 9 / 25, leftPlusMinus: 4 },
    ]);
    expect(rankedParts([part(0)])).toEqual([]);
    expect(rankedParts([])).toEqual([]);
  });
});

test.each([
  [1, '100 %', 'sure'],
  [0.9999, 'over 99 %', 'sure'],
  [0.93, '93 %', 'very likely'],
  [0.7, '70 %', 'likely'],
  [0.5, '50 %', 'about 50 % sure'],
  [0.2, '20 %', 'unlikely'],
  [0.04, '4 %', 'very unlikely'],
  [0.004, 'under 1 %', 'surely not'],
  [0, '0 %', 'surely not'],
])('%d is said as %s, %s', (share, text, word) => {
  expect(shareText(share)).toBe(text);
  expect(likelihoodWord(share)).toBe(word);
});
