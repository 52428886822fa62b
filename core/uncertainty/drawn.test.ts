import fc from 'fast-check';
import jStat from 'jstat';
import { atOnce } from '#core/progress';
import {
  combined,
  drawnPlusMinus,
  drawSteps,
  normalQuantile,
  normalShare,
  seededChance,
  shareOfDraws,
  sigmaOf,
  SIGMAS_95,
  type Contribution,
  type Drawn,
} from '.';

const input = (name: string, plusMinus: number): Contribution => ({ name, plusMinus, assumed: false });
const drawnOf = (
  inputs: Contribution[],
  figure: (off: readonly number[]) => number | null,
  draws = 256,
): Drawn | null => atOnce(drawSteps({ inputs, figures: (off) => [figure(off)], chance: seededChance(9), draws }))[0]!;

describe('a quantile of the normal distribution', () => {
  // Source: jstat, a statistics library.
  test('undoes its share, and agrees with a statistics library', () => {
    fc.assert(
      fc.property(fc.double({ min: 1e-6, max: 1 - 1e-6, noNaN: true }), (share) => {
        expect(normalShare(normalQuantile(share))).toBeCloseTo(share, 12);
        expect(jStat.normal.cdf(normalQuantile(share), 0, 1)).toBeCloseTo(share, 10);
      }),
    );
  });
  // Standard normal table (NIST/SEMATECH e-Handbook of Statistical Methods, 1.3.6.7.1; from memory).
  test.each([
    [0.5, 0],
    [0.975, SIGMAS_95],
    [0.05, -1.6449],
    [0.84134, 1],
  ])('%d lies below %d', (share, z) => expect(normalQuantile(share)).toBeCloseTo(z, 3));
});

describe('a figure that is drawn', () => {
  const [one, other] = [input('gap', 1.5), input('tire', 4)];
  test('a sum: each contributes its own ±, and together they make the root of the sum of squares', () => {
    const drawn = drawnOf([one, other], ([a, b]) => 20 + a! - 0.5 * b!)!;
    expect(drawn.parts.map(({ name }) => name)).toEqual(['gap', 'tire']);
    expect(drawn.parts[0]!.plusMinus).toBeCloseTo(1.5, 9);
    expect(drawn.parts[1]!.plusMinus).toBeCloseTo(2, 9);
    expect(Math.abs(drawnPlusMinus(drawn.values) - combined(drawn.parts))).toBeLessThan(0.2);
  });
  test('one input alone: the shares of a statistics library, to half a draw', () => {
    const drawn = drawnOf([input('gap', 1.5)], ([a]) => 6 + a!)!;
    for (const threshold of [4, 5, 5.9, 6.5, 8])
      expect(
        Math.abs(shareOfDraws(drawn.values, threshold) - (1 - jStat.normal.cdf(threshold, 6, sigmaOf(1.5)))),
      ).toBeLessThanOrEqual(0.5 / 256 + 1e-9);
    expect(drawnPlusMinus(drawn.values)).toBeCloseTo(1.5, 1);
  });
  // The lesser of two figures that are equal on average: its mean lies σ/√π below theirs (order statistics of the
  // normal distribution; from memory).
  test('the least of two: as order statistics have it', () => {
    const drawn = drawnOf([input('a', SIGMAS_95), input('b', SIGMAS_95)], ([a, b]) => Math.min(a!, b!), 2048)!;
    const mean = drawn.values.reduce((sum, value) => sum + value, 0) / drawn.values.length;
    expect(mean).toBeCloseTo(-1 / Math.sqrt(Math.PI), 1.5);
    expect(shareOfDraws(drawn.values, 0)).toBeCloseTo(0.25, 1.5);
  });
  test('an input without ±, and one that moves nothing, contribute nothing', () => {
    const drawn = drawnOf([input('exact', 0), input('idle', 3), one], ([, , c]) => 10 + c!)!;
    expect(drawn.parts[0]!.plusMinus).toBe(0);
    expect(drawn.parts[1]!.plusMinus).toBeLessThan(1e-9);
    expect(drawn.parts[2]!.plusMinus).toBeCloseTo(1.5, 9);
  });
  test('nothing is uncertain: every draw is the same', () => {
    const drawn = drawnOf([input('exact', 0)], () => 7)!;
    expect([drawnPlusMinus(drawn.values), shareOfDraws(drawn.values, 7), shareOfDraws(drawn.values, 7.01)]).toEqual([
      0, 1, 0,
    ]);
  });
  test('draws that cannot be had are left out; where none can, there is nothing', () => {
    const half = drawnOf([one], ([a]) => (a! > 0 ? a! : null))!;
    expect(half.values).toHaveLength(128);
    expect(half.values.every((value) => value > 0)).toBe(true);
    expect(drawnOf([one], () => null)).toBeNull();
  });
  test('progress runs to 1, draw by draw', () => {
    const shares: number[] = [];
    const steps = drawSteps({ inputs: [one], figures: ([a]) => [a!], chance: seededChance(1), draws: 4 });
    for (let step = steps.next(); !step.done; step = steps.next()) shares.push(step.value);
    expect(shares).toEqual([0.25, 0.5, 0.75, 1]);
  });
  test('the same seed, the same draws; another seed, others of the same ±', () => {
    const with_ = (seed: number) =>
      atOnce(
        drawSteps({ inputs: [one, other], figures: ([a, b]) => [a! * b!], chance: seededChance(seed), draws: 64 }),
      )[0]!.values;
    expect(with_(3)).toEqual(with_(3));
    expect(with_(3)).not.toEqual(with_(4));
  });
});
