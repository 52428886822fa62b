import fc from 'fast-check';
import { axleParts, evaluateSetup, fitCandidate } from '#core/evaluate';
import { AXLES, presentSetup, type Job } from '#core/job';
import { placementOf, toCorner } from '#core/kinematics';
import { travelRange } from '#core/suspension';
import { expectClosed, expectOutward, pointsOf, volumeOf } from '#support/meshes';
import { changed, demoJob, type DemoName } from '#support/jobs';
import { bar, lofted } from './lofted';
import type { Mesh } from './mesh';
import { revolved } from './revolved';
import { meshOf } from './body';
import { stanceScene, type StanceScene } from './scene';
import { ball } from './part';
import { hubBody, wheelBodies } from './wheel';

const CARS = ['brindle-kite', 'orrin-haul', 'velder-two', 'pallas-tender'] as const;
const spanOf = (mesh: Mesh, along: 0 | 1 | 2): [number, number] => {
  const values = pointsOf(mesh).map((point) => point[along]);
  return [Math.min(...values), Math.max(...values)];
};
const body = ({ bodies }: StanceScene, name: string): Mesh => meshOf(bodies.find((one) => one.name === name)!);
describe('bodies', () => {
  test('a line turned about the axis has the volume of Pappus, to what its flat faces take', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 50, max: 400, noNaN: true }),
        fc.double({ min: 5, max: 60, noNaN: true }),
        (radius, half) => {
          const square = [
            { a: -half, r: radius },
            { a: half, r: radius },
            { a: half, r: radius + 2 * half },
            { a: -half, r: radius + 2 * half },
          ];
          const mesh = revolved(square, 96);
          expectClosed(mesh);
          const volume = volumeOf(mesh);
          // Pappus: area times the way of its middle; a polygon of n corners has sin(2π/n)/(2π/n) of a circle's area.
          const step = (2 * Math.PI) / 96;
          const pappus = 4 * half * half * 2 * Math.PI * (radius + half) * (Math.sin(step) / step);
          expect(volume / pappus).toBeCloseTo(1, 6);
        },
      ),
      { numRuns: 20 },
    );
  });
  test('whichever way round its line runs, it faces outward', () => {
    const line = [
      { a: 0, r: 10 },
      { a: 5, r: 12 },
      { a: 3, r: 20 },
    ];
    for (const one of [line, line.toReversed()]) {
      expectClosed(revolved(one, 16));
      expectOutward(revolved(one, 16));
    }
  });
  test('balls, hubs and bars are closed and face outward', () => {
    const bars = bar(
      [0, 1, 2, 3].map((at) => ({ out: at, fwd: 20 * at, up: 300 - at * at })),
      { wide: 4, high: 14 },
    );
    const square = (a: number) =>
      [
        [a, 0, 0],
        [a, 1, 0],
        [a, 1, 1],
        [a, 0, 1],
      ] as const;
    for (const mesh of [
      ball(10),
      hubBody({ boreMm: 66.5, lipHeightMm: 9 }),
      hubBody({}),
      bars,
      lofted([square(0), square(5)]),
      lofted([square(5), square(0)]),
    ]) {
      expectClosed(mesh);
      expectOutward(mesh);
    }
  });
});

describe.each(CARS)('%s', (name) => {
  const job = demoJob(name);
  test('tires, rims and spokes are closed and face outward; a tire is as large as it is said to be', () => {
    for (const setup of [presentSetup(job), job.setups[0]!])
      for (const axle of AXLES) {
        const fitted = fitCandidate(job.vehicle, axle, setup[axle]);
        for (const { tire, rim, spokes } of wheelBodies(fitted)) {
          for (const mesh of [tire, rim, spokes!]) {
            expectClosed(mesh);
            expectOutward(mesh);
          }
          const [in_, out] = spanOf(tire, 0);
          // Where its rim is wider, it starts there.
          expect(Math.abs(out - in_ - 2 * fitted.place!.extentMm)).toBeLessThan(0.1);
          for (const along of [1, 2] as const) {
            const [least, most] = spanOf(tire, along);
            expect(Math.abs(most - least - fitted.overallDiameterMm!)).toBeLessThan(0.1);
          }
        }
      }
  });
  test('the outermost place of a tire past its lip is the poke that the ledger has', () => {
    const upright = AXLES.reduce<Job>(
      (now, axle) => (now.vehicle[axle]?.suspension ? changed(now, [`vehicle/${axle}/suspension/camberDeg`, 0]) : now),
      job,
    );
    for (const setup of upright.setups) {
      const scene = stanceScene(upright, setup);
      const report = evaluateSetup(upright, setup);
      for (const axle of AXLES) {
        const { pokeMm } = report[axle];
        if (pokeMm === null || upright.vehicle[axle]!.obstacles?.some(({ kind }) => kind === 'fender-lip')) continue;
        const [, tire] = spanOf(body(scene, `tire-${axle}-right`), 2);
        const [, lip] = spanOf(body(scene, `lip-${axle}-right`), 2);
        const { place } = fitCandidate(upright.vehicle, axle, setup[axle]);
        // Where the rim is wider than its tire, that stands out furthest.
        const [, rim] = spanOf(body(scene, `rim-${axle}-right`), 2);
        expect(place).not.toBeNull();
        expect(Math.abs(Math.max(tire, rim) - lip - pokeMm)).toBeLessThan(0.1);
      }
    }
  });
  test('left is the mirror image of right, wheel by wheel', () => {
    const scene = stanceScene(job, job.setups[0]!);
    for (const axle of AXLES)
      for (const kind of ['tire', 'rim', 'spokes', 'hub']) {
        const [left, right] = [body(scene, `${kind}-${axle}-left`), body(scene, `${kind}-${axle}-right`)];
        const off = right.positions.map((value, at) => Math.abs((at % 3 === 2 ? -value : value) - left.positions[at]!));
        expect(Math.max(...off)).toBe(0);
        expectOutward(left);
      }
  });
  test('steered and in bump it stands where the kinematics of the sweep put it', () => {
    const { geometry } = axleParts(job.vehicle, 'front').resolved;
    if (!geometry) return;
    const setup = job.setups[0]!;
    const pose = { steerDeg: 18, travelMm: 35 };
    const { tire } = wheelBodies(fitCandidate(job.vehicle, 'front', setup.front))[0]!;
    const scene = stanceScene(job, setup, { held: { side: 'right', poses: { front: pose } } });
    const shown = pointsOf(body(scene, 'tire-front-right'));
    const placement = placementOf(geometry, pose);
    const asked = pointsOf(tire).map(([out, fwd, up]) => toCorner(placement, { out, fwd, up }));
    const [x, y, z] = shown[0]!;
    const first = asked[0]!;
    const off = shown.map(([fwd, up, out], at) =>
      Math.hypot(
        fwd - x - (asked[at]!.fwd - first.fwd),
        up - y - (asked[at]!.up - first.up),
        out - z - (asked[at]!.out - first.out),
      ),
    );
    expect(Math.max(...off)).toBeLessThan(1e-6);
    // A wheel on the ground brings the body down by what it rises: all of the body alike, and only in height.
    const [now, before] = [scene, stanceScene(job, setup)].map((one) => pointsOf(body(one, 'lip-front-right')));
    const { restMm } = travelRange(geometry, setup.suspensionChange?.front);
    const risen = toCorner(placement, { out: 0, fwd: 0, up: 0 }).up - restMm;
    now!.forEach((point, at) => {
      const fallen = before![at]!.map((value, along) => value - point[along]!);
      expect(fallen[0]).toBeCloseTo(0, 9);
      expect(fallen[1]).toBeCloseTo(risen, 6);
      expect(fallen[2]).toBeCloseTo(0, 9);
    });
  });
  test('what nobody said of the car is told, and no longer once it is', () => {
    const { assumed } = stanceScene(job, job.setups[0]!);
    expect(assumed.map(({ text }) => text)).toEqual(
      expect.arrayContaining(['wheelbase 2650 mm', 'front track 1520 mm']),
    );
    const said = changed(job, ['vehicle/wheelbaseMm', 2600], ['vehicle/front/trackMm', 1500]);
    const scene = stanceScene(said, said.setups[0]!);
    expect(scene.assumed.map(({ text }) => text).join()).not.toMatch(/wheelbase|front track/);
    const middle = (mesh: Mesh, along: 0 | 2) => (spanOf(mesh, along)[0] + spanOf(mesh, along)[1]) / 2;
    expect(middle(body(scene, 'hub-front-left'), 0) - middle(body(scene, 'hub-rear-left'), 0)).toBeCloseTo(2600, 0);
    const now = stanceScene(said, presentSetup(said));
    const camber = said.vehicle.front?.suspension?.camberDeg;
    if (!camber)
      expect(middle(body(now, 'tire-front-right'), 2) - middle(body(now, 'tire-front-left'), 2)).toBeCloseTo(1500, 0);
  });
});

test('a car of which nothing is known has nothing to show, and says so', () => {
  const job: Job = { format: 'scoval.job', version: 1, vehicle: {}, setups: [] };
  const { bodies } = stanceScene(job, presentSetup(job));
  expect(bodies).toEqual([]);
});

test('the demo’s heaviest scene keeps to the triangles that a plain laptop draws', () => {
  for (const name of CARS as readonly DemoName[])
    for (const setup of demoJob(name).setups) {
      const { bodies } = stanceScene(demoJob(name), setup);
      expect(bodies.reduce((sum, { mesh }) => sum + mesh.indices.length / 3, 0)).toBeLessThan(120_000);
      // Two cars at once are drawn, and the ground.
      expect(2 * bodies.length).toBeLessThan(140);
    }
});
