import fc from 'fast-check';
import { all, create, type MathJsInstance } from 'mathjs';
import { DomainError } from '#core/errors';
import { boreFault, boreMarginMm, edgeMarginMm, ligamentMm } from '#core/hub';

const math = create(all!, { number: 'BigNumber', precision: 40 }) as MathJsInstance;

// Cosine rule, computed by mathjs and tried by brute force.
describe('redrilling', () => {
  test('the ligament of n on n is the half-pitch formula written out by mathjs', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 3, max: 10 }),
        fc.double({ min: 95, max: 225, noNaN: true }),
        fc.double({ min: 95, max: 225, noNaN: true }),
        (n, one, other) => {
          const expected = math.evaluate('sqrt(a^2 + b^2 - 2 * a * b * cos(pi / n)) - (13 + 15) / 2', {
            a: math.bignumber(one / 2),
            b: math.bignumber(other / 2),
            n: math.bignumber(n),
          });
          const made = ligamentMm(
            { lugCount: n, boltCircleMm: one, holeMm: 13 },
            { lugCount: n, boltCircleMm: other, holeMm: 15 },
          );
          expect(made).toBeCloseTo(Number(expected), 8);
        },
      ),
    );
  });
  test('unlike counts: no turn of the new row leaves more, tried by brute force', () => {
    for (const [n1, n2] of [
      [4, 5],
      [5, 6],
      [4, 8],
      [5, 10],
      [6, 8],
    ] as const) {
      const best = Math.max(...Array.from({ length: 3601 }, (_, step) => leastGap(n1, n2, (step * Math.PI) / 1800)));
      expect(
        ligamentMm({ lugCount: n1, boltCircleMm: 108, holeMm: 13 }, { lugCount: n2, boltCircleMm: 120, holeMm: 13 }),
      ).toBeCloseTo(best, 1);
    }
  });
  test('margins to bore and rim', () => {
    const drilling = { lugCount: 4, boltCircleMm: 108, holeMm: 14 };
    expect(edgeMarginMm(140, drilling)).toBe(9);
    expect(boreMarginMm(64, drilling)).toBe(15);
    expect(() => ligamentMm(drilling, { ...drilling, holeMm: 0 })).toThrow(DomainError);
  });
});

test('a bore lies inside its circle', () => {
  expect(boreFault(63.4, 108)).toBeNull();
  expect(boreFault(null, 108)).toBeNull();
  expect(boreFault(108, 108)).toContain('must be smaller than the bolt circle (108 mm)');
});

/** Smallest distance between the edges of two rows of 13 mm holes, the second turned by an angle. */
function leastGap(n1: number, n2: number, turn: number): number {
  let least = Infinity;
  for (let i = 0; i < n1; i++)
    for (let j = 0; j < n2; j++) {
      const [a, b] = [(2 * Math.PI * i) / n1, turn + (2 * Math.PI * j) / n2];
      least = Math.min(least, Math.hypot(54 * Math.cos(a) - 60 * Math.cos(b), 54 * Math.sin(a) - 60 * Math.sin(b)));
    }
  return least - 13;
}
