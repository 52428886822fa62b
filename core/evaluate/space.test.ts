import { sensitivitySteps, type Sensitivity, measuringPlan } from '#core/advice';
import type { Obstacle } from '#core/sweep';
import {
  evaluate,
  evaluatePresent,
  evaluateSetup,
  NO_SWEEPS,
  poseWords,
  RUN_SWEEPS,
  LIST_SWEEPS,
  vehicleReport,
} from '#core/evaluate';
import type { Job } from '#core/job';
import { wordsIn } from '#core/units';
import { changed, demoJob, setupOf, type Change, EXAMPLE, KITE } from '#support/jobs';

const withParts = (job: Job, ...parts: Obstacle[]): Job => changed(job, ['vehicle/front/obstacles', parts]);
const front = (job: Job, id = 'a') => evaluateSetup(job, setupOf(job, id)).front;
const part = (job: Job, id: string, setup = 'a') => front(job, setup).obstacles.find((one) => one.id === id)!;
const oddities = (job: Job) => vehicleReport(job.vehicle, 'front').contradictions;
const gap = (
  surface: NonNullable<Obstacle['gap']>['surface'],
  clockDeg: number,
  gapMm: number,
  steerDeg = 0,
  travelMm = 0,
) => ({ surface, clockDeg, gapMm, steerDeg, travelMm });

describe('a lip nobody measured', () => {
  test('is made from the gaps at rest, named as assumed, and stands last', () => {
    const { obstacles, assumed } = front(EXAMPLE);
    expect(obstacles.at(-1)).toMatchObject({ id: 'assumed-lip', assumed: true, side: null, limitMm: 3 });
    expect(assumed).toContain('vehicle.front.obstacles.assumed-lip');
  });
  test('is not made where one was measured, where a gap is missing, or where nobody can move the wheel', () => {
    const ids = (job: Job) => front(job).obstacles.map(({ id }) => id);
    const lip: Obstacle = { id: 'lip', kind: 'fender-lip', gap: gap('outer-shoulder', 0, 40) };
    expect(ids(withParts(EXAMPLE, lip))).toEqual(['lip']);
    expect(ids(changed(EXAMPLE, ['vehicle/front/room/archGapMm', undefined]))).toEqual(['liner-rear', 'strut']);
    expect(ids(changed(EXAMPLE, ['vehicle/front/suspension', undefined]))).not.toContain('assumed-lip');
    expect(ids(withParts(EXAMPLE, { ...lip, side: 'left' }))).toEqual(['lip', 'assumed-lip']);
    expect(part(withParts(EXAMPLE, { ...lip, side: 'left' }), 'assumed-lip').side).toBe('right');
  });
});

describe('limits and verdicts of parts', () => {
  test('a part’s own limit goes before its kind’s, that before what it moves with; the brief before the shop', () => {
    const at = (change: Partial<Obstacle>, ...more: Change[]) =>
      part(changed(withParts(EXAMPLE, { id: 'p', gap: gap('tread', -100, 40), ...change }), ...more), 'p').limitMm;
    expect(at({})).toBe(5);
    expect(at({ kind: 'strut' })).toBe(6);
    expect(at({ kind: 'fender-lip' })).toBe(3);
    expect(at({ mount: 'knuckle' })).toBe(6);
    expect(at({ kind: 'strut', limitMm: 9 })).toBe(9);
    expect(at({}, ['brief/limits/fullLockMm', 8])).toBe(8);
  });
  test('trim is what is short of the limit, never less than nothing', () => {
    const { obstacles } = front(KITE, 'd');
    for (const { clearanceMm, limitMm, trimMm, verdict } of obstacles) {
      expect(trimMm).toBeCloseTo(Math.max(0, limitMm - clearanceMm!), 9);
      expect(verdict).toBe(clearanceMm! < 0 ? 'fail' : clearanceMm! < limitMm ? 'caution' : 'ok');
    }
    expect(obstacles.find(({ id }) => id === 'liner')!.verdict).toBe('fail');
  });
  test('without a suspension a part is judged at rest: never said to clear, but for one on the knuckle', () => {
    const still = changed(EXAMPLE, ['vehicle/front/suspension', undefined]);
    const near = withParts(
      still,
      { id: 'far', gap: gap('tread', 0, 60) },
      { id: 'hit', gap: gap('inner-sidewall', 90, 1) },
      { id: 'strut', mount: 'knuckle', gap: gap('inner-sidewall', 0, 22) },
      { id: 'lock', gap: gap('tread', -100, 20, -32) },
    );
    const by = Object.fromEntries(front(near).obstacles.map((one) => [one.id, one]));
    expect([by.far!.verdict, by.hit!.verdict, by.strut!.verdict, by.lock!.verdict]).toEqual([
      'unknown',
      'fail',
      'ok',
      'unknown',
    ]);
    expect([by.far!.clearanceMm! > 50, by.far!.swept, by.strut!.swept]).toEqual([true, false, true]);
    const lock = front(near).checks.find(({ code }) => code === 'obstacle:lock')!;
    expect(lock.working.join()).toContain('cannot be placed: was measured away from rest');
    const far = front(near).checks.find(({ code }) => code === 'obstacle:far')!;
    expect(far.working.join()).toContain('enter the kind of suspension');
    expect(vehicleReport(near.vehicle, 'front').suspension.missing).toContain('kind');
  });
  test('before a sweep came in nothing is known of parts, and the rest is as ever', () => {
    const [setup] = EXAMPLE.setups;
    const { front: bare } = evaluateSetup(EXAMPLE, setup!, { sweeps: NO_SWEEPS });
    expect(bare.obstacles.map(({ verdict, clearanceMm }) => [verdict, clearanceMm])).toEqual(
      Array(3).fill(['unknown', null]),
    );
    expect(bare.pokeMm).toBe(front(EXAMPLE).pokeMm);
  });
  test('a list’s rough sweeps give the verdicts of full ones, for every demo car', () => {
    for (const job of [KITE, demoJob('orrin-haul')])
      for (const setup of job.setups.slice(1, 3)) {
        const [full, rough] = [RUN_SWEEPS, LIST_SWEEPS].map((sweeps) => evaluateSetup(job, setup, { sweeps }));
        for (const axle of ['front', 'rear'] as const)
          expect(rough![axle].obstacles.map(({ verdict }) => verdict)).toEqual(
            full![axle].obstacles.map(({ verdict }) => verdict),
          );
      }
  }, 120_000);
  test('the report is plain data with everything in it', () => {
    const report = JSON.parse(JSON.stringify(evaluate(KITE))) as ReturnType<typeof evaluate>;
    expect(report.vehicle.front).toMatchObject({ contradictions: [], suspension: { missing: [] } });
    for (const one of report.setups[0]!.front.checks.filter(({ code }) => code.startsWith('obstacle:')))
      expect(one.working.join('\n')).toMatch(/limit .*mm/);
  });
});

describe('the present car', () => {
  test('is judged by its own sweep, as it was measured: no allowance, no setup of another name', () => {
    const grown = changed(KITE, ['brief/sweep', { growth: true, bulgeMm: 10 }]);
    const now = evaluatePresent(grown).front.obstacles;
    expect(now.map(({ clearanceMm }) => clearanceMm)).toEqual(
      now.map(({ baselineClearanceMm }) => baselineClearanceMm),
    );
    const named = { ...KITE, setups: [{ ...KITE.setups[3]!, id: 'now' }] };
    expect(evaluate(named).setups[0]!.front.obstacles.find(({ id }) => id === 'liner')!.verdict).toBe('fail');
  });
});

describe('poses in words', () => {
  const mm = wordsIn('mm');
  test.each([
    [{ steerDeg: 0, travelMm: 0 }, 0, 'straight ahead, at rest'],
    [{ steerDeg: 38, travelMm: -12.5 }, 0, 'steered 38° leading edge out, 12.5 mm down (droop)'],
    [{ steerDeg: -31.46, travelMm: 70 }, 0, 'steered 31.5° leading edge in, 70.0 mm up (bump)'],
    // A car that rests lower on its springs is at rest there, and told from there.
    [{ steerDeg: 0, travelMm: 20 }, 20, 'straight ahead, at rest'],
    [{ steerDeg: 0, travelMm: 0 }, 20, 'straight ahead, 20.0 mm down (droop)'],
  ])('%j, resting at %d', (pose, rest, text) => expect(poseWords(pose, mm, rest)).toBe(text));
  test('the working of a lowered setup tells its pose from where it rests', () => {
    const low = changed(EXAMPLE, ['setups/a/suspensionChange', { front: { kind: 'spring', mm: -20 } }]);
    const lines = front(low).checks.find(({ code }) => code === 'obstacle:assumed-lip')!.working;
    expect(part(low, 'assumed-lip').travelMm).toBeCloseTo(70, 6);
    expect(lines[0]).toContain('50.0 mm up (bump)');
  });
});

describe('growth and bulge', () => {
  test('take room, and leave what the present wheel reads as it is', () => {
    const grown = changed(EXAMPLE, ['brief/sweep', { growth: true, bulgeMm: 4 }]);
    for (const id of ['liner-rear', 'strut', 'assumed-lip']) {
      expect(part(grown, id).clearanceMm!).toBeLessThan(part(EXAMPLE, id).clearanceMm! - 1);
      expect(part(grown, id).baselineClearanceMm).toBe(part(EXAMPLE, id).baselineClearanceMm);
    }
  });
});

describe('left and right', () => {
  const left = changed(EXAMPLE, ['vehicle/front/left', { room: { outboardGapMm: 3, archGapMm: 91 } }]);
  test('the worse side holds the check and is named; what was not read on the left is as on the right', () => {
    const report = front(left);
    const check = (code: string) => report.checks.find((one) => one.code === code)!;
    expect(report.left).toMatchObject({
      pokeMm: expect.closeTo(report.pokeMm! + 11, 9),
      inboardGapMm: report.inboardGapMm,
    });
    expect(check('fender')).toMatchObject({
      label: 'Poke, left',
      verdict: 'fail',
      value: expect.closeTo(2.27, 2),
    });
    expect(check('inboard').label).toBe('Inner clearance, at rest, right');
    expect(front(EXAMPLE).left).toBeNull();
    expect(front(EXAMPLE).checks.find(({ code }) => code === 'fender')!.label).toBe('Poke');
  });
  test('each side has a lip of its own', () => {
    const lips = front(left).obstacles.filter(({ assumed }) => assumed);
    expect(lips.map(({ id, side }) => [id, side])).toEqual([
      ['assumed-lip', 'right'],
      ['assumed-lip-left', 'left'],
    ]);
    expect(lips[1]!.clearanceMm!).toBeLessThan(lips[0]!.clearanceMm!);
  });
  test('the same readings on either side give the same figures: each side has its own mirrored frame', () => {
    const same = (side?: 'left' | 'right'): Obstacle => ({
      id: `p-${side ?? 'both'}`,
      ...(side ? { side } : {}),
      gap: gap('inner-shoulder', -60, 30, 20, -10),
    });
    const { obstacles } = front(withParts(EXAMPLE, same('left'), same('right'), same()));
    const figures = obstacles
      .slice(0, 3)
      .map(({ clearanceMm, steerDeg, travelMm, restMm }) => [clearanceMm, steerDeg, travelMm, restMm]);
    expect(figures[0]).toEqual(figures[1]);
    expect(figures[0]).toEqual(figures[2]);
  });
  test('a part of one side says so in its check', () => {
    const one = withParts(EXAMPLE, { id: 'tank', label: 'Tank', side: 'left', gap: gap('inner-shoulder', -60, 30) });
    expect(front(one).checks.find(({ code }) => code === 'obstacle:tank')!.label).toBe('Tank, left');
  });
});

describe('readings that cannot all be true', () => {
  test('none where the present car clears everything it was measured by', () => expect(oddities(EXAMPLE)).toEqual([]));
  test('a present wheel that would touch in another pose: by how much, where, and what to read again', () => {
    const near = withParts(EXAMPLE, { id: 'flap', label: 'Flap', gap: gap('tread', -120, 6) });
    const [found] = oddities(near);
    expect(found).toMatchObject({ kind: 'touches', id: 'flap' });
    const [setup] = near.setups;
    expect(found!.amount).toBeCloseTo(-part(near, 'flap').baselineClearanceMm!, 9);
    expect(found!.text).toMatch(/would touch it by \d+\.\d mm, .*measure the gap again at its nearest place/);
    expect(setup).toBeDefined();
  });
  test('a negative gap is a present car that rubs: allowed, and said', () => {
    const rubbing = withParts(EXAMPLE, { id: 'liner', label: 'Liner', gap: gap('outer-shoulder', -100, -5, -32) });
    expect(oddities(rubbing)).toMatchObject([
      { kind: 'rubs', amount: 5, text: 'the present car rubs there by 5.0 mm, as measured' },
    ]);
    expect(part(rubbing, 'liner').baselineClearanceMm!).toBeLessThanOrEqual(-4.9);
  });
  test('a pose beyond lock or stop', () => {
    const beyond = withParts(EXAMPLE, { id: 'p', gap: gap('outer-shoulder', -100, 60, -40, 90) });
    expect(oddities(beyond).map(({ kind, amount }) => [kind, amount])).toEqual([
      ['beyond', 8],
      ['beyond', 20],
    ]);
    expect(oddities(beyond)[0]!.text).toMatch(/beyond the lock of .32\.0°/);
  });
  test('a part inside the present wheel, and a nearer place than the named one', () => {
    const inside = withParts(EXAMPLE, { id: 'seam', points: [{ out: -40, fwd: 0, up: 290 }] });
    expect(oddities(inside)[0]).toMatchObject({ kind: 'inside', id: 'seam' });
    const nearer = withParts(EXAMPLE, { id: 'arm', kind: 'strut', gap: gap('inner-rim-flange', 0, 60) });
    const [found] = oddities(nearer);
    if (found) expect(found.text).toMatch(/its nearest place on the wheel is the inner (sidewall|shoulder)/);
  });
  test('a place that is not on the tire', () => {
    const off = withParts(EXAMPLE, { id: 'p', gap: { ...gap('tread', 0, 20), axialMm: 120 } });
    expect(oddities(off)).toMatchObject([{ kind: 'unplaced' }]);
    expect(oddities(off)[0]!.text).toMatch(/cannot be placed: lies beyond the tread's edge/);
    expect(part(off, 'p').verdict).toBe('unknown');
  });
});

describe('a suspension change on a setup', () => {
  const lifted = (kind: string, mm: number) =>
    changed(EXAMPLE, ['setups/a/suspensionChange', { front: { kind, mm }, rear: { kind, mm: mm / 2 } }]);
  test('height, rake and alignment', () => {
    const report = evaluateSetup(lifted('spring', 30), lifted('spring', 30).setups[0]!, { sweeps: NO_SWEEPS });
    expect(report.front.bodyHeightChangeMm).toBeCloseTo(30.5, 9);
    expect(report.rakeChangeMm).toBeCloseTo(15, 9);
    expect(report.front.working.bodyHeightChangeMm!.join()).toContain('align the wheels');
  });
  test('the ground clearance moves with the body, and is that of the lower side', () => {
    const of = (room: object, left?: object) => {
      const read = changed(
        lifted('spring', 30),
        ['vehicle/front/room', { ...EXAMPLE.vehicle.front!.room, ...room }],
        ...(left ? [['vehicle/front/left', { room: left }] as [string, unknown]] : []),
      );
      return evaluateSetup(read, read.setups[0]!, { sweeps: NO_SWEEPS }).front;
    };
    expect(of({}).groundClearanceMm).toBeNull();
    expect(of({ groundClearanceMm: 150 }).groundClearanceMm).toBeCloseTo(180.5, 9);
    expect(of({ groundClearanceMm: 150 }).working.groundClearanceMm).toEqual([
      'read 150.0 + body +30.5 mm = 180.5 mm, at rest',
    ]);
    // Read on the left alone, or lower there; it does not make the left a side of its own.
    const lower = of({ groundClearanceMm: 150 }, { groundClearanceMm: 146 });
    expect(lower.groundClearanceMm).toBeCloseTo(176.5, 9);
    expect(lower.left).toBeNull();
    expect(of({ groundClearanceMm: 150 }, { groundClearanceMm: 154 }).groundClearanceMm).toBeCloseTo(180.5, 9);
    expect(of({}, { groundClearanceMm: 146 }).groundClearanceMm).toBeCloseTo(176.5, 9);
  });
  test('a lift never lowers arch room; over the strut it gives the fender more at bump, at the spring the same', () => {
    const lip = (job: Job) => part(job, 'assumed-lip').clearanceMm!;
    const rest = lip(EXAMPLE);
    for (const kind of ['spring', 'strut-top', 'body']) {
      expect(front(lifted(kind, 30)).archGapMm!).toBeGreaterThan(front(EXAMPLE).archGapMm!);
      expect(lip(lifted(kind, 30))).toBeGreaterThanOrEqual(rest - 0.02);
    }
    expect(lip(lifted('spring', 30))).toBeCloseTo(rest, 6);
    expect(lip(lifted('strut-top', 30))).toBeGreaterThan(rest + 5);
    expect(lip(lifted('strut-top', -20))).toBeLessThan(rest - 3);
  });
});

describe('which assumed value matters most', () => {
  const drained = (job: Job, id: string): Sensitivity[] => {
    const steps = sensitivitySteps(job, setupOf(job, id), 'front');
    const shares: number[] = [];
    for (let step = steps.next(); ; step = steps.next()) {
      if (step.done) {
        expect(shares).toEqual([...shares].sort((a, b) => a - b));
        return step.value;
      }
      shares.push(step.value);
    }
  };
  test('only assumed ones, those that decide first, then by what they do', () => {
    const job = changed(EXAMPLE, [
      'vehicle/front/suspension',
      {
        kind: 'strut',
        bumpMm: 70,
        droopMm: 60,
        kingpinInclinationDeg: 13,
        casterDeg: 5,
        camberDeg: 0,
        camberGainDegPer100: -1,
        lateralPerMm: 0,
        lateralPerMm2: 0,
        kingpinForeMm: 0,
      },
    ]);
    const found = drained(job, 'b');
    expect(found.map(({ key }) => key).sort()).toEqual(['kingpinOffsetMm', 'lockInDeg', 'lockOutDeg']);
    for (let i = 1; i < found.length; i++)
      expect(
        [found[i - 1]!.decides, found[i - 1]!.mattersMm] >= [found[i]!.decides, found[i]!.mattersMm] ||
          found[i - 1]!.decides,
      ).toBe(true);
    expect(drained(EXAMPLE, 'a')).toEqual([]);
  }, 60_000);
});

describe('the measuring plan', () => {
  const kinds = (job: Job, axle: 'front' | 'rear' = 'front') =>
    measuringPlan(job, axle, 'right').map(({ kind }) => kind);
  test('follows a walk round the wheel, knows what was read, and leaves out what no candidate nears', () => {
    const plan = measuringPlan(KITE, 'front', 'right');
    expect(plan[0]!.kind).toBe('bumper-corner');
    expect(plan.filter(({ readId }) => readId !== null).map(({ kind }) => kind)).toEqual([
      'bumper-corner',
      'liner',
      'strut',
      'tie-rod-end',
      'frame',
    ]);
    const narrow = changed(EXAMPLE, ['vehicle/front/obstacles', []]);
    const inward = {
      ...narrow,
      setups: [
        {
          id: 'a',
          front: {
            ...EXAMPLE.setups[0]!.front,
            wheel: { rimDiameterIn: 15, rimWidthIn: 6, offsetMm: 45 },
            tire: { size: '195/60R15' },
          },
        },
      ],
    };
    expect(kinds(inward)).toEqual(['strut', 'tie-rod-end', 'arm', 'frame', 'brake-hose']);
    expect(kinds({ ...narrow, setups: [] })).toHaveLength(12);
  });
  test('an axle that does not steer has no readings at lock', () => {
    expect(kinds(KITE, 'rear')).not.toEqual(expect.arrayContaining(['tie-rod-end']));
    for (const { steerDeg, lock } of measuringPlan(KITE, 'rear', 'right')) expect([steerDeg, lock]).toEqual([0, null]);
  });
  test('a part of the left is not read on the right', () => {
    const left = withParts(KITE, { id: 'strut', kind: 'strut', side: 'left', gap: gap('inner-sidewall', 0, 20) });
    const strut = (side: 'left' | 'right') => measuringPlan(left, 'front', side).find(({ kind }) => kind === 'strut')!;
    expect([strut('left').readId, strut('right').readId]).toEqual(['strut', null]);
  });
});
