import fc from 'fast-check';
import { Vector3 } from 'three';
import { familyFace } from '#core/brake';
import { AT_REST, toCorner } from '#core/kinematics';
import { distanceToSectionMm, nearestOnSection, sectionOf, sectionPartAt, surfacePoint } from '#core/section';
import { USUAL_GEOMETRY } from '#core/suspension';
import { bulgeOutMm, distanceMm, gapPoint, placementIn, sweep, placePart, type SweptSolid } from '#core/sweep';
import { BY_HAND, HOLLOW, RIM, TIRE } from '#support/hollowWheel';
import { insideMesh, meshDistance, meshErrorMm, poseMatrix, wheelMesh } from '#support/mesh';

const real = (min: number, max: number) => fc.double({ min, max, noNaN: true });
const SOLID = sectionOf(TIRE, RIM);
const hollowAt = (centerOut: number): SweptSolid => ({ bodies: [{ section: HOLLOW, centerOut }] });

describe('a hollow wheel, against a triangle mesh searched by three-mesh-bvh', () => {
  const mesh = wheelMesh(HOLLOW, -40, BY_HAND);
  const error = meshErrorMm(308) + 0.02;
  const place = fc.tuple(real(-240, 160), real(-330, 330), real(-330, 330));
  test('distances in and around it, and whether a point is inside', () => {
    fc.assert(
      fc.property(place, ([out, fwd, up]) => {
        const ours = distanceMm(hollowAt(-40), out, fwd, up);
        const point = new Vector3(out, fwd, up);
        expect(Math.abs(Math.abs(ours) - meshDistance(mesh, point))).toBeLessThan(error);
        if (Math.abs(ours) > 0.1) expect(ours < 0).toBe(insideMesh(mesh, point));
      }),
      { numRuns: 600, seed: 3 },
    );
  });
  test('a ball joint in the barrel: 20 mm from the spokes, 45 from the barrel; a solid disc would touch', () => {
    // Beside the spokes at radius 135 they stand at a = 50; the joint 20 mm inboard of that.
    const [out, radius] = [-40 + 50 - 20, 135];
    const ours = distanceMm(hollowAt(-40), out, 0, radius);
    expect(ours).toBeCloseTo(20 * Math.cos(Math.atan2(20, 120)), 6);
    expect(distanceMm({ bodies: [{ section: SOLID, centerOut: -40 }] }, out, 0, radius)).toBeLessThan(-70);
    expect(meshDistance(mesh, new Vector3(out, 0, radius))).toBeCloseTo(ours, 1);
  });
  test('poses with camber, by the matrices of three', () => {
    const leaning = { ...USUAL_GEOMETRY.strut, camberDeg: -2 };
    const posed = fc.tuple(real(-38, 38), real(-60, 70), real(20, 200), real(-180, 180));
    fc.assert(
      fc.property(posed, ([steerDeg, travelMm, radius, clock]) => {
        const inHub = { out: -60, fwd: radius * Math.sin(clock), up: radius * Math.cos(clock) };
        const theirs = new Vector3(inHub.out, inHub.fwd, inHub.up).applyMatrix4(
          poseMatrix(leaning, steerDeg, travelMm),
        );
        const ours = toCorner(placementIn(leaning, { steerDeg, travelMm }), inHub);
        expect(
          [ours.out, ours.fwd, ours.up]
            .map((mm, i) => Math.abs(mm - [theirs.x, theirs.y, theirs.z][i]!))
            .every((mm) => mm < 1e-6),
        ).toBe(true);
      }),
      { numRuns: 100 },
    );
  });
});

describe('what a hollow wheel must be', () => {
  const face = fc.record({
    family: fc.constantFrom('flat', 'curved', 'domed', 'deep'),
    offsetMm: fc.integer({ min: -60, max: 120 }),
    rimWidthIn: fc.constantFrom(5.5, 7.5, 10),
  });
  const made = ({
    family,
    offsetMm,
    rimWidthIn,
  }: {
    family: 'flat' | 'curved' | 'domed' | 'deep';
    offsetMm: number;
    rimWidthIn: number;
  }) => {
    const rim = { ...RIM, rimWidthIn };
    const { barrel, spoke } = familyFace(family, { rimDiameterIn: 17, rimWidthIn, offsetMm, flangeMm: 12.7 });
    const placed = (line: { a: number; r: number }[]) => line.map(({ a, r }) => ({ a: a + offsetMm, r }));
    return {
      solid: sectionOf(TIRE, rim),
      hollow: sectionOf(TIRE, rim, {
        barrel: placed(barrel!),
        spoke: placed(spoke!),
        padMm: offsetMm,
        assumed: true,
        barrelAssumed: true,
      }),
    };
  };
  test('it never touches where the solid disc did not, and is never nearer', () => {
    fc.assert(
      fc.property(face, real(-160, 160), real(10, 330), (of, a, r) => {
        const { solid, hollow } = made(of);
        const [before, now] = [distanceToSectionMm(solid, a, r), distanceToSectionMm(hollow, a, r)];
        if (before >= 0) expect(now).toBeGreaterThanOrEqual(before - 1e-9);
        else expect(now).toBeGreaterThanOrEqual(before - 200);
        if (now < -1e-9) expect(before).toBeLessThan(0);
      }),
    );
  });
  test('outside of its barrel nothing is other than before, and what was inside still is', () => {
    fc.assert(
      fc.property(face, real(-160, 160), real(250, 330), (of, a, r) => {
        const { solid, hollow } = made(of);
        const [before, now] = [distanceToSectionMm(solid, a, r), distanceToSectionMm(hollow, a, r)];
        if (before >= 0) expect(now).toBeCloseTo(before, 9);
        // Deep in rim and tire the barrel may be the nearest way out: still inside, and no deeper than before.
        else expect(now >= before - 1e-9 && now < 1e-9).toBe(true);
      }),
    );
  });
  test('at each radius the metal is one stretch: going outboard it is entered once', () => {
    fc.assert(
      fc.property(face, real(10, 300), (of, r) => {
        const { hollow } = made(of);
        let entered = 0;
        for (let a = -170, inside = false; a <= 170; a += 0.5) {
          const now = distanceToSectionMm(hollow, a, r) < 0;
          if (now && !inside) entered += 1;
          inside = now;
        }
        expect(entered).toBeLessThanOrEqual(1);
      }),
      { numRuns: 40 },
    );
  });
  test('a gap to barrel and spokes comes out again; the places have names', () => {
    for (const [surface, gap, expected] of [
      ['barrel', { gapMm: 12 }, 12],
      ['barrel', { gapMm: 12, axialMm: -60 }, 12],
      ['spokes', { gapMm: 15, radiusMm: 70 }, 15],
    ] as const) {
      const at = gapPoint({ surface, clockDeg: 110, ...gap }, hollowAt(-40));
      expect(distanceMm(hollowAt(-40), at.out, at.fwd, at.up)).toBeCloseTo(expected, 1);
    }
    const halfway = surfacePoint(HOLLOW, 'spokes');
    expect(halfway.r).toBeCloseTo((75 + 195) / 2, 9);
    expect(() => surfacePoint(HOLLOW, 'spokes', { radiusMm: 200 })).toThrow(/beyond the barrel/);
    expect(() => surfacePoint(SOLID, 'barrel')).toThrow(/inside of the present wheel is not known/);
    for (const [a, r, name] of [
      [0, 190, 'barrel'],
      [0, 100, 'spokes'],
      [-120, 200, 'inner rim flange'],
    ] as const) {
      const on = nearestOnSection(HOLLOW, a, r);
      expect(sectionPartAt(HOLLOW, on.a, on.r)).toBe(name);
    }
  });
  test('the outer wheel of a pair is turned over: its inside looks outboard', () => {
    const pair: SweptSolid = {
      bodies: [
        { section: HOLLOW, centerOut: -100 },
        { section: HOLLOW, centerOut: 200, turned: true },
      ],
    };
    // The same place before each wheel's own inside.
    expect(distanceMm(pair, -100 - 30, 0, 120)).toBeCloseTo(distanceMm(pair, 200 + 30, 0, 120), 9);
    expect(distanceMm(pair, 200 + 30, 0, 120)).toBeGreaterThan(0);
    expect(distanceMm(pair, 200 - 80, 0, 120)).toBeLessThan(0);
  });
  test('the lattice of a sweep nears it as closely as that of a disc: many points clear as one by one', () => {
    const points = Array.from({ length: 40 }, (_, i) => ({ out: -150 + 2 * i, fwd: 20, up: 150 }));
    const part = placePart({ id: 'arm', mount: 'knuckle', points }, null, null);
    const swept = sweep({ solid: hollowAt(-40), parts: [part], geometry: null, change: null }).parts[0]!;
    const least = Math.min(...points.map(({ out, fwd, up }) => distanceMm(hollowAt(-40), out, fwd, up)));
    expect(swept.clearanceMm).toBeCloseTo(least, 1);
  });
});

describe('the bulge of a leaning wheel', () => {
  const solid = hollowAt(-40);
  test('upright it is the outermost place; at −2° it stands some 9 mm further in at the top, further out below', () => {
    const upright = placementIn({ ...USUAL_GEOMETRY.strut, camberDeg: 0 }, AT_REST);
    expect(bulgeOutMm(solid, upright)).toBeCloseTo(-40 + 107.95, 6);
    const leaning = placementIn({ ...USUAL_GEOMETRY.strut, camberDeg: -2 }, AT_REST);
    // The flange's top at r = 233.5 is outermost on this wheel: 67.95·cos 2° − 233.5·sin 2°.
    const rad = (2 * Math.PI) / 180;
    expect(bulgeOutMm(solid, leaning)).toBeCloseTo(67.95 * Math.cos(rad) - 233.5 * Math.sin(rad), 1);
    expect(bulgeOutMm(solid, leaning, 180)).toBeGreaterThan(bulgeOutMm(solid, leaning) + 15);
  });
  test('it is where three puts the outermost place of the mesh', () => {
    const geometry = { ...USUAL_GEOMETRY.wishbone, camberDeg: -1.5 };
    const matrix = poseMatrix(geometry, 0, 0);
    let most = -Infinity;
    for (const { a, r } of profile()) most = Math.max(most, new Vector3(-40 + a, 0, r).applyMatrix4(matrix).x);
    expect(bulgeOutMm(solid, placementIn(geometry, AT_REST))).toBeCloseTo(most, 2);
  });
});

/** The tire's outer half by the formulas of domain section 9, written out again. */
function profile(): { a: number; r: number }[] {
  const {
    halfRimMm: A3,
    halfSectionMm: S2,
    halfTreadMm: T2,
    flangeRadiusMm: rf,
    bellyRadiusMm: rb,
    radiusMm: R,
    crownDropMm: d,
  } = HOLLOW;
  const points: { a: number; r: number }[] = [];
  for (let t = 0; t <= 1; t += 0.0005) {
    const low = rf + (rb - rf) * t;
    points.push({ r: low, a: A3 + (S2 - A3) * Math.sqrt(1 - ((rb - low) / (rb - rf)) ** 2) });
    const high = rb + (R - d - rb) * t;
    points.push({ r: high, a: T2 + (S2 - T2) * Math.sqrt(1 - ((high - rb) / (R - d - rb)) ** 2) });
  }
  return points;
}
