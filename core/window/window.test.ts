import fc from 'fast-check';
import Flatten from '@flatten-js/core';
import { distanceToSectionMm, halfWidthAtRadiusMm, sectionOf } from '#core/section';
import { apart, exactHalfWidthMm, halfWidths, left, tableHalfWidthMm, united } from '.';

const section = sectionOf(
  { overallDiameterMm: 634, sectionWidthMm: 225, treadWidthMm: 190 },
  { rimWidthIn: 7.5, seatDiameterMm: 432, flangeMm: 12.7 },
);

describe('half widths of a section that keeps a limit', () => {
  test.each([0, 3, 5, 15, 38, -3])('limit %d mm: there the distance is the limit', (limitMm) => {
    const widths = halfWidths(section, limitMm);
    fc.assert(
      fc.property(fc.double({ min: 230, max: 317 + Math.max(0, limitMm), noNaN: true }), (radius) => {
        const half = exactHalfWidthMm(widths, radius);
        if (half < 0) expect(distanceToSectionMm(section, 0, radius)).toBeGreaterThanOrEqual(limitMm - 1e-6);
        else expect(distanceToSectionMm(section, half, radius)).toBeCloseTo(limitMm, 2);
      }),
      { seed: 4 },
    );
  });
  test('the table is near it wherever the section is not steep', () => {
    const widths = halfWidths(section, 5);
    for (let radius = 235; radius < 300; radius += 3.7)
      expect(Math.abs(tableHalfWidthMm(widths, radius) - exactHalfWidthMm(widths, radius))).toBeLessThan(0.12);
  });
  // Source: @flatten-js/core, a geometry library: the distance from a place to the outline as a polygon.
  test('as a geometry library has it', () => {
    const radii = Array.from({ length: 471 }, (_, n) => 200 + n * 0.25).filter((radius) => radius <= section.radiusMm);
    const half = radii.map((radius) => [halfWidthAtRadiusMm(section, radius), radius] as const);
    const outline = [...half, ...half.map(([a, r]) => [-a, r] as const).reverse()];
    const polygon = new Flatten.Polygon(outline.map(([a, r]) => Flatten.point(a, r)));
    const widths = halfWidths(section, 7);
    for (let radius = 240; radius < 316; radius += 9) {
      const at = exactHalfWidthMm(widths, radius);
      expect(Flatten.point(at, radius).distanceTo(polygon)[0]).toBeCloseTo(7, 1);
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
