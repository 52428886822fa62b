import fc from 'fast-check';
import { equivalentMassKg, RIM_SHARE, tireInertiaKgM2, wheelInertiaKgM2 } from '#core/mass';

/** I = ∫ r² dm of a flat body of even thickness, by slicing it into thin rings. */
function byRings(massKg: number, innerM: number, outerM: number, slices = 20_000): number {
  const area = Math.PI * (outerM ** 2 - innerM ** 2);
  let sum = 0;
  for (let n = 0; n < slices; n++) {
    const width = (outerM - innerM) / slices;
    const r = innerM + (n + 0.5) * width;
    sum += r ** 2 * ((massKg * 2 * Math.PI * r * width) / area);
  }
  return sum;
}

describe('moment of inertia', () => {
  test('of a tire: an even ring, against the integral', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 4, max: 40, noNaN: true }),
        fc.constantFrom(330, 406, 432, 508),
        fc.double({ min: 60, max: 240, noNaN: true }),
        (mass, seat, height) => {
          const outer = seat + 2 * height;
          expect(tireInertiaKgM2(mass, seat, outer)).toBeCloseTo(byRings(mass, seat / 2000, outer / 2000), 6);
        },
      ),
      { numRuns: 20 },
    );
  });
  test('of a wheel: a hoop and a disc, 0.8·m·r² (the split is common practice, no source)', () => {
    const r = 0.216;
    const hoop = RIM_SHARE * 9 * r ** 2;
    const disc = byRings((1 - RIM_SHARE) * 9, 0, r);
    expect(wheelInertiaKgM2(9, 432)).toBeCloseTo(hoop + disc, 7);
    expect(wheelInertiaKgM2(9, 432)).toBeCloseTo(0.8 * 9 * r ** 2, 12);
  });
  test('felt mass: that of a hoop on its own tread is twice its mass, by energy ½mv² + ½Iω²', () => {
    const [mass, radius] = [12, 0.31];
    expect(equivalentMassKg(mass, mass * radius ** 2, 2000 * radius)).toBeCloseTo(2 * mass, 9);
    const inertia = 0.9;
    const [v, omega] = [10, 10 / radius];
    const energy = 0.5 * mass * v ** 2 + 0.5 * inertia * omega ** 2;
    expect(0.5 * equivalentMassKg(mass, inertia, 2000 * radius) * v ** 2).toBeCloseTo(energy, 9);
  });
});
