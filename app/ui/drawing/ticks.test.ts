import fc from 'fast-check';
import { isNamed } from './ticks';

test('names keep apart, 0 among them, and every tick is named where there is room', () => {
  const step = fc.constantFrom(5, 10, 12.7, 20, 50, 50.8);
  fc.assert(
    fc.property(step, fc.double({ min: 0.05, max: 6, noNaN: true }), (each, unitPx) => {
      const named = isNamed({ step: each, unitPx });
      const at = Array.from({ length: 401 }, (_, n) => (n - 200) * each).filter(named);
      expect(at).toContain(0);
      const apart = Math.min(...at.slice(1).map((mm, n) => (mm - at[n]!) * unitPx));
      // The widest step there is may still be too narrow for a scale as small as no drawing is.
      if (50 * each * unitPx >= 40) expect(apart).toBeGreaterThanOrEqual(40 - 1e-9);
      if (each * unitPx >= 40) expect(at).toHaveLength(401);
    }),
  );
});
