import fc from 'fast-check';
import { barrelRadiusMm, brakeRoom, clearanceOf, stackToClearMm, weightLine, type AxialPoint } from '#core/brake';
import { at, number, outlines, point, polygon, segments } from '#support/outlines';

/** The back of spokes: from the rim inward, each point nearer to the hub. */
const spokes = fc
  .array(number(20, 90), { minLength: 2, maxLength: 12 })
  .map((places) => places.map((a, index) => at(a, 195 - (130 * index) / (places.length - 1))));

/** flatten-js takes what is within 1e-6 for the same (its DP_TOL): drawn so much larger, that is 1e-11 mm. */
const LARGER = 1e5;
const larger = (points: readonly AxialPoint[]) => points.map(({ a, r }) => at(LARGER * a, LARGER * r));

/** Distance of two shapes by flatten-js: least over all pairs of their pieces; 0 where they cross. */
function referenceMm(outline: readonly AxialPoint[], line: readonly AxialPoint[]): number {
  const [pieces, others] = [segments(larger(outline), true), segments(larger(line), false)];
  return Math.min(...pieces.flatMap((one) => others.map((other) => one.distanceTo(other)[0]))) / LARGER;
}

describe('distance of an outline to a wheel', () => {
  // Source: @flatten-js/core, a general-purpose geometry library.
  test('shapes apart are as far apart as flatten-js says, and so are the two places told', () => {
    fc.assert(
      fc.property(outlines, spokes, (outline, spoke) => {
        const found = clearanceOf(outline, spoke, 'outboard');
        const reference = referenceMm(outline, spoke);
        if (found.mm > 0) expect(found.mm).toBeCloseTo(reference, 9);
        else expect(reference === 0 || polygonHolds(outline, spoke)).toBe(true);
        expect(Math.hypot(found.caliper.a - found.wheel.a, found.caliper.r - found.wheel.r)).toBeCloseTo(
          Math.abs(found.mm),
          9,
        );
      }),
      { numRuns: 400 },
    );
  });
  /** Whether the outline lies wholly behind the line. */
  const polygonHolds = (outline: AxialPoint[], line: readonly AxialPoint[]): boolean => {
    const metal = polygon([...line, at(900, line.at(-1)!.r), at(900, line[0]!.r)]);
    return outline.every((place) => metal.contains(point(place)));
  };
  test('an overlap is as deep as the deepest of 4 000 places of the outline, within what they leave out', () => {
    fc.assert(
      fc.property(outlines, spokes, number(20, 80), (apart, spoke, push) => {
        const outline = apart.map(({ a, r }) => at(a + push, r));
        const found = clearanceOf(outline, spoke, 'outboard');
        fc.pre(found.mm < 0);
        const metal = polygon([...spoke, at(900, spoke.at(-1)!.r), at(900, spoke[0]!.r)]);
        const line = segments(spoke, false);
        const steps = Math.ceil(4000 / outline.length);
        let deepest = 0;
        let gap = 0;
        outline.forEach((from, index) => {
          const to = outline[(index + 1) % outline.length]!;
          gap = Math.max(gap, Math.hypot(to.a - from.a, to.r - from.r) / steps);
          for (let step = 0; step < steps; step++) {
            const place = point(
              at(from.a + ((to.a - from.a) * step) / steps, from.r + ((to.r - from.r) * step) / steps),
            );
            const mm = Math.min(...line.map((piece) => place.distanceTo(piece)[0]));
            if (mm > deepest && metal.contains(place)) deepest = mm;
          }
        });
        expect(-found.mm).toBeGreaterThanOrEqual(deepest - 1e-3);
        expect(-found.mm).toBeLessThanOrEqual(deepest + gap + 1e-3);
      }),
      { numRuns: 12 },
    );
  });
  // Worked by hand.
  const box = [at(20, 150), at(55, 150), at(55, 95), at(20, 95)];
  test.each([
    ['a flat spoke 5 mm away', [at(60, 190), at(60, 80)], 'outboard', 5],
    ['a flat spoke 5 mm inside', [at(50, 190), at(50, 80)], 'outboard', -5],
    ['the corner of a dome: 3, 4, 5', [at(58, 190), at(58, 154), at(90, 154)], 'outboard', 5],
    ['a barrel 8 mm over it', [at(-60, 158), at(80, 158)], 'outward', 8],
    ['a barrel through it', [at(-60, 140), at(80, 140)], 'outward', -10],
    ['wholly in the metal', [at(10, 190), at(10, 80)], 'outboard', -45],
  ] as const)('%s', (_, line, behind, mm) => expect(clearanceOf(box, line, behind).mm).toBeCloseTo(mm, 4));
  test('mirrored in the axis of places, or moved together, nothing changes', () => {
    fc.assert(
      fc.property(outlines, spokes, number(-50, 50), (outline, spoke, by) => {
        const moved = (points: AxialPoint[]) => points.map(({ a, r }) => at(a + by, r));
        expect(clearanceOf(moved(outline), moved(spoke), 'outboard').mm).toBeCloseTo(
          clearanceOf(outline, spoke, 'outboard').mm,
          3,
        );
        expect(clearanceOf(outline.toReversed(), spoke.toReversed(), 'outboard').mm).toBeCloseTo(
          clearanceOf(outline, spoke, 'outboard').mm,
          3,
        );
      }),
    );
  });
});

describe('room in a wheel and the stack that clears', () => {
  const outline = [at(-40, 150), at(46, 150), at(50, 140), at(50, 95), at(-40, 95)];
  const face = {
    barrel: [at(-140, 200), at(-90, 182), at(-30, 182), at(10, 196), at(30, 196)],
    spoke: [at(34, 190), at(48, 90)],
  };
  test('a millimeter of stack changes no distance by more, and never brings the spokes nearer', () => {
    fc.assert(
      fc.property(outlines, spokes, number(0, 60), number(0, 20), (brake, spoke, stackMm, more) => {
        const [before, after] = [stackMm, stackMm + more].map((mm) => brakeRoom(brake, { spoke }, mm).spoke!.mm) as [
          number,
          number,
        ];
        expect(after).toBeGreaterThanOrEqual(before - 2e-3);
        expect(after - before).toBeLessThanOrEqual(more + 2e-3);
      }),
    );
  });
  test('the stack found clears, and no thinner one does', () => {
    const limits = { spokeMm: 2, barrelMm: 3 };
    const clears = (stackMm: number) => {
      const { spoke, barrel } = brakeRoom(outline, face, stackMm);
      return spoke!.mm >= limits.spokeMm - 2e-5 && barrel!.mm >= limits.barrelMm - 2e-5;
    };
    const found = stackToClearMm(outline, face, limits)!;
    expect(clears(found)).toBe(true);
    for (let stackMm = 0; stackMm < found - 0.01; stackMm += 0.05) expect(clears(stackMm)).toBe(false);
  });
  // Worked by hand: a flat spoke 5 mm inside the box wants 7 mm for a limit of 2.
  test.each([
    ['5 mm inside', [at(45, 190), at(45, 80)], 2, 7],
    ['already clear', [at(60, 190), at(60, 80)], 2, 0],
    ['exactly at its limit', [at(52, 190), at(52, 80)], 2, 0],
  ])('%s', (_, spoke, spokeMm, stack) =>
    expect(stackToClearMm(outline, { spoke }, { spokeMm, barrelMm: 3 })).toBeCloseTo(stack, 4),
  );
  test('a barrel that no stack opens gives none; a face without lines neither', () => {
    expect(stackToClearMm(outline, { barrel: [at(-400, 151), at(400, 151)] }, { spokeMm: 2, barrelMm: 3 })).toBeNull();
    expect(stackToClearMm(outline, {}, { spokeMm: 2, barrelMm: 3 })).toBeNull();
  });
  test('the drop center that comes out with the wheel is met: the search does not step over it', () => {
    const short = [at(0, 176), at(20, 176), at(20, 95), at(0, 95)];
    const { barrel } = face;
    // From the well, r 182, to the shoulder, r 196: within 3 mm of 176 nothing but the well is near.
    expect(stackToClearMm(short, { barrel }, { spokeMm: 2, barrelMm: 7 })).toBe(0);
    const under = stackToClearMm(
      [at(-60, 178), at(-40, 178), at(-40, 95), at(-60, 95)],
      { barrel },
      { spokeMm: 2, barrelMm: 8 },
    );
    expect(under).not.toBeNull();
    expect(
      brakeRoom([at(-60, 178), at(-40, 178), at(-40, 95), at(-60, 95)], { barrel }, under!).barrel!.mm,
    ).toBeGreaterThanOrEqual(8 - 2e-5);
  });
  test('weights stand off the barrel by their height', () => {
    const zone = { fromMm: -80, toMm: -40, heightMm: 5 };
    expect(weightLine(face.barrel, zone).map(({ r }) => r)).toEqual([182, 177, 177, 182]);
    expect(barrelRadiusMm(face.barrel, -60)).toBe(182);
    expect(barrelRadiusMm(face.barrel, -115)).toBeCloseTo(191, 9);
    expect(barrelRadiusMm(face.barrel.toReversed(), -115)).toBeCloseTo(191, 9);
    const { weight, barrel } = brakeRoom(outline, { ...face, weights: [zone] }, 0);
    expect(weight!.mm).toBeCloseTo(27, 9);
    expect(barrel!.mm).toBeCloseTo(32, 9);
  });
  test('what was not measured is told: past the innermost spoke, inboard of the barrel, outward without one', () => {
    const low = outline.map(({ a, r }) => at(a, r === 95 ? 70 : r));
    expect(brakeRoom(low, face, 0)).toMatchObject({ spokeUnseenMm: 20, barrelUnseenMm: 0 });
    expect(brakeRoom(outline, face, 0)).toMatchObject({ spokeUnseenMm: 0, barrelUnseenMm: 0 });
    expect(brakeRoom(outline, { spoke: [at(34, 140), at(48, 90)] }, 0).spokeUnseenMm).toBe(10);
    expect(
      brakeRoom(
        outline.map(({ a, r }) => at(a - 120, r)),
        face,
        0,
      ).barrelUnseenMm,
    ).toBe(20);
  });
});
