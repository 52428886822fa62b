import fc from 'fast-check';
import {
  barrelFault,
  brakeRadiusMm,
  brakeRoom,
  faceFromDepths,
  faceIsOf,
  familyFace,
  FAMILY_BOW_MM,
  firstCrossing,
  outlineAreaMm2,
  outlineFault,
  outlineFromReach,
  smallestRim,
  spacerFromWashersMm,
  spokeFault,
  usualSpacerMm,
  weightsFault,
  withoutRepeats,
  type SpokeFamily,
} from '#core/brake';
import { DomainError } from '#core/errors';
import { at, number, outlines, polygon, segments, star } from '#support/outlines';

describe('outlines', () => {
  test.each([
    ['two corners', [at(0, 0), at(10, 10)], /three corners/],
    ['a bow tie', [at(0, 100), at(20, 120), at(20, 100), at(0, 120)], /crosses itself/],
    ['a line there and back', [at(0, 100), at(20, 100), at(10, 100)], /crosses itself|area/],
    ['a spike', [at(0, 100), at(20, 100), at(20, 120), at(20, 90), at(0, 90)], /crosses itself/],
    ['a touch of its own edge', [at(0, 0), at(40, 0), at(40, 20), at(20, 0), at(0, 20)], /crosses itself/],
    ['hardly anything', [at(0, 0), at(1, 0), at(0, 1)], /no area/],
  ])('%s is refused', (_, outline, fault) => expect(outlineFault(outline)).toMatch(fault));
  test('stars never cross themselves, and a repeated first point is the same outline', () => {
    fc.assert(
      fc.property(outlines, (outline) => {
        expect(outlineFault(outline)).toBeNull();
        const closed = [...outline, outline[0]!];
        expect(outlineFault(closed)).toBeNull();
        expect(withoutRepeats(closed)).toEqual(outline);
        // Source: @flatten-js/core.
        expect(Math.abs(outlineAreaMm2(outline))).toBeCloseTo(polygon(outline).area(), 6);
      }),
    );
  });
  test('two swapped corners cross where flatten-js finds an intersection', () => {
    fc.assert(
      fc.property(fc.array(number(10, 40), { minLength: 6, maxLength: 12 }), fc.nat(), (reach, pick) => {
        const outline = star(reach, 0, 100);
        const i = pick % (outline.length - 1);
        [outline[i], outline[i + 1]] = [outline[i + 1]!, outline[i]!];
        const pieces = segments(outline, true);
        const crosses = pieces.some((one, first) =>
          pieces.some(
            (other, second) =>
              second > first + 1 && !(first === 0 && second === pieces.length - 1) && one.intersect(other).length > 0,
          ),
        );
        expect(firstCrossing(outline, true) !== null).toBe(crosses);
      }),
    );
  });
  test('traced from reaches: outboard side as read, closed at its back', () => {
    const rows = [
      { radiusMm: 90, reachMm: 40 },
      { radiusMm: 130, reachMm: 52 },
      { radiusMm: 158, reachMm: 44 },
    ];
    const outline = outlineFromReach(rows, -30);
    expect(outline).toEqual([at(-30, 90), at(40, 90), at(52, 130), at(44, 158), at(-30, 158)]);
    expect(outlineFault(outline)).toBeNull();
    expect(() => outlineFromReach(rows.toReversed(), -30)).toThrow(/radii grow/);
    expect(() => outlineFromReach(rows, 44)).toThrow(/behind the back/);
    expect(() => outlineFromReach(rows.slice(1, 2), -30)).toThrow(DomainError);
  });
});

describe('inner faces', () => {
  const barrel = [
    { radiusMm: 200, depthMm: 10 },
    { radiusMm: 182, depthMm: 50 },
    { radiusMm: 196, depthMm: 160 },
  ];
  const spoke = [
    { radiusMm: 188, depthMm: 182 },
    { radiusMm: 90, depthMm: 178 },
  ];
  test('depths under a straightedge lie that far outboard of the back flange', () => {
    // Worked by hand: overall backspacing 147.95 puts a depth of 182 at +34.05.
    const face = faceFromDepths(147.95, barrel, spoke);
    expect(face.spoke![0]).toEqual({ a: expect.closeTo(34.05, 9), r: 188 });
    expect(face.barrel![0]).toEqual({ a: expect.closeTo(-137.95, 9), r: 200 });
  });
  test.each([
    ['a barrel read outward', barrel.toReversed(), spoke, 'barrel.1.depthMm'],
    ['a depth twice', [barrel[0]!, barrel[0]!], spoke, 'barrel.1.depthMm'],
    ['spokes from the hub outward', barrel, spoke.toReversed(), 'spoke.1.radiusMm'],
    ['a depth above the edge', barrel, [{ radiusMm: 188, depthMm: -2 }], 'spoke.0.depthMm'],
    ['a spoke that starts over the barrel', barrel, [{ radiusMm: 197, depthMm: 100 }], 'spoke.0.depthMm'],
  ])('%s is refused at its row', (_, rows, back, path) => {
    expect(() => faceFromDepths(147.95, rows, back)).toThrow(DomainError);
    try {
      faceFromDepths(147.95, rows, back);
    } catch (error) {
      expect((error as DomainError).path).toBe(path);
    }
  });
  test('one row is no line yet', () => expect(faceFromDepths(150, barrel.slice(0, 1), [])).toEqual({}));
  test.each([
    [[at(0, 200)], /two points/],
    [[at(0, 200), at(10, 200), at(5, 200)], /point 3/],
    [[at(0, 200), at(0, 190)], /one way|two points/],
  ])('barrel %j', (line, fault) => expect(barrelFault(line)).toMatch(fault));
  test.each([
    [[at(0, 200)], /two points/],
    [[at(30, 190), at(40, 120), at(35, 150)], /point 3|crosses/],
    [[at(30, 190), at(40, 190)], /one way/],
  ])('spoke %j', (line, fault) => expect(spokeFault(line)).toMatch(fault));
  test('either way along is in order', () => {
    const line = [at(30, 190), at(40, 140), at(20, 80)];
    expect(spokeFault(line)).toBeNull();
    expect(spokeFault(line.toReversed())).toBeNull();
    expect(barrelFault([at(-80, 200), at(30, 198)].toReversed())).toBeNull();
  });
  test.each([
    ['no barrel', [{ fromMm: -20, toMm: 0, heightMm: 5 }], undefined, /barrel/],
    ['backward', [{ fromMm: 0, toMm: -20, heightMm: 5 }], [at(-80, 200), at(30, 198)], /zone 1/],
    ['beyond it', [{ fromMm: -20, toMm: 40, heightMm: 5 }], [at(-80, 200), at(30, 198)], /zone 1/],
  ])('weights: %s', (_, zones, on, fault) => expect(weightsFault(zones, on)).toMatch(fault));
  test('a face belongs to the wheel it was read on', () => {
    const readOn = { rimWidthIn: 7.5, offsetMm: 40 };
    expect(faceIsOf({ readOn }, 7.5, 40)).toBe(true);
    expect(faceIsOf({ readOn }, 7.5, 39)).toBe(false);
    expect(faceIsOf({ readOn }, 8, 40)).toBe(false);
    expect(faceIsOf({}, 8, 40)).toBeNull();
  });
  test.each(Object.keys(FAMILY_BOW_MM) as SpokeFamily[])(
    'the %s family is a face in order, marked as assumed',
    (family) => {
      fc.assert(
        fc.property(
          fc.constantFrom(14, 15, 16, 17, 18, 19),
          number(5.5, 10),
          number(0, 55),
          (rimDiameterIn, rimWidthIn, offsetMm) => {
            const face = familyFace(family, { rimDiameterIn, rimWidthIn, offsetMm, flangeMm: 12.7 });
            expect(barrelFault(face.barrel!)).toBeNull();
            expect(spokeFault(face.spoke!)).toBeNull();
            expect(face).toMatchObject({ origin: 'family', family, readOn: { rimWidthIn, offsetMm } });
            // The pad is the mounting face itself.
            expect(face.spoke!.at(-1)!.a).toBeCloseTo(0, 9);
          },
        ),
      );
    },
  );
  test('a domed wheel leaves a brake more room than a curved, a flat and a deep one', () => {
    const outline = [at(-40, 140), at(10, 140), at(10, 95), at(-40, 95)];
    const room = (['domed', 'curved', 'flat', 'deep'] as const).map((family) => {
      const face = familyFace(family, { rimDiameterIn: 17, rimWidthIn: 7.5, offsetMm: 40, flangeMm: 12.7 });
      return brakeRoom(outline, face, 0).spoke!.mm;
    });
    expect(room).toEqual(room.toSorted((one, other) => other - one));
  });
});

describe('smallest rim', () => {
  // Common practice, no source: bead seat radius less wall and drop center; worked by hand with the seats of ISO
  // 4000-1.
  test.each([
    [140, 3, 12, 14],
    [165, 3, 14, 16],
    [150, 3, 13, 14],
    [400, 3, null, null],
  ])('a brake of radius %d, limit %d: %p beside the drop center, %p under it', (mm, limit, beside, under) => {
    const found = smallestRim({ mm, assumed: false }, limit);
    expect([found.besideDropIn, found.underDropIn]).toEqual([beside, under]);
  });
  test('an outline wins over a rotor; a rotor alone is assumed to have a usual bridge', () => {
    expect(brakeRadiusMm([at(0, 150), at(20, 162)], 300)).toEqual({ mm: 162, assumed: false });
    expect(brakeRadiusMm(undefined, 300)).toEqual({ mm: 172, assumed: true });
    expect(brakeRadiusMm([at(0, 150)], 330)).toEqual({ mm: 165, assumed: false });
    expect(brakeRadiusMm(undefined, null)).toBeNull();
  });
  test('a larger brake never fits a smaller rim', () => {
    fc.assert(
      fc.property(number(80, 260), number(0, 40), (mm, more) => {
        const [one, other] = [mm, mm + more].map((radius) => smallestRim({ mm: radius, assumed: false }, 3));
        expect(other!.underDropIn ?? 99).toBeGreaterThanOrEqual(one!.underDropIn ?? 99);
        expect(one!.besideDropIn ?? 99).toBeLessThanOrEqual(one!.underDropIn ?? 99);
      }),
    );
  });
});

describe('washers', () => {
  test('what just turns, and the clearance on top', () => {
    // Worked by hand: four washers of 1.6 mm just turn; 2 mm to the spokes: 8.4 mm, sold as 10.
    expect(spacerFromWashersMm(4, 1.6, 2)).toBeCloseTo(8.4, 9);
    expect(usualSpacerMm(8.4)).toBe(10);
    expect(usualSpacerMm(10)).toBe(10);
    expect(usualSpacerMm(51)).toBeNull();
  });
  test.each([
    [0, 2],
    [3, 0],
    [3, -1],
  ])('%d washers of %d mm are refused', (count, washer) =>
    expect(() => spacerFromWashersMm(count, washer, 2)).toThrow(DomainError),
  );
});
