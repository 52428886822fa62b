import fc from 'fast-check';
import { priceInForce, ruleInForce, winterOn, pokeTargetOf, type Job } from '#core/job';
import { COVER_ARC_DEG, shopLimits, SHOP_LIMITS, limitInForce, WINTER_ROOM_MM, withWinter } from '#core/verdict';
import { briefContradictions, coverOf } from '.';
import { evaluateSetup } from './evaluate';
import { changed, demoJob, setupOf, KITE, HAUL } from '#support/jobs';

const check = (job: Job, code: string, axle: 'front' | 'rear' = 'front', id = 'a') =>
  evaluateSetup(job, setupOf(job, id))[axle].checks.find((one) => one.code === code);

describe('whose word counts', () => {
  test('the brief before the shop, the shop before what is usual', () => {
    expect(limitInForce('inboardMm', {})).toEqual({ value: 6, origin: 'house' });
    expect(limitInForce('inboardMm', { house: { limits: { inboardMm: 9 } } })).toEqual({ value: 9, origin: 'house' });
    expect(
      limitInForce('inboardMm', { brief: { limits: { inboardMm: 4 } }, house: { limits: { inboardMm: 9 } } }),
    ).toEqual({ value: 4, origin: 'brief' });
    expect(ruleInForce('rub', {})).toBe('none');
    expect(ruleInForce('rub', { house: { rules: { rub: 'plastic' } } })).toBe('plastic');
    expect(ruleInForce('rub', { brief: { rules: { rub: 'full-lock' } }, house: { rules: { rub: 'plastic' } } })).toBe(
      'full-lock',
    );
    expect(priceInForce('labourPerHour', { house: { prices: { labourPerHour: 60 } } })).toBe(60);
    expect(priceInForce('labourPerHour', {})).toBeNull();
    expect(shopLimits({ limits: { edgeMm: null } })).toEqual(SHOP_LIMITS);
  });
  test("an axle's own target before the one for both", () => {
    const brief = { pokeMm: { min: -10, max: 2, rear: { max: -4 } } };
    expect(pokeTargetOf(brief, 'front')).toEqual({ min: -10, max: 2 });
    expect(pokeTargetOf(brief, 'rear')).toEqual({ min: null, max: -4 });
    expect(pokeTargetOf({ pokeMm: { min: 1, front: {} } }, 'front')).toEqual({ min: 1, max: null });
  });
  test('shop limits reach the checks of parts: engagement, bore, dual gap', () => {
    const strict = changed(KITE, ['house', { limits: { engagementRatio: 3, boreMm: 0 } }]);
    expect(check(KITE, 'fastening')!.verdict).toBe('ok');
    expect(check(strict, 'fastening')!.verdict).toBe('fail');
    const pallas = demoJob('pallas-tender');
    expect(check(changed(pallas, ['house', { limits: { dualGapMm: 90 } }]), 'dual', 'rear')!.verdict).not.toBe('ok');
  });
});

describe('a rub that is accepted', () => {
  const at = (gapMm: number, rub: string, kind = 'liner', over: object = {}): Job =>
    changed(
      KITE,
      ['brief/rules', { rub }],
      [
        'vehicle/front/obstacles',
        [{ id: 'part', kind, gap: { surface: 'outer-shoulder', clockDeg: -100, gapMm, steerDeg: -32 }, ...over }],
      ],
    );
  const verdict = (job: Job) => check(job, 'obstacle:part')!.verdict;
  const value = check(at(20, 'none'), 'obstacle:part')!.value!;
  // The gap at which the setup comes to a given clearance: the part's own moves with it one for one.
  const gapFor = (mm: number) => 20 - value + mm;
  test.each([
    ['none', 'liner', 4, 'caution'],
    ['plastic', 'liner', 4, 'ok'],
    ['plastic', 'liner', -1.5, 'caution'],
    ['plastic', 'liner', -5, 'fail'],
    ['plastic', 'seam', -1.5, 'fail'],
    ['plastic', 'frame', -1.5, 'fail'],
    ['full-lock', 'frame', -1.5, 'caution'],
    ['full-lock', 'seam', -1.5, 'fail'],
  ] as const)('%s, %s at %d mm: %s', (rub, kind, mm, expected) =>
    expect(verdict(at(gapFor(mm), rub, kind))).toBe(expected),
  );
  test("a part's own limit is not eased by it", () =>
    expect(verdict(at(gapFor(4), 'plastic', 'liner', { limitMm: 5 }))).toBe('caution'));
  test('of a part of which nobody said what it is, never', () => {
    const job = changed(
      KITE,
      ['brief/rules', { rub: 'plastic' }],
      [
        'vehicle/front/obstacles',
        [
          {
            id: 'part',
            mount: 'body',
            gap: { surface: 'outer-shoulder', clockDeg: -100, gapMm: gapFor(-1.5), steerDeg: -32 },
          },
        ],
      ],
    );
    expect(verdict(job)).toBe('fail');
  });
  // A seam of plastic over the tread: the wheel meets it at full bump, whatever the steer; a liner behind it at full
  // lock alone.
  const over = (gapMm: number, rub: string) =>
    changed(
      KITE,
      ['brief/rules', { rub }],
      ['vehicle/front/obstacles', [{ id: 'part', kind: 'liner', gap: { surface: 'tread', clockDeg: 0, gapMm } }]],
    );
  const overGap = 90 - check(over(90, 'none'), 'obstacle:part')!.value! - 1.5;
  test('at full lock only: the same overlap that meets it short of the lock is refused', () => {
    const plastic = check(over(overGap, 'plastic'), 'obstacle:part')!;
    expect(plastic.value).toBeLessThan(0);
    expect(plastic.value).toBeGreaterThan(-3);
    expect(plastic.verdict).toBe('caution');
    const atLock = check(over(overGap, 'full-lock'), 'obstacle:part')!;
    expect(atLock.value).toBe(plastic.value);
    expect(atLock.verdict).toBe('fail');
    expect(atLock.working.join()).toContain('at full lock only: 3° short of it');
  });
});

describe('winter traction room (SAE J1232, from memory)', () => {
  test.each([
    ['S', 37, 15],
    ['U', 50, 23],
    ['W', 64, 38],
  ] as const)('class %s: %d mm over the tread, %d mm beside it', (name, tread, side) => {
    expect(WINTER_ROOM_MM[name]).toEqual({ tread, side });
    const job = changed(KITE, ['brief/rules', { winter: name }], ['brief/limits/inboardMm', 6]);
    expect(check(job, 'inboard')!.limit).toBe(side);
    expect(check(job, 'arch')!.limit).toBe(tread);
    expect(check(job, 'obstacle:strut')!.limit).toBe(side);
    // The bumper corner stands with the body: it keeps its own limit.
    expect(check(job, 'obstacle:bumper-corner')!.limit).toBe(5);
  });
  test('on the driven axle alone; on both where nobody said how the car is driven', () => {
    const job = { ...changed(KITE, ['brief/rules', { winter: 'S' }]) };
    expect(KITE.vehicle.drive).toBe('fwd');
    expect([winterOn('front', job), winterOn('rear', job)]).toEqual(['S', 'none']);
    const open = { ...job, vehicle: { ...job.vehicle, drive: undefined } };
    expect([winterOn('front', open), winterOn('rear', open)]).toEqual(['S', 'S']);
  });
  test('a limit that asks for more stays', () =>
    expect(withWinter({ value: 60, origin: 'brief' as const }, 'U', 'tread')).toEqual({ value: 60, origin: 'brief' }));
});

describe('cover of the wheel ((EU) 1009/2010, from memory)', () => {
  const arc = (from: number, to: number, out: (deg: number) => number) =>
    Array.from({ length: to - from + 1 }, (_, n) => {
      const deg = from + n;
      const rad = (deg * Math.PI) / 180;
      return { out: out(deg), fwd: 380 * Math.sin(rad), up: 380 * Math.cos(rad) };
    });
  test('30° ahead, 50° behind', () => expect(COVER_ARC_DEG).toEqual({ ahead: 30, behind: 50 }));
  test('a level lip covers by its distance everywhere', () =>
    expect(
      coverOf(
        arc(-60, 60, () => 90),
        () => 80,
        0,
      ),
    ).toMatchObject({ leastMm: 10, openDeg: 0 }));
  test('a lip that falls away behind covers least at 50° behind', () => {
    const { leastMm, atDeg } = coverOf(
      arc(-60, 60, (deg) => 90 + Math.min(0, deg) / 5),
      () => 80,
      0,
    );
    expect(atDeg).toBe(-50);
    expect(leastMm).toBeCloseTo(0, 6);
  });
  test('what is beyond the arc is not asked', () =>
    expect(
      coverOf(
        arc(-60, 60, (deg) => (deg < -51 || deg > 31 ? 0 : 90)),
        () => 80,
        0,
      ).leastMm,
    ).toBeGreaterThan(9));
  test('a lip measured in part leaves the rest open, and the check unknown unless it fails', () => {
    expect(
      coverOf(
        arc(-20, 60, () => 90),
        () => 80,
        0,
      ),
    ).toMatchObject({ leastMm: 10, openDeg: 30 });
    const asked = changed(HAUL, ['brief/rules', { cover: 'eu-1009-2010' }], ['brief/pokeMm', { max: 40 }]);
    const lip = asked.vehicle.front!.obstacles!.find(({ kind }) => kind === 'fender-lip')!;
    const half = changed(asked, [
      'vehicle/front/obstacles',
      [{ ...lip, points: lip.points!.filter(({ fwd }) => fwd > -10) }],
    ]);
    expect(check(half, 'coverage')!.verdict).toBe('unknown');
    expect(check(half, 'coverage', 'front', 'c')!.verdict).toBe('fail');
  });
  test('further out never covers more', () =>
    fc.assert(
      fc.property(
        fc.double({ min: 0, max: 200, noNaN: true }),
        fc.double({ min: 0, max: 40, noNaN: true }),
        (outer, more) => {
          const lip = arc(-60, 60, (deg) => 90 - deg / 10);
          expect(coverOf(lip, () => outer + more, 0).leastMm!).toBeLessThanOrEqual(
            coverOf(lip, () => outer, 0).leastMm! + 1e-9,
          );
        },
      ),
    ));
  test('how sure it is: by the lip or the gap, and the tires', () => {
    const asked = check(changed(KITE, ['brief/rules', { cover: 'eu-1009-2010' }]), 'coverage')!;
    const fender = check(KITE, 'fender')!;
    expect(asked.plusMinus).toBeCloseTo(fender.plusMinus!, 9);
    expect(asked.restsOn!.map(({ name }) => name)).toContain('present tuck');
    const measured = check(changed(HAUL, ['brief/rules', { cover: 'eu-1009-2010' }]), 'coverage')!;
    expect(measured.restsOn!.map(({ name }) => name)).toContain('the place of the lip');
    const dual = check(demoJob('pallas-tender'), 'dual', 'rear')!;
    expect(dual.probability! + dual.touchProbability!).toBeLessThanOrEqual(1);
    expect(dual.restsOn!.map(({ name }) => name)).toEqual(['the section of the tires']);
  });
  test('not asked for, it is no check; asked for without readings it is unknown', () => {
    expect(check(KITE, 'coverage')).toBeUndefined();
    const blind = changed(KITE, ['brief/rules', { cover: 'eu-1009-2010' }], ['vehicle/front/room/outboardGapMm', null]);
    expect(check(blind, 'coverage')!.verdict).toBe('unknown');
  });
});

describe('a brief that contradicts itself', () => {
  test.each([
    [{ min: 3, max: 10 }, ['brief.pokeMm.min']],
    [{ min: -5, max: 10 }, []],
    [{ min: -5, front: { min: 2, max: 8 } }, ['brief.pokeMm.front.min']],
    [{ min: 4, max: 9, rear: { max: -2 } }, ['brief.pokeMm.min']],
  ])('proud and covered: %j', (pokeMm, paths) => {
    const asked = changed(KITE, ['brief/pokeMm', pokeMm], ['brief/rules', { cover: 'eu-1009-2010' }]);
    expect(briefContradictions(asked).map(({ path }) => path)).toEqual(paths);
    expect(briefContradictions(changed(KITE, ['brief/pokeMm', pokeMm]))).toEqual([]);
  });
});
