import fc from 'fast-check';
import { Vector3 } from 'three';
import { composed, inverted, placementOf, toCorner, toHub, type Point3 } from '#core/kinematics';
import { USUAL_GEOMETRY, type SuspensionGeometry } from '#core/suspension';
import { poseMatrix } from '#support/mesh';

const real = (min: number, max: number) => fc.double({ min, max, noNaN: true });
const geometry: fc.Arbitrary<SuspensionGeometry> = fc.record({
  kingpinInclinationDeg: real(-10, 30),
  casterDeg: real(-15, 20),
  kingpinOffsetMm: real(-100, 200),
  kingpinForeMm: real(-50, 50),
  camberDeg: real(-6, 4),
  camberGainDegPer100: real(-3, 2),
  lateralPerMm: real(-0.2, 0.2),
  lateralPerMm2: real(-0.001, 0.001),
  lockOutDeg: real(0, 50),
  lockInDeg: real(0, 50),
  bumpMm: real(0, 150),
  droopMm: real(0, 150),
});
const pose = fc.record({ steerDeg: real(-50, 50), travelMm: real(-150, 150) });
const point = fc.record({ out: real(-400, 400), fwd: real(-500, 500), up: real(-500, 500) });

const close = (one: Point3, x: number, y: number, z: number) => {
  expect(one.out).toBeCloseTo(x, 6);
  expect(one.fwd).toBeCloseTo(y, 6);
  expect(one.up).toBeCloseTo(z, 6);
};

describe('a wheel in a pose', () => {
  test('stands where the rotations of an independent matrix library (three) put it', () => {
    fc.assert(
      fc.property(geometry, pose, point, (g, at, p) => {
        const { x, y, z } = new Vector3(p.out, p.fwd, p.up).applyMatrix4(poseMatrix(g, at.steerDeg, at.travelMm));
        close(toCorner(placementOf(g, at), p), x, y, z);
      }),
    );
  });
  test('there and back is where it was; the inverse placement does the same', () => {
    fc.assert(
      fc.property(geometry, pose, point, (g, at, p) => {
        const placement = placementOf(g, at);
        const there = toCorner(placement, p);
        close(toHub(placement, there), p.out, p.fwd, p.up);
        close(toCorner(inverted(placement), there), p.out, p.fwd, p.up);
      }),
    );
  });
  test('two placements one after the other are one', () => {
    fc.assert(
      fc.property(geometry, pose, pose, point, (g, one, other, p) => {
        const [first, second] = [placementOf(g, one), placementOf(g, other)];
        const { out, fwd, up } = toCorner(second, toCorner(first, p));
        close(toCorner(composed(second, first), p), out, fwd, up);
      }),
    );
  });
  test('is rigid: distances stay', () => {
    fc.assert(
      fc.property(geometry, pose, point, point, (g, at, p, q) => {
        const placement = placementOf(g, at);
        const [a, b] = [toCorner(placement, p), toCorner(placement, q)];
        expect(Math.hypot(a.out - b.out, a.fwd - b.fwd, a.up - b.up)).toBeCloseTo(
          Math.hypot(p.out - q.out, p.fwd - q.fwd, p.up - q.up),
          6,
        );
      }),
    );
  });
  test('points of the steering axis do not move when it is steered', () => {
    fc.assert(
      fc.property(geometry, real(-50, 50), real(-300, 300), (g, steerDeg, up) => {
        const still = { ...g, camberDeg: 0, camberGainDegPer100: 0 };
        const tan = (deg: number) => Math.tan((deg * Math.PI) / 180);
        const on = {
          out: -g.kingpinOffsetMm - tan(g.kingpinInclinationDeg) * up,
          fwd: -g.kingpinForeMm - tan(g.casterDeg) * up,
          up,
        };
        close(toCorner(placementOf(still, { steerDeg, travelMm: 0 }), on), on.out, on.fwd, on.up);
      }),
    );
  });
});

describe('signs', () => {
  const strut = USUAL_GEOMETRY.strut;
  const at = (steerDeg: number, travelMm: number, p: Point3, g = strut) =>
    toCorner(placementOf(g, { steerDeg, travelMm }), p);
  test('a positive steer swings the leading edge outboard', () => {
    const front = { out: 0, fwd: 300, up: 0 };
    expect(at(20, 0, front).out).toBeGreaterThan(50);
    expect(at(-20, 0, front).out).toBeLessThan(-50);
  });
  test('a positive travel moves the wheel up; negative camber leans its top inboard', () => {
    const top = { out: 0, fwd: 0, up: 300 };
    expect(at(0, 50, top).up).toBeGreaterThan(349);
    // −1° over 100 mm: half a degree at 50 mm.
    expect(at(0, 50, top).out).toBeCloseTo(-300 * Math.sin((0.5 * Math.PI) / 180), 6);
  });
  test('at rest, without camber, nothing is moved at all', () => {
    close(at(0, 0, { out: 12, fwd: -34, up: 56 }), 12, -34, 56);
  });
});
