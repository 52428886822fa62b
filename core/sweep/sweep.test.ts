import fc from 'fast-check';
import { Vector3 } from 'three';
import { placementOf, toHub, type Point3 } from '#core/kinematics';
import { sectionOf, type Section } from '#core/section';
import { USUAL_GEOMETRY, type Change, type SuspensionGeometry } from '#core/suspension';
import {
  assumedLip,
  clearancesAt,
  distanceMm,
  limitKeyOf,
  mountOf,
  OBSTACLE_KINDS,
  placePart,
  sweep,
  sweepSteps,
  type ObstacleKind,
  type Part,
  type SweepCase,
  type SweptSolid,
} from '#core/sweep';
import { meshDistance, meshErrorMm, poseMatrix, wheelMesh } from '#support/mesh';

const real = (min: number, max: number) => fc.double({ min, max, noNaN: true });
/** 205/45R17 on 7.5 at +40. */
const SECTION = sectionOf(
  { overallDiameterMm: 616, sectionWidthMm: 211.5, treadWidthMm: 175.2 },
  { rimWidthIn: 7.5, seatDiameterMm: 432, flangeMm: 12.7 },
);
const STRUT = USUAL_GEOMETRY.strut;
const solidAt = (offsetMm: number, section: Section = SECTION): SweptSolid => ({
  bodies: [{ section, centerOut: -offsetMm }],
});
const caseOf = (parts: Part[], change: Partial<SweepCase> = {}): SweepCase => {
  const whole = { solid: solidAt(40), geometry: STRUT, change: null, ...change };
  return { ...whole, parts: parts.map((part) => placePart(part, solidAt(40), whole.geometry)) };
};
const bodyPoint = (point: Point3, id = 'part'): Part => ({ id, mount: 'body', points: [point] });
const one = (found: ReturnType<typeof sweep>) => found.parts[0]!;

describe('distance in space, against a fine triangle mesh searched by three-mesh-bvh', () => {
  const mesh = wheelMesh(SECTION, -40);
  const error = meshErrorMm(308) + 0.02;
  test('for points anywhere around the wheel, in random poses', () => {
    fc.assert(
      fc.property(
        real(-38, 38),
        real(-60, 70),
        real(-260, 180),
        real(-420, 420),
        real(-420, 420),
        (steerDeg, travelMm, out, fwd, up) => {
          const { out: x, fwd: y, up: z } = toHub(placementOf(STRUT, { steerDeg, travelMm }), { out, fwd, up });
          const ours = distanceMm(solidAt(40), x, y, z);
          const inHub = new Vector3(out, fwd, up).applyMatrix4(poseMatrix(STRUT, steerDeg, travelMm).invert());
          // Deep inside, the mesh has a floor at the axis that the solid has not.
          fc.pre(ours > -60);
          expect(Math.abs(Math.abs(ours) - meshDistance(mesh, inHub))).toBeLessThan(error);
        },
      ),
      { numRuns: 300 },
    );
  });

  /** The least over a grid four times as fine as the sweep's, and again around its lowest place. */
  function bruteMinimum(point: Point3, g: SuspensionGeometry): number {
    const at = (steer: number, travel: number) =>
      meshDistance(
        mesh,
        new Vector3(point.out, point.fwd, point.up).applyMatrix4(poseMatrix(g, steer, travel).invert()),
      );
    let [least, bestSteer, bestTravel] = [Infinity, 0, 0];
    const search = (steers: [number, number], travels: [number, number], nx: number, ny: number) => {
      for (let i = 0; i <= nx; i++)
        for (let j = 0; j <= ny; j++) {
          const [steer, travel] = [
            steers[0] + ((steers[1] - steers[0]) * i) / nx,
            travels[0] + ((travels[1] - travels[0]) * j) / ny,
          ];
          const mm = at(steer, travel);
          if (mm < least) [least, bestSteer, bestTravel] = [mm, steer, travel];
        }
    };
    search([-g.lockInDeg, g.lockOutDeg], [-g.droopMm, g.bumpMm], 60, 40);
    const clip = (mid: number, by: number, from: number, to: number): [number, number] => [
      Math.max(from, mid - by),
      Math.min(to, mid + by),
    ];
    search(clip(bestSteer, 2, -g.lockInDeg, g.lockOutDeg), clip(bestTravel, 5, -g.droopMm, g.bumpMm), 40, 40);
    return least;
  }

  test.each([
    ['behind the tire, outboard', { out: 95, fwd: -340, up: -40 }],
    ['behind the tire, inboard', { out: -200, fwd: -400, up: 60 }],
    ['over the tread', { out: 0, fwd: 60, up: 392 }],
    ['ahead, at the bumper', { out: 130, fwd: 360, up: -20 }],
    ['beside the inner sidewall, low', { out: -230, fwd: 120, up: -180 }],
  ])('the sweep finds the least that brute force finds, %s', (_name, point) => {
    const found = one(sweep(caseOf([bodyPoint(point)])));
    expect(found.clearanceMm).toBeGreaterThan(0);
    expect(Math.abs(found.clearanceMm - bruteMinimum(point, STRUT))).toBeLessThan(0.1);
  });
});

describe('edges', () => {
  test('a part between two points of an edge is found: as near as a thousand points along it', () => {
    fc.assert(
      fc.property(real(-120, 140), real(-380, -300), real(-150, 0), real(20, 200), (out, fwd, low, high) => {
        const ends: [Point3, Point3] = [
          { out, fwd, up: low },
          { out: out + 30, fwd: fwd + 20, up: high },
        ];
        const edge = one(sweep(caseOf([{ id: 'edge', mount: 'body', points: ends }])));
        const dense = Array.from({ length: 1001 }, (_, i) => ({
          out: out + (30 * i) / 1000,
          fwd: fwd + (20 * i) / 1000,
          up: low + ((high - low) * i) / 1000,
        }));
        const at = caseOf(dense.map((point, i) => bodyPoint(point, `p${i}`)));
        const inPose = Math.min(...Object.values(clearancesAt(at, edge.pose)));
        expect(Math.abs(edge.clearanceMm - inPose)).toBeLessThan(0.02);
      }),
      { numRuns: 8 },
    );
  });
  test('more points on a straight edge change nothing', () => {
    const points = [0, 1, 2, 3, 4].map((n) => ({ out: -150, fwd: -320, up: -90 + 32.5 * n }));
    const [few, many] = [[points[0]!, points[4]!], points].map((some) =>
      one(sweep(caseOf([{ id: 'e', mount: 'body', points: some }]))),
    );
    expect(few!.clearanceMm).toBeCloseTo(many!.clearanceMm, 1);
  });
});

describe('parts by what they move with', () => {
  const gap = { surface: 'inner-sidewall', clockDeg: 30, gapMm: 17 } as const;
  test('one on the knuckle keeps its distance in every pose', () => {
    const found = one(sweep(caseOf([{ id: 'strut', mount: 'knuckle', gap }])));
    expect(found.clearanceMm).toBeCloseTo(17, 2);
    expect([found.pose, found.map]).toEqual([{ steerDeg: 0, travelMm: 0 }, null]);
  });
  test('one on an arm keeps it over travel, and loses it when steered', () => {
    const at = caseOf([{ id: 'arm', mount: 'arm', gap: { ...gap, surface: 'inner-rim-flange', clockDeg: 180 } }]);
    for (const travelMm of [-60, -20, 35, 70])
      expect(clearancesAt(at, { steerDeg: 0, travelMm }).arm).toBeCloseTo(
        clearancesAt(at, { steerDeg: 0, travelMm: 0 }).arm!,
        6,
      );
    expect(one(sweep(at)).clearanceMm).toBeLessThan(17);
  });
  test('a reading in any pose is where it was read: its gap comes back in that pose', () => {
    fc.assert(
      fc.property(
        real(-32, 38),
        real(-60, 70),
        real(-180, 180),
        real(3, 40),
        fc.constantFrom('body', 'arm'),
        (steerDeg, travelMm, clockDeg, gapMm, mount) => {
          const at = caseOf([{ id: 'p', mount, gap: { surface: 'tread', clockDeg, gapMm, steerDeg, travelMm } }]);
          expect(clearancesAt(at, { steerDeg, travelMm }).p).toBeCloseTo(gapMm, 2);
        },
      ),
      { numRuns: 40 },
    );
  });
  test('every kind has what it usually moves with and a limit', () => {
    for (const kind of Object.keys(OBSTACLE_KINDS) as ObstacleKind[]) {
      expect(['body', 'knuckle', 'arm']).toContain(mountOf({ kind }));
      expect(limitKeyOf({ kind })).toMatch(/Mm$/);
    }
    expect(mountOf({ kind: 'strut', mount: 'body' })).toBe('body');
    expect([mountOf({}), limitKeyOf({}), limitKeyOf({ mount: 'knuckle' })]).toEqual([
      'body',
      'fullLockMm',
      'inboardMm',
    ]);
  });
});

describe('what must not happen', () => {
  const least = (offsetMm: number, point: Point3, change: Change | null = null) =>
    one(sweep({ ...caseOf([bodyPoint(point)]), solid: solidAt(offsetMm), change })).clearanceMm;
  test('less offset never gives a part straight outboard more room', () => {
    fc.assert(
      fc.property(real(0, 60), real(0.5, 30), real(-120, 120), (offset, less, fwd) => {
        const lip = { out: 150, fwd, up: 250 };
        const still = { ...STRUT, lockInDeg: 0, lockOutDeg: 0 };
        const [now, then] = [offset, offset - less].map(
          (each) => one(sweep({ ...caseOf([bodyPoint(lip)]), solid: solidAt(each), geometry: still })).clearanceMm,
        );
        expect(then!).toBeLessThanOrEqual(now! + 0.02);
      }),
      { numRuns: 15 },
    );
  });
  test('a lift of any kind never lowers the room under the arch, lowering over the strut never raises it', () => {
    const lip = assumedLip(80, 308, 60)[30]!;
    const rest = least(40, lip);
    for (const kind of ['spring', 'strut-top', 'body'] as const)
      for (const mm of [5, 20, 45]) expect(least(40, lip, { kind, mm })).toBeGreaterThanOrEqual(rest - 0.02);
    expect(least(40, lip, { kind: 'strut-top', mm: -25 })).toBeLessThanOrEqual(rest + 0.02);
    // The stops stay where they are under another spring: nothing changes but the place of rest.
    expect(least(40, lip, { kind: 'spring', mm: -25 })).toBeCloseTo(rest, 6);
  });
  test('a taller tire never has more room to anything above it', () => {
    const taller = sectionOf(
      { overallDiameterMm: 640, sectionWidthMm: 211.5, treadWidthMm: 175.2 },
      { rimWidthIn: 7.5, seatDiameterMm: 432, flangeMm: 12.7 },
    );
    const over = caseOf([bodyPoint({ out: -40, fwd: 0, up: 400 })]);
    expect(one(sweep({ ...over, solid: solidAt(40, taller) })).clearanceMm).toBeLessThan(one(sweep(over)).clearanceMm);
  });
  test('more lock or more travel never finds more room', () => {
    const point = { out: 95, fwd: -340, up: -40 };
    const at = (change: Partial<SuspensionGeometry>) =>
      one(sweep({ ...caseOf([bodyPoint(point)]), geometry: { ...STRUT, ...change } })).clearanceMm;
    const now = at({});
    expect(at({ lockInDeg: 40 })).toBeLessThanOrEqual(now + 0.02);
    expect(at({ bumpMm: 110 })).toBeLessThanOrEqual(now + 0.02);
    expect(at({ lockInDeg: 10 })).toBeGreaterThanOrEqual(now - 0.02);
  });
});

describe('odd cars', () => {
  test('no travel and no lock: one pose, its distance', () => {
    const still = { ...STRUT, lockInDeg: 0, lockOutDeg: 0, bumpMm: 0, droopMm: 0 };
    const found = sweep(caseOf([bodyPoint({ out: -40, fwd: 0, up: 340 })], { geometry: still }));
    expect([found.grid!.steers, found.grid!.travels]).toEqual([[0], [0]]);
    expect(one(found).clearanceMm).toBeCloseTo(32, 1);
  });
  test('nothing known of the suspension: rest alone; a reading away from rest cannot be placed', () => {
    const found = sweep(caseOf([bodyPoint({ out: -40, fwd: 0, up: 340 })], { geometry: null }));
    expect([found.grid, one(found).map]).toEqual([null, null]);
    expect(one(found).clearanceMm).toBeCloseTo(32, 1);
    expect(() =>
      placePart({ id: 'x', gap: { surface: 'tread', clockDeg: 0, gapMm: 5, steerDeg: 10 } }, solidAt(40), null),
    ).toThrow('measured away from rest');
    expect(() => placePart({ id: 'x', gap: { surface: 'tread', clockDeg: 0, gapMm: 5 } }, null, STRUT)).toThrow(
      'not known',
    );
    expect(() => placePart({ id: 'x' }, solidAt(40), STRUT)).toThrow('neither a gap nor coordinates');
  });
  test('nothing known of the suspension, but raised or lowered: the body stands so much higher at rest', () => {
    const over: Part[] = [
      bodyPoint({ out: -40, fwd: 0, up: 340 }),
      { id: 'strut', mount: 'knuckle', gap: { surface: 'inner-sidewall', clockDeg: 0, gapMm: 20 } },
    ];
    for (const [kind, mm] of [
      ['spring', 25],
      ['spring', -40],
      ['strut-top', -10],
      ['body', 50],
    ] as const) {
      const still = caseOf(over, { geometry: null, change: { kind, mm } });
      const [above, strut] = sweep(still).parts;
      expect(above!.clearanceMm).toBeCloseTo(32 + mm, 1);
      expect(strut!.clearanceMm).toBeCloseTo(20, 2);
      expect(clearancesAt(still, { steerDeg: 0, travelMm: 0 }).part).toBeCloseTo(above!.clearanceMm, 9);
    }
  });
  test('a part inside the wheel touches in every pose, and says where', () => {
    const found = one(sweep(caseOf([bodyPoint({ out: -40, fwd: 0, up: 290 })])));
    expect(found.clearanceMm).toBeLessThan(-18);
    expect(found.touched!.clockDeg[0]).toBeLessThan(found.touched!.clockDeg[1]);
  });
  test('both wheels of a dual pair are swept', () => {
    const pair: SweptSolid = { bodies: [...solidAt(110).bodies, { section: SECTION, centerOut: 130 }] };
    const found = one(
      sweep({
        ...caseOf([bodyPoint({ out: 260, fwd: 0, up: 200 })]),
        solid: pair,
        geometry: { ...USUAL_GEOMETRY['rear-axle'] },
      }),
    );
    expect(found.clearanceMm).toBeCloseTo(260 - 130 - (7.5 * 25.4) / 2 - 12.7, 1);
  });
});

describe('on the way', () => {
  const lip: Part = { id: 'lip', mount: 'body', points: assumedLip(80, 308, 60) };
  test('the share done never falls and ends at one; the result is that of one go', () => {
    const at = caseOf([lip, bodyPoint({ out: 95, fwd: -340, up: -40 })]);
    const shares: number[] = [];
    const steps = sweepSteps(at);
    let step = steps.next();
    for (; !step.done; step = steps.next()) shares.push(step.value);
    expect(shares).toEqual([...shares].sort((a, b) => a - b));
    expect(shares.at(-1)).toBe(1);
    expect(step.value.parts.map(({ clearanceMm }) => clearanceMm)).toEqual(
      sweep(at).parts.map(({ clearanceMm }) => clearanceMm),
    );
  });
  test('a rough sweep gives the same verdict on what is near, and says far what is far', () => {
    fc.assert(
      fc.property(real(60, 140), real(-380, -300), real(-100, 60), (out, fwd, up) => {
        const at = caseOf([bodyPoint({ out, fwd, up })]);
        const [full, rough] = [one(sweep(at)).clearanceMm, one(sweep({ ...at, enoughMm: 6 })).clearanceMm];
        expect([rough < 0, rough < 6]).toEqual([full < 0, full < 6]);
        if (full < 6) expect(rough).toBeCloseTo(full, 1);
      }),
      { numRuns: 25 },
    );
  });
});
