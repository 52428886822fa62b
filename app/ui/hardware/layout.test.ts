import type { Hub } from '#core/hub';
import { readdirSync, readFileSync } from 'node:fs';
import { clampedAsOne, evaluateSetup, hubPatternOf, NO_SWEEPS } from '#core/evaluate';
import { AXLES, type Job, type SetupAxle } from '#core/job';
import { stackLayout } from './layout';

const jobs = readdirSync('demo')
  .filter((name) => name.endsWith('.json'))
  .map((name) => JSON.parse(readFileSync(`demo/${name}`, 'utf8')) as Job);
const all = jobs.flatMap((job) => job.setups.flatMap((setup) => AXLES.map((axle) => ({ job, setup, axle }))));

test.each(all)(
  '$job.vehicle.label, setup $setup.id, $axle: what is drawn is what is computed',
  ({ job, setup, axle }) => {
    const hub = job.vehicle[axle]?.hub ?? {};
    const report = evaluateSetup(job, setup, { sweeps: NO_SWEEPS })[axle];
    const layout = stackLayout(
      hub,
      clampedAsOne(setup[axle] ?? {}, job.vehicle[axle]?.dual ?? false),
      hubPatternOf(hub).pattern.boltCircleMm ?? null,
    );
    const { engagementMm } = report.fastening;
    if (engagementMm === null || engagementMm <= 0) expect(layout.engaged).toBeNull();
    else expect(layout.engaged!.to - layout.engaged!.from).toBeCloseTo(engagementMm, 9);
    expect(layout.guessed).toEqual([]);
    for (const { from, to, low, high } of layout.solids) {
      expect(to).toBeGreaterThanOrEqual(from);
      expect(high).toBeGreaterThan(low);
      expect(from).toBeGreaterThanOrEqual(layout.range.left);
      expect(to).toBeLessThanOrEqual(layout.range.right);
    }
  },
);

const hub: Hub = {
  lugCount: 4,
  boltCircleMm: 108,
  boreMm: 63.4,
  lipHeightMm: 9,
  fastener: { kind: 'stud', thread: 'M12x1.5', lengthMm: 38 },
};
const adapter: SetupAxle = {
  wheel: { boltCircleMm: 100, boreMm: 54.1, padThicknessMm: 11, pocketDepthMm: 4 },
  stack: [
    {
      kind: 'bolt-on',
      thicknessMm: 25,
      seatThicknessMm: 12,
      innerBoreMm: 63.4,
      toBoltCircleMm: 100,
      outerLipMm: 54.1,
      studLengthMm: 27,
    },
  ],
};

test('studs proud of an adapter, its own studs and the wheel’s pockets stand where they are', () => {
  const layout = stackLayout(hub, adapter, 108);
  expect(layout).toMatchObject({ stackMm: 25, proud: { to: 38, up: 54 }, engaged: { from: 12, to: 38, up: 54 } });
  expect(layout.solids).toContainEqual(expect.objectContaining({ as: 'own-stud', to: 52, low: 44, high: 56 }));
  expect(layout.solids).toContainEqual(expect.objectContaining({ as: 'hole', from: 25, to: 29 }));
});
test('a bolt is drawn from its seat into the hub, and one too long past its thread', () => {
  const bolted: Hub = {
    ...hub,
    fastener: { kind: 'bolt', thread: 'M12x1.25', lengthMm: 40, threadDepthMm: 18, seat: 'ball-r13' },
  };
  const layout = stackLayout(bolted, { wheel: { padThicknessMm: 9, boltCircleMm: 108, boreMm: 63.4 } }, 108);
  expect(layout.solids.find(({ as }) => as === 'stud')).toMatchObject({ from: -31, to: 9 });
  expect(layout.engaged).toEqual({ from: -18, to: 0, up: 54 });
  expect(layout.seats[0]!.round).toBe(true);
});
test('what nobody measured is drawn as usual, and named', () => {
  const layout = stackLayout({}, { stack: [{ kind: 'slip-on' }] }, null);
  expect(layout.guessed).toEqual(
    expect.arrayContaining(['bolt circle', 'thread', 'center bore', 'hub lip', 'wheel pad', 'stack part 1: thickness']),
  );
  expect(layout.engaged).toBeNull();
});
