import fc from 'fast-check';
import { sectionOf, type Section } from '#core/section';
import { distanceMm, lookAt, type SweptBody } from '#core/sweep';
import { HOLLOW } from '#support/hollowWheel';

const real = (min: number, max: number) => fc.double({ min, max, noNaN: true });
const unmoved = Float64Array.from([1, 0, 0, 0, 0, 1, 0, 0, 0, 0, 1, 0]);
const solidDisc: fc.Arbitrary<Section> = fc
  .record({ height: real(60, 200), width: real(150, 340), rimWidthIn: real(4, 12) })
  .map(({ height, width, rimWidthIn }) =>
    sectionOf(
      { overallDiameterMm: 432 + 2 * height, sectionWidthMm: width, treadWidthMm: width * 0.8 },
      { rimWidthIn, seatDiameterMm: 432, flangeMm: 12.7 },
    ),
  );
const body: fc.Arbitrary<SweptBody> = fc.record({
  section: fc.oneof(solidDisc, fc.constant(HOLLOW)),
  centerOut: real(-60, 60),
  turned: fc.boolean(),
});
/** Points close together, somewhere in or around the wheel: many of them are nearly as near as the nearest. */
const cloud = fc
  .record({
    out: real(-260, 260),
    radius: real(60, 540),
    spread: real(2, 40),
    offsets: fc.array(fc.tuple(real(-1, 1), real(-1, 1)), { minLength: 17, maxLength: 60 }),
  })
  .map(({ out, radius, spread, offsets }) =>
    Float64Array.from(offsets.flatMap(([a, r]) => [out + a * spread, 0, Math.max(0, radius + r * spread)])),
  );

describe('the nearest of many points', () => {
  test('one that reads as further off than another, which lies where the lattice reads too near', () => {
    const section = sectionOf(
      { overallDiameterMm: 552, sectionWidthMm: 239.5, treadWidthMm: 167.66 },
      { rimWidthIn: 4, seatDiameterMm: 432, flangeMm: 12.7 },
    );
    const solid = { bodies: [{ section, centerOut: 0 }] };
    // As near to the rim as to the belly; and one above the tread, a little nearer; the others far away.
    const between = [142.69, 0, 166.63];
    const offMm = distanceMm(solid, 142.69, 0, 166.63);
    const above = [0, 0, 276 + offMm - 0.2];
    const away = Array.from({ length: 15 }, () => [0, 0, 600]);
    const xyz = Float64Array.from([between, above, ...away].flat());
    const looker = lookAt({ id: 'part', mount: 'body', xyz, edge: false }, solid);
    expect(looker.quick(unmoved)).toBeLessThan(offMm - 0.6);
    expect(looker.points(unmoved)).toBeCloseTo(offMm - 0.2, 9);
  });
  test('is the least over each of them, to the last digit', () => {
    fc.assert(
      fc.property(fc.array(body, { minLength: 1, maxLength: 2 }), cloud, (bodies, xyz) => {
        const solid = { bodies };
        const looker = lookAt({ id: 'part', mount: 'body', xyz, edge: false }, solid);
        let least = Infinity;
        for (let i = 0; i < xyz.length; i += 3)
          least = Math.min(least, distanceMm(solid, xyz[i]!, xyz[i + 1]!, xyz[i + 2]!));
        expect(looker.points(unmoved)).toBe(least);
      }),
      { numRuns: 4000 },
    );
  });
});
