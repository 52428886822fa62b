import fc from 'fast-check';
import { allChecks, evaluate, evaluatePresent, NO_SWEEPS, type AxleReport, limitedBy } from '#core/evaluate';
import { applyEdits, type Job } from '#core/job';
import expected from '#support/example-expected.json';
import { example } from '#support/jobs';

const report = (job: Job) => evaluate(job, { sweeps: NO_SWEEPS }).setups;
const swept = (job: Job) => evaluate(job).setups;
const check = (axle: AxleReport, code: string) => axle.checks.find((one) => one.code === code)!;
const set = (job: Job, path: string, value: unknown): Job =>
  applyEdits(job, [{ op: 'set', path: path.split('/'), value }]);
const clear = (job: Job, path: string): Job => applyEdits(job, [{ op: 'clear', path: path.split('/') }]);

/** Every figure of the reference that this evaluation computes; the sweep's are checked where the sweep is. */
function compare(expectedPart: Record<string, unknown>, part: Record<string, unknown>, path: string): void {
  for (const [key, value] of Object.entries(expectedPart)) {
    if (key === 'obstacles') continue;
    if (typeof value === 'number')
      expect([`${path}.${key}`, part[key]]).toEqual([`${path}.${key}`, expect.closeTo(value, 2)]);
    else compare(value as Record<string, unknown>, part[key] as Record<string, unknown>, `${path}.${key}`);
  }
}

describe('the example job', () => {
  test.each(expected.setups.map((setup) => [setup.id, setup] as const))(
    'setup %s: figures computed independently by brute force',
    (id, setup) => {
      const found = report(example()).find((one) => one.id === id)!;
      compare(setup.front as unknown as Record<string, unknown>, found.front as unknown as Record<string, unknown>, id);
    },
  );
  test.each(expected.setups.map((setup) => [setup.id, setup] as const))(
    'setup %s: the sweep, computed independently by brute force, within 0.1 mm',
    (id, { front }) => {
      const found = swept(example()).find((one) => one.id === id)!.front.obstacles;
      for (const one of front.obstacles) {
        const ours = found.find((other) => other.id === one.id)!;
        expect(Math.abs(ours.clearanceMm! - one.clearanceMm)).toBeLessThan(0.1);
        expect(Math.abs(ours.baselineClearanceMm! - one.baselineClearanceMm)).toBeLessThan(0.1);
        // Near its least place the distance hardly changes: the pose is told within the fineness of such a valley.
        expect(Math.abs(ours.steerDeg! - one.steerDeg)).toBeLessThan(0.1);
        expect(Math.abs(ours.travelMm! - one.travelMm)).toBeLessThan(2);
      }
    },
  );
  test('verdicts', () => {
    const [a, b] = swept(example());
    expect(check(a!.front, 'fender')).toMatchObject({ verdict: 'caution', limit: 0 });
    expect(a!.verdict).toBe('caution');
    expect(check(b!.front, 'fender').verdict).toBe('ok');
    // An assumed lip stands behind the measured parts; the rear axle says nothing of its suspension, so it has none.
    expect(b!.front.obstacles.map(({ id, verdict, assumed }) => [id, verdict, assumed])).toEqual([
      ['liner-rear', 'ok', false],
      ['strut', 'ok', false],
      ['assumed-lip', 'ok', true],
    ]);
    expect(b!.rear.obstacles).toEqual([]);
    // 72.6 on 63.4 without a ring.
    expect(b!.verdict).toBe('caution');
  });
});

describe('missing readings', () => {
  test('an axle that was left out is unknown throughout', () => {
    const [a] = report({ format: 'scoval.job', version: 1, vehicle: {}, setups: [{ id: 'a' }] });
    expect(a!.verdict).toBe('unknown');
    for (const { verdict, value } of allChecks(a!)) expect([verdict, value]).toEqual(['unknown', null]);
    for (const [key, value] of Object.entries(a!.front))
      if (/Mm$|Pct$|At100$/.test(key)) expect([key, value]).toEqual([key, null]);
  });
  test.each([
    ['vehicle/front/room/outboardGapMm', 'fender', 'inboard'],
    ['vehicle/front/room/inboardGapMm', 'inboard', 'fender'],
    ['vehicle/front/room/archGapMm', 'arch', 'inboard'],
  ])('without %s %s is unknown and %s still known', (path, unknown, known) => {
    const { front } = report(clear(example(), path))[0]!;
    expect(check(front, unknown).verdict).toBe('unknown');
    expect(check(front, known).verdict).not.toBe('unknown');
  });
  test('without the present offset nothing lateral is known, the tire still is', () => {
    const { front } = report(clear(example(), 'vehicle/front/baseline/wheel/offsetMm'))[0]!;
    expect([front.pokeMm, front.inboardGapMm, front.trackChangeMm]).toEqual([null, null, null]);
    expect(front.tire.overallDiameterMm).toBe(616);
    expect(front.archGapMm).not.toBeNull();
  });
  test('what is taken as usual is named', () => {
    const bare = clear(clear(example(), 'vehicle/flangeMm'), 'vehicle/front/suspension/kingpinOffsetMm');
    const lip = 'vehicle.front.obstacles.assumed-lip';
    expect(report(bare)[0]!.front.assumed).toEqual([
      'vehicle.flangeMm',
      'vehicle.front.suspension.kingpinOffsetMm',
      lip,
    ]);
    expect(report(clear(bare, 'vehicle/front/baseline/stackMm'))[0]!.front.assumed).toContain(
      'vehicle.front.baseline.stackMm',
    );
    expect(report(example())[0]!.front.assumed).toEqual([lip]);
    // A rear axle does not steer: no scrub radius is made up for it.
    expect(report(example())[0]!.rear.scrubRadiusMm).toBeNull();
  });
});

describe('readings that change the answer', () => {
  test('a measured section wins over the computed one and says so', () => {
    const { front } = report(set(example(), 'setups/a/front/tire/sectionWidthMm', 220))[0]!;
    expect(front.tire.sectionWidthMm).toBe(220);
    expect(front.working.sectionWidthMm!.join()).toContain('measured');
    expect(front.pokeMm!).toBeCloseTo(report(example())[0]!.front.pokeMm! + (220 - 215.9) / 2, 9);
  });
  test('a wheel by either backspacing stands where its offset would put it', () => {
    const byOffset = report(example())[0]!.front;
    for (const [convention, mm] of [
      ['overall', 147.95],
      ['nominal', 135.25],
    ] as const) {
      const wheel = { ...example().setups[0]!.front!.wheel, backspacingMm: mm, backspacingConvention: convention };
      delete wheel.offsetMm;
      const { front } = report(set(example(), 'setups/a/front/wheel', wheel))[0]!;
      expect(front.effectiveOffsetMm).toBeCloseTo(40, 9);
      expect(front.pokeMm).toBeCloseTo(byOffset.pokeMm!, 9);
      expect(front.working.effectiveOffsetMm!.join()).toContain(convention);
    }
  });
  test('a tire of another diameter than its rim fails, whatever else clears', () => {
    const [a] = report(set(example(), 'setups/a/front/tire/size', '205/45R16'));
    expect(check(a!.front, 'rim-diameter')).toMatchObject({ verdict: 'fail', value: 17, limit: 16 });
    expect(limitedBy(a!)).toMatchObject({ code: 'rim-diameter', axle: 'front' });
  });
  test('lowering takes arch room, a lift of any kind gives it', () => {
    const arch = (kind: string, mm: number) =>
      report(set(example(), 'setups/a/suspensionChange', { front: { kind, mm } }))[0]!.front.archGapMm!;
    const rest = report(example())[0]!.front.archGapMm!;
    expect(arch('spring', -20)).toBeCloseTo(rest - 20, 9);
    for (const kind of ['spring', 'strut-top', 'body']) expect(arch(kind, 30)).toBeCloseTo(rest + 30, 9);
  });
  test('the present car judged like a candidate reads its own gaps', () => {
    const now = evaluatePresent(example()).front;
    expect([-now.pokeMm!, now.inboardGapMm, now.archGapMm]).toEqual([expect.closeTo(14, 9), expect.closeTo(22, 9), 95]);
    expect([now.outerChangeMm, now.trackChangeMm, now.diameterChangePct]).toEqual(
      [0, -0, 0].map((n) => expect.closeTo(n, 9)),
    );
  });
  test('a spacer and a lower offset are the same to every figure', () => {
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 40 }), (t) => {
        const spacer = set(example(), 'setups/a/front/stack', [{ kind: 'slip-on', thicknessMm: t }]);
        const wheel = set(example(), 'setups/a/front/wheel/offsetMm', 40 - t);
        const [one, other] = [report(spacer)[0]!.front, report(wheel)[0]!.front];
        for (const key of ['effectiveOffsetMm', 'pokeMm', 'inboardGapMm', 'trackChangeMm', 'scrubRadiusMm'] as const)
          expect(one[key]).toBeCloseTo(other[key]!, 9);
      }),
    );
  });
});

describe('working', () => {
  test('every known figure and every check shows its arithmetic, in the unit asked for', () => {
    for (const unit of ['mm', 'in', 'in16'] as const) {
      const [a] = evaluate(example(), { unit }).setups;
      for (const [key, lines] of Object.entries(a!.front.working)) expect([key, lines.length > 0]).toEqual([key, true]);
      for (const key of ['inboardGapMm', 'frontspacingMm'] as const)
        expect(a!.front.working[key]!.at(-1)).toMatch(unit === 'mm' ? /= .* mm$/ : /= .* in$/);
      for (const one of allChecks(a!)) expect(one.working.length).toBeGreaterThan(0);
      expect(check(a!.front, 'inboard').working.join(' ')).toContain(unit === 'mm' ? ' mm' : ' in');
    }
  });
  test('the last line of the inner clearance is the figure itself', () => {
    const { front } = report(example())[0]!;
    expect(front.working.inboardGapMm!.at(-1)).toMatch(/= 12\.7 mm$/);
  });
});
