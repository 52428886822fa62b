import fc from 'fast-check';
import jStat from 'jstat';
import { takenTogether } from '#core/uncertainty';

test('one take is good for what its tool is; takes that agree are as good, those that differ less', () => {
  expect(takenTogether([12], 0.5)).toEqual({ mean: 12, plusMinus: 0.5, spread: 0 });
  expect(takenTogether([12, 12, 12], 0.5)).toEqual({ mean: 12, plusMinus: 0.5, spread: 0 });
  // s = 1, n = 4: 2·1/√4 = 1; √(0.5² + 1²).
  const four = takenTogether([11, 12, 12, 13], 0.5);
  expect(four.mean).toBe(12);
  expect(four.plusMinus).toBeCloseTo(Math.hypot(0.5, Math.sqrt(2 / 3)), 12);
  expect(four.spread).toBe(2);
});

test('mean and standard deviation are those of a statistics library', () => {
  const takes = fc.array(fc.double({ min: -100, max: 600, noNaN: true }), { minLength: 2, maxLength: 12 });
  fc.assert(
    fc.property(takes, fc.double({ min: 0.01, max: 5, noNaN: true }), (values, tool) => {
      const { mean, plusMinus } = takenTogether(values, tool);
      expect(mean).toBeCloseTo(jStat.mean(values), 6);
      const ofMean = (2 * jStat.stdev(values, true)) / Math.sqrt(values.length);
      expect(plusMinus).toBeCloseTo(Math.sqrt(tool ** 2 + ofMean ** 2), 6);
    }),
  );
});
