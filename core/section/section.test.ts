import fc from 'fast-check';
import { crownRadiusMm, halfWidthAtRadiusMm, sectionOf, tireOutline, type Section } from '#core/section';

const section = fc
  .record({
    aspectHeight: fc.double({ min: 60, max: 200, noNaN: true }),
    sectionWidthMm: fc.double({ min: 150, max: 340, noNaN: true }),
    treadShare: fc.double({ min: 0.7, max: 0.95, noNaN: true }),
    rimWidthIn: fc.double({ min: 4, max: 10, noNaN: true }),
    seatDiameterMm: fc.constantFrom(330, 381, 432, 483),
  })
  .map((of) =>
    sectionOf(
      {
        overallDiameterMm: of.seatDiameterMm + 2 * of.aspectHeight,
        sectionWidthMm: of.sectionWidthMm,
        treadWidthMm: of.sectionWidthMm * of.treadShare,
      },
      { rimWidthIn: of.rimWidthIn, seatDiameterMm: of.seatDiameterMm, flangeMm: 12.7 },
    ),
  );

const places = (s: Section) => ({
  treadEdge: s.radiusMm - s.crownDropMm,
  middle: (s.flangeRadiusMm + s.bellyRadiusMm) / 2,
});

describe('section profile', () => {
  test('takes its widths at the radii it is made of', () => {
    fc.assert(
      fc.property(section, (s) => {
        expect(halfWidthAtRadiusMm(s, s.rimRadiusMm)).toBe(s.halfRimMm);
        expect(halfWidthAtRadiusMm(s, s.bellyRadiusMm)).toBeCloseTo(s.halfSectionMm, 9);
        expect(halfWidthAtRadiusMm(s, places(s).treadEdge)).toBeCloseTo(s.halfTreadMm, 6);
        expect(halfWidthAtRadiusMm(s, s.radiusMm)).toBeCloseTo(0, 6);
        expect(halfWidthAtRadiusMm(s, s.radiusMm + 1)).toBe(0);
        expect(crownRadiusMm(s, 0)).toBe(s.radiusMm);
        expect(crownRadiusMm(s, s.halfTreadMm)).toBeCloseTo(places(s).treadEdge, 9);
      }),
    );
  });
  test('has no step anywhere above the flange', () => {
    fc.assert(
      fc.property(section, (s) => {
        const widths = Array.from(
          { length: 400 },
          (_, i) => s.flangeRadiusMm + ((s.radiusMm - s.flangeRadiusMm) * i) / 400,
        ).map((r) => halfWidthAtRadiusMm(s, r));
        // Next to the tread's edge and the crown the curves turn steep; a step would still stand out against half the
        // section.
        const steps = widths.slice(1).map((width, i) => Math.abs(width - widths[i]!));
        expect(Math.max(...steps)).toBeLessThan(s.halfSectionMm * 0.25);
      }),
    );
  });
  test('never passes its section or its rim, and tapers above the belly', () => {
    fc.assert(
      fc.property(
        section,
        fc.double({ min: 0, max: 1, noNaN: true }),
        fc.double({ min: 0, max: 1, noNaN: true }),
        (s, p, q) => {
          const at = (share: number) => s.bellyRadiusMm + share * (s.radiusMm - s.bellyRadiusMm);
          const [low, high] = [Math.min(p, q), Math.max(p, q)];
          expect(halfWidthAtRadiusMm(s, at(high))).toBeLessThanOrEqual(halfWidthAtRadiusMm(s, at(low)) + 1e-9);
          expect(halfWidthAtRadiusMm(s, places(s).middle)).toBeLessThanOrEqual(
            Math.max(s.halfSectionMm, s.halfRimMm) + 1e-9,
          );
        },
      ),
    );
  });
  test('the outline lies on the profile and mirrors', () => {
    fc.assert(
      fc.property(section, (s) => {
        const outline = tireOutline(s);
        const other = outline.toReversed();
        const most = (offMm: (point: { a: number; r: number }, at: number) => number) =>
          Math.max(...outline.map((point, at) => Math.abs(offMm(point, at))));
        expect(most(({ a }, at) => other[at]!.a + a)).toBeCloseTo(0, 9);
        expect(most(({ r }, at) => other[at]!.r - r)).toBeCloseTo(0, 9);
        expect(most(({ a, r }) => Math.abs(a) - halfWidthAtRadiusMm(s, r))).toBeCloseTo(0, 3);
      }),
    );
  });
});
