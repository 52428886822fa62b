import fc from 'fast-check';
import { ShapeUtils, Vector2 } from 'three';
import type { SectionPoint } from '#core/section';
import { solidOf, fitCandidate, insideOf } from '#core/evaluate';
import { WHEEL_STYLES } from '#core/wheel';
import { demoJob, setupOf } from '#support/jobs';
import { expectClosed, expectOutward, volumeOf } from '#support/meshes';
import { brakeBodies } from './brake';
import { contactHatch } from './contact';
import { LETTER_HEIGHT, written } from './letters';
import { sideBodies, type Opening } from './panel';
import { plate } from './plate';
import { sector } from './sector';
import { spokesBody } from './spokes';
import { moulded } from './tire';
import { cutInTriangles, turnOf } from './triangles';

/** A star about a place: simple, and mostly not convex. */
const star = fc
  .array(fc.double({ min: 0.3, max: 1, noNaN: true }), { minLength: 3, maxLength: 14 })
  .map((radii): SectionPoint[] =>
    radii.map((radius, at) => {
      const angle = (2 * Math.PI * at) / radii.length;
      return { a: 40 * radius * Math.cos(angle) - 20, r: 60 * radius * Math.sin(angle) + 160 };
    }),
  );
const areaOf = (line: readonly SectionPoint[], triangle: readonly number[]) =>
  turnOf(triangle.map((index) => line[index]!)) / 2;

describe('a line cut in triangles', () => {
  test('covers what the line encloses, each corner used, as many as an independent library (three) finds', () => {
    fc.assert(
      fc.property(star, fc.boolean(), (points, isTurned) => {
        const line = isTurned ? points.toReversed() : points;
        const triangles = cutInTriangles(line);
        const other = ShapeUtils.triangulateShape(
          line.map(({ a, r }) => new Vector2(a, r)),
          [],
        );
        expect(triangles).toHaveLength(other.length);
        const areas = triangles.map((triangle) => areaOf(line, triangle));
        expect(areas.reduce((sum, one) => sum + one, 0)).toBeCloseTo(turnOf(line) / 2, 6);
        // None overlaps another: each turns as the whole does.
        for (const area of areas) expect(area * Math.sign(turnOf(line))).toBeGreaterThan(-1e-9);
        expect(new Set(triangles.flat()).size).toBe(line.length);
      }),
    );
  });
});

describe('a sector', () => {
  test('is closed, faces outward and holds its share of what a whole turn would (Pappus)', () => {
    fc.assert(
      fc.property(star, fc.double({ min: 10, max: 180, noNaN: true }), (line, wide) => {
        const steps = Math.ceil(wide / 2);
        const mesh = sector(line, { fromDeg: -30, toDeg: wide - 30, steps });
        expectClosed(mesh);
        // Of a chain of chords instead of an arc: sin(δ)/δ of it.
        const step = (wide * Math.PI) / 180 / steps;
        const whole = cutInTriangles(line).reduce((sum, triangle) => {
          const middle = triangle.reduce((r, index) => r + line[index]!.r / 3, 0);
          return sum + Math.abs(areaOf(line, triangle)) * middle;
        }, 0);
        const expected = whole * ((wide * Math.PI) / 180) * (Math.sin(step) / step);
        expect(volumeOf(mesh) / expected).toBeCloseTo(1, 6);
      }),
      { numRuns: 40 },
    );
  });
});

test('a plate with holes is closed and outward, and lighter by what the holes take', () => {
  const line = Array.from({ length: 9 }, (_, at) => ({ a: 3 * at, r: 180 - 12 * at }));
  const whole = plate(line, { thickMm: 5, segments: 24, isMetal: () => true });
  const holed = plate(line, { thickMm: 5, segments: 24, isMetal: (along, clock) => along !== 3 || clock % 4 !== 0 });
  for (const mesh of [whole, holed]) {
    expectClosed(mesh);
    expectOutward(mesh);
  }
  // Six holes of one cell in the ring between r = 144 and 132.
  const cell = (((144 ** 2 - 132 ** 2) * Math.sin((2 * Math.PI) / 24)) / 2) * 5;
  expect(volumeOf(whole) - volumeOf(holed)).toBeCloseTo(6 * cell, 3);
});

describe('wheels', () => {
  const job = demoJob('brindle-kite');
  const fitted = fitCandidate(job.vehicle, 'front', setupOf(job, 'a').front);
  const inside = insideOf(fitted)!;
  test.each(WHEEL_STYLES)('%s: closed and outward, turned or not, with any number of spokes', (style) => {
    for (const spokeCount of [null, 3, 5, 24])
      for (const turned of [false, true]) {
        const mesh = spokesBody(inside, { style, spokeCount }, turned);
        expectClosed(mesh);
        expectOutward(mesh);
      }
  });
  test('spokes are as many as said, and repeat around the hub', () => {
    const few = spokesBody(inside, { style: 'single', spokeCount: 5 }, false);
    const many = spokesBody(inside, { style: 'single', spokeCount: 6 }, false);
    const more = many.indices.length - few.indices.length;
    const none = few.indices.length - 5 * more;
    expect(spokesBody(inside, { style: 'single', spokeCount: 9 }, false).indices).toHaveLength(none + 9 * more);
  });
  test('more offset brings the face of the spokes out to the lip, less lets it stand deep', () => {
    const depthOf = (offsetMm: number) => {
      const wheel = { ...fitted.wheel, offsetMm };
      const { spoke, padMm } = insideOf({ ...fitted, wheel, offsetMm })!;
      return spoke[0]!.a - padMm;
    };
    // The rim end stays at the rim: a wheel of offset −18 is dished by what one of +45 is flat.
    expect(depthOf(-18) - depthOf(45)).toBeCloseTo(63, 6);
  });
});

describe('the size on a tire', () => {
  const job = demoJob('brindle-kite');
  const { section } = solidOf(fitCandidate(job.vehicle, 'front', setupOf(job, 'a').front))!.bodies[0]!;
  test('every sign of a size has strokes within its field', () => {
    for (const sign of '0123456789/-.BCDFLPRSTXZ') {
      const pieces = written(sign);
      expect(pieces.length).toBeGreaterThan(0);
      for (const [x, y] of pieces.flatMap(({ from, to }) => [from, to])) {
        expect(Math.abs(x)).toBeLessThanOrEqual(2);
        expect(y).toBeGreaterThanOrEqual(0);
        expect(y).toBeLessThanOrEqual(LETTER_HEIGHT);
      }
    }
    expect(written('?')).toEqual([]);
  });
  test.each(['right', 'left'] as const)(
    'on the %s it is read from beside the car, and lies on the sidewall',
    (side) => {
      const mesh = moulded(section, '1L', side);
      const widths = [section.halfRimMm, section.halfSectionMm];
      // Of the text at the top: the 1 is on the left of who reads it. Front is to the right on the right side.
      const tops: { fwd: number; up: number }[] = [];
      for (let at = 0; at < mesh.positions.length; at += 3) {
        const [out, fwd, up] = mesh.positions.slice(at, at + 3) as [number, number, number];
        expect(out).toBeGreaterThan(Math.min(...widths) - 1);
        expect(out).toBeLessThan(Math.max(...widths) + 1);
        if (up > 0) tops.push({ fwd, up });
      }
      // Strokes of four corners each: two of the 1, then two of the L.
      const middle = (points: typeof tops) => points.reduce((sum, { fwd }) => sum + fwd, 0) / points.length;
      const one = middle(tops.slice(0, 8));
      const other = middle(tops.slice(8, 16));
      expect(Math.sign(other - one)).toBe(side === 'right' ? 1 : -1);
      // What faces out runs counterclockwise as it is seen from outside.
      const [p, q, r] = mesh.indices.slice(0, 3).map((index) => mesh.positions.slice(3 * index, 3 * index + 3)) as [
        number[],
        number[],
        number[],
      ];
      const facing = (q[1]! - p[1]!) * (r[2]! - p[2]!) - (q[2]! - p[2]!) * (r[1]! - p[1]!);
      expect(facing).toBeGreaterThan(0);
    },
  );
});

test('a brake: a rotor of its diameter, a caliper of its outline; without either nothing', () => {
  const outline = [
    { a: -60, r: 100 },
    { a: 10, r: 100 },
    { a: 25, r: 150 },
    { a: -60, r: 165 },
  ];
  const { rotor, caliper } = brakeBodies({ outline, rotorDiameterMm: 312 });
  for (const mesh of [rotor!, caliper!]) {
    expectClosed(mesh);
    expectOutward(mesh);
  }
  const radii = rotor!.positions.flatMap((_, at) =>
    at % 3 === 0 ? [Math.hypot(rotor!.positions[at + 1]!, rotor!.positions[at + 2]!)] : [],
  );
  expect(Math.max(...radii)).toBeCloseTo(156, 9);
  const out = caliper!.positions.filter((_, at) => at % 3 === 0);
  expect([Math.min(...out), Math.max(...out)]).toEqual([-60, 25]);
  expect(brakeBodies({})).toEqual({ rotor: null, caliper: null });
  expect(brakeBodies({ rotorDiameterMm: 280 }).caliper).toBeNull();
  expect(brakeBodies({ outline }).rotor).not.toBeNull();
});

test('a hatch lies where the sweep found contact, on the tire', () => {
  const job = demoJob('brindle-kite');
  const solid = solidOf(fitCandidate(job.vehicle, 'front', setupOf(job, 'a').front))!;
  const { section, centerOut } = solid.bodies[0]!;
  const edge = centerOut + section.halfTreadMm;
  const mesh = contactHatch(solid, [{ clockDeg: [80, 100], outMm: [edge - 20, edge + 5] }])!;
  for (let at = 0; at < mesh.positions.length; at += 3) {
    const [out, fwd, up] = mesh.positions.slice(at, at + 3) as [number, number, number];
    const clock = (Math.atan2(fwd, up) * 180) / Math.PI;
    expect(clock).toBeGreaterThan(76);
    expect(clock).toBeLessThan(112);
    expect(out).toBeGreaterThan(edge - 28);
    expect(Math.hypot(fwd, up)).toBeLessThan(section.radiusMm + 3);
    expect(Math.hypot(fwd, up)).toBeGreaterThan(section.bellyRadiusMm);
  }
  expect(contactHatch(solid, [])).toBeNull();
});

describe('a panel', () => {
  const opening = (axisFwd: number, out: number): Opening => ({
    axisFwd,
    axisUp: 310,
    fallDeg: 8,
    lip: [-60, -30, 0, 30, 60].map((deg) => ({
      out,
      fwd: axisFwd + 360 * Math.sin((deg * Math.PI) / 180),
      up: 310 + 360 * Math.cos((deg * Math.PI) / 180),
    })),
  });
  const pointsOf = (positions: readonly number[]) =>
    Array.from(
      { length: positions.length / 3 },
      (_, at) => positions.slice(3 * at, 3 * at + 3) as [number, number, number],
    );
  test('leaves its openings open, passes through the lips, leans in over them and ends at the middle', () => {
    const { panel, liners } = sideBodies([opening(-2650, 880), opening(0, 870)]);
    expect(liners).toHaveLength(2);
    const points = pointsOf(panel!.positions);
    for (const [out, fwd, up] of points) {
      expect(out).toBeLessThanOrEqual(880);
      expect(out).toBeGreaterThanOrEqual(0);
      expect(up).toBeLessThan(310 + 360 + 200);
      for (const axis of [0, -2650])
        if (up < 310 + 360 && out > 500) expect(Math.hypot(fwd - axis, up - 310)).toBeGreaterThan(359.9);
    }
    // 1.5 mm behind the outer face of the lip, straight over the axle.
    expect(
      points.some(([out, fwd, up]) => Math.abs(out - 868.5) < 1e-9 && fwd === 0 && Math.abs(up - 670) < 1e-9),
    ).toBe(true);
    // At the belt, 95 mm over the lip, in by the tangent of its lean.
    const belt = points.filter(([, fwd, up]) => fwd === 0 && Math.abs(up - 765) < 1e-9).map(([out]) => out);
    expect(Math.max(...belt)).toBeCloseTo(868.5 - 95 * Math.tan((8 * Math.PI) / 180), 9);
  });
  test('of one opening is the panel of that one; of none there is none', () => {
    expect(sideBodies([opening(0, 870)]).panel!.positions.every(Number.isFinite)).toBe(true);
    expect(sideBodies([])).toEqual({ panel: null, liners: [] });
  });
  test('directions are of length one, whatever the lip', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 500, max: 1100, noNaN: true }),
        fc.double({ min: 0, max: 40, noNaN: true }),
        (out, fallDeg) => {
          const { panel } = sideBodies([{ ...opening(0, out), fallDeg }]);
          for (const [x, y, z] of pointsOf(panel!.normals)) expect(Math.hypot(x, y, z)).toBeCloseTo(1, 6);
        },
      ),
      { numRuns: 30 },
    );
  });
});
