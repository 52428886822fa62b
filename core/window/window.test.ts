import fc from 'fast-check';
import Flatten from '@flatten-js/core';
import { distanceToSectionMm, halfWidthAtRadiusMm, innerEndMm, sectionOf, type Inside } from '#core/section';
import { apart, exactEndMm, grown, left, tableEndMm, united } from '.';

const section = sectionOf(
  { overallDiameterMm: 634, sectionWidthMm: 225, treadWidthMm: 190 },
  { rimWidthIn: 7.5, seatDiameterMm: 432, flangeMm: 12.7 },
);

const inside: Inside = {
  barrel: [
    { a: -100, r: 210 },
    { a: -70, r: 208 },
    { a: -50, r: 192 },
    { a: -15, r: 192 },
    { a: 10, r: 205 },
    { a: 65, r: 206 },
  ],
  spoke: [
    { a: 65, r: 200 },
    { a: 45, r: 130 },
    { a: 40, r: 75 },
  ],
  padMm: 40,
  assumed: false,
  barrelAssumed: false,
};
const hollow = sectionOf(
  { overallDiameterMm: 634, sectionWidthMm: 225, treadWidthMm: 190 },
  { rimWidthIn: 7.5, seatDiameterMm: 432, flangeMm: 12.7 },
  inside,
);

describe.each([
  ['a solid disc', section],
  ['a hollow wheel', hollow],
])('the stretch that a section takes up with its limit: %s', (_name, of) => {
  test.each([0, 3, 5, 15, 38, -3])('limit %d mm: at both ends the distance is the limit', (limitMm) => {
    const made = grown(of, limitMm);
    fc.assert(
      fc.property(fc.double({ min: 20, max: 317 + Math.max(0, limitMm), noNaN: true }), (radius) => {
        for (const end of ['low', 'high'] as const) {
          const at = exactEndMm(made, end, radius);
          if (Number.isFinite(at)) expect(distanceToSectionMm(of, at, radius)).toBeCloseTo(limitMm, 2);
          else expect(distanceToSectionMm(of, 0, radius)).toBeGreaterThanOrEqual(limitMm - 0.3);
        }
      }),
      { seed: 4 },
    );
  });
  test('everything between the ends is nearer than the limit, everything beyond is not', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 20, max: 316, noNaN: true }),
        fc.double({ min: -190, max: 190, noNaN: true }),
        (radius, a) => {
          const made = grown(of, 5);
          const [low, high] = [exactEndMm(made, 'low', radius), exactEndMm(made, 'high', radius)];
          if (Math.abs(a - low) < 0.05 || Math.abs(a - high) < 0.05) return;
          expect(distanceToSectionMm(of, a, radius) < 5).toBe(a > low && a < high);
        },
      ),
      { seed: 5, numRuns: 400 },
    );
  });
  test('the table is near it wherever the section is not steep', () => {
    const made = grown(of, 5);
    for (let radius = 235; radius < 300; radius += 3.7)
      for (const end of ['low', 'high'] as const)
        expect(Math.abs(tableEndMm(made, end, radius) - exactEndMm(made, end, radius))).toBeLessThan(0.12);
  });
  // Source: @flatten-js/core, a geometry library: the distance from a place to the outline as a polygon.
  test('as a geometry library has it', () => {
    const radii = Array.from({ length: 1200 }, (_, n) => n * 0.25 + 15).filter((radius) => radius <= of.radiusMm);
    const outer = radii.map((radius) => [halfWidthAtRadiusMm(of, radius), radius] as const);
    const inner = radii.map((radius) => [innerEndMm(of, radius), radius] as const);
    const polygon = new Flatten.Polygon([...outer, ...inner.reverse()].map(([a, r]) => Flatten.point(a, r)));
    const made = grown(of, 7);
    for (let radius = 100; radius < 316; radius += 9)
      for (const end of ['low', 'high'] as const) {
        const at = exactEndMm(made, end, radius);
        expect(Flatten.point(at, radius).distanceTo(polygon)[0]).toBeCloseTo(7, 0);
      }
  });
});

describe('stretches of a line', () => {
  const span = fc
    .tuple(fc.integer({ min: -50, max: 50 }), fc.integer({ min: 0, max: 20 }))
    .map(([from, long]) => [from, from + long] as const);
  const spans = fc.array(span, { maxLength: 8 });
  test('what is left and what is blocked share no place, and together are all', () =>
    fc.assert(
      fc.property(spans, fc.double({ min: -60, max: 60, noNaN: true }), (blocked, at) => {
        const free = left([-60, 60], blocked);
        const inside = (some: readonly (readonly [number, number])[]) =>
          some.some(([from, to]) => at > from && at < to);
        const edge = [...free, ...blocked].some(([from, to]) => at === from || at === to);
        if (!edge && at > -60 && at < 60) expect(inside(free)).toBe(!inside(united(blocked)));
      }),
    ));
  test('how far two sets are apart', () => {
    expect(apart([[0, 1]], [[4, 6]])).toBe(3);
    expect(apart([[0, 5]], [[4, 6]])).toBe(0);
    expect(apart([], [[4, 6]])).toBe(Infinity);
  });
});
