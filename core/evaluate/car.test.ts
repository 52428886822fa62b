import { evaluate, evaluatePresent, evaluateSetup, NO_SWEEPS, type SetupReport, verdictWord } from '#core/evaluate';
import type { Job } from '#core/job';
import { changed, setupOf, type Change, EXAMPLE, KITE, HAUL, TENDER } from '#support/jobs';

const of = (job: Job, id = 'a'): SetupReport => evaluateSetup(job, setupOf(job, id), { sweeps: NO_SWEEPS });
const check = (report: SetupReport, code: string) => report.checks.find((one) => one.code === code)!;
const lines = (report: SetupReport, code: string): string => check(report, code).working.join('\n');

describe('the speedometer of a setup', () => {
  test('without its own reading: a figure as if it had been exact, and with which error it keeps the band', () => {
    const report = of(EXAMPLE, 'b');
    expect(check(report, 'speedometer')).toMatchObject({
      value: expect.closeTo(100 * (626 / 615), 9),
      verdict: 'caution',
    });
    // 120 shown is a true 116/1.1 at least: 13.8 % above; of that 626/615 takes 1.8 %.
    expect(lines(report, 'speedometer')).toMatch(/it still does if it reads 1\.8 to 13\.8 % above true today/);
    expect(lines(report, 'speedometer')).toMatch(/taken from the front wheels \(the driven axle, assumed/);
    expect(lines(report, 'speedometer')).toMatch(/reads 1\.8 % lower than before/);
    expect(check(evaluatePresent(EXAMPLE), 'speedometer').verdict).toBe('ok');
  });
  test.each<[string, Change[], string, RegExp]>([
    [
      'a speedometer that leaves room',
      [['vehicle/speedometer', { indicatedKmh: 100, trueKmh: 95 }]],
      'ok',
      /within the band/,
    ],
    [
      'an exact one now reads low',
      [['vehicle/speedometer', { indicatedKmh: 100, trueKmh: 100 }]],
      'fail',
      /at a true 40 km\/h it shows less: never below true \(UNECE R39\)/,
    ],
    [
      'one that shows far too much',
      [['vehicle/speedometer', { indicatedKmh: 100, trueKmh: 80 }]],
      'fail',
      /shows more than/,
    ],
    [
      'half a reading is none',
      [['vehicle/speedometer', { indicatedKmh: 100 }]],
      'caution',
      /read it against the true speed/,
    ],
    [
      'a size that no error saves',
      [['setups/b/front/tire/size', '275/70R17']],
      'fail',
      /no error within the band saves it/,
    ],
    ['set anew', [['setups/b/speedometerSet', true]], 'caution', /check it against the true speed/],
  ])('%s', (_, edits, verdict, line) => {
    const report = of(changed(EXAMPLE, ...edits), 'b');
    expect(check(report, 'speedometer').verdict).toBe(verdict);
    expect(lines(report, 'speedometer')).toMatch(line);
  });
  test('counts the driven axle; of two driven ones their mean; of an unknown drive only what both agree on', () => {
    const mixed = changed(EXAMPLE, ['setups/a/rear/tire/size', '225/45R17']);
    const ratio = (drive: string | undefined) => of(changed(mixed, ['vehicle/drive', drive])).speedometer.ratio;
    const [front, rear] = [616 / 615, 634 / 615];
    expect(ratio('fwd')).toBeCloseTo(front, 12);
    expect(ratio('rwd')).toBeCloseTo(rear, 12);
    expect(ratio('awd')).toBeCloseTo((front + rear) / 2, 12);
    expect(ratio(undefined)).toBeNull();
    const from = (speedFrom: string) =>
      of(changed(mixed, ['vehicle/drive', 'fwd'], ['vehicle/speedFrom', speedFrom])).speedometer;
    expect(from('rear')).toMatchObject({ ratio: expect.closeTo(rear, 12), from: 'rear', fromAssumed: false });
    expect(from('all').ratio).toBeCloseTo((front + rear) / 2, 12);
    expect(from('driven').ratio).toBeCloseTo(front, 12);
    expect(of(changed(EXAMPLE, ['vehicle/drive', undefined])).speedometer.ratio).toBeCloseTo(front, 12);
  });
  test('looks at the speeds of the brief; engine speed only with an axle ratio, direct gear marked as assumed', () => {
    const job = changed(EXAMPLE, ['brief/speedsKmh', [60, 110]], ['vehicle/gearing', { axleRatio: 4 }]);
    const { points, engine, gearAssumed } = of(job).speedometer;
    expect(points.map(({ shownKmh }) => shownKmh)).toEqual([60, 110]);
    expect(engine![0]!.rpm).toBeCloseTo((60e6 / 60 / (3.05 * 616)) * 4, 6);
    expect(engine![0]!.nowRpm).toBeCloseTo((60e6 / 60 / (3.05 * 615)) * 4, 6);
    expect(gearAssumed).toBe(true);
    expect(of(EXAMPLE).speedometer.engine).toBeNull();
  });
});

describe('front against rear, with the limit’s origin', () => {
  test.each<[string, Change[], string, RegExp]>([
    ['all driven, shop default', [['vehicle/drive', 'awd']], 'fail', /no further than 1\.0 %, the shop default/],
    [
      'all driven, a wider limit of the brief',
      [
        ['vehicle/drive', 'awd'],
        ['brief/limits/axleMatchPct', 4],
      ],
      'caution',
      /no further than 4\.0 %, from the brief/,
    ],
    ['selectable', [['vehicle/drive', '4wd']], 'fail', /winds up on grip/],
    [
      'front driven, stability control assumed',
      [['vehicle/drive', 'fwd']],
      'ok',
      /compare wheel speeds \(that the car has it is assumed\)/,
    ],
    [
      'front driven, further off',
      [
        ['vehicle/drive', 'fwd'],
        ['setups/a/rear/tire/size', '225/50R17'],
      ],
      'caution',
      /care above 3 %: brake and stability control/,
    ],
    [
      'the same without stability control',
      [
        ['vehicle/drive', 'fwd'],
        ['vehicle/stabilityControl', false],
        ['setups/a/rear/tire/size', '225/50R17'],
      ],
      'ok',
      /for information only/,
    ],
    [
      'staggered as its maker built it',
      [
        ['vehicle/drive', 'awd'],
        ['vehicle/rear/baseline/tire/size', '195/65R15'],
        ['setups/a/front/tire/size', '195/60R15'],
        ['setups/a/rear/tire/size', '195/65R15'],
      ],
      'ok',
      /= 0\.00 %/,
    ],
    [
      'the car’s own ratio not known',
      [
        ['vehicle/drive', 'awd'],
        ['vehicle/rear/baseline/tire', undefined],
      ],
      'unknown',
      /the car's own ratio/,
    ],
    ['not known', [['vehicle/drive', undefined]], 'unknown', /how the car is driven is not known/],
  ])('%s', (_, edits, verdict, line) => {
    const report = of(changed(EXAMPLE, ['setups/a/rear/tire/size', '225/45R17'], ...edits));
    expect(check(report, 'axle-match').verdict).toBe(verdict);
    expect(lines(report, 'axle-match')).toMatch(line);
  });
});

describe('the spare', () => {
  test('in the wagon’s well, worked by hand: 640 − 616 play, 215.9 − 205 proud, clamped at 107.95 + 40 + 11', () => {
    const { spare } = of(KITE);
    expect(spare).toMatchObject({
      choice: 'front',
      assumed: true,
      playMm: 24,
      deflate: false,
      serves: ['front', 'rear'],
    });
    expect(spare!.proudMm).toBeCloseTo(10.9, 9);
    expect(spare!.clampMm).toBeCloseTo(158.95, 9);
    expect(spare!.longerMm).toBeCloseTo(2.95, 9);
    expect(lines(of(KITE), 'spare')).toMatch(/the hold-down reaches 156\.0 mm: 3\.0 mm longer/);
  });
  test.each<[string, Change[], string, RegExp]>([
    [
      'a well too small by what a tire yields',
      [['vehicle/spare/wellDiameterMm', 605]],
      'caution',
      /goes in let down to about 100 kPa/,
    ],
    ['a well too small', [['vehicle/spare/wellDiameterMm', 600]], 'fail', /−16\.0 mm play/],
    [
      'sticks out too far for the room above',
      [['vehicle/spare/roomAboveMm', 5]],
      'fail',
      /above the well, room above 5\.0 mm/,
    ],
    [
      'lying face down',
      [['vehicle/spare/lies', 'face-down']],
      'ok',
      /clamped at 68\.0 mm over the floor, the hold-down reaches 156\.0 mm: long enough/,
    ],
    ['nobody said how it lies', [['vehicle/spare/lies', undefined]], 'unknown', /not known: how it lies/],
    [
      'no depth',
      [
        ['vehicle/spare/wellDepthMm', undefined],
        ['vehicle/spare/holdDownMm', 170],
      ],
      'unknown',
      /not known: the well's depth/,
    ],
    ['none', [['setups/a/spare', 'none']], 'caution', /carry a repair kit/],
    ['the kept one, like the new ones in diameter', [['setups/a/spare', 'kept']], 'ok', /can replace: front, rear/],
    [
      'other wheels front and rear, nothing said',
      [['setups/a/rear/wheel/offsetMm', 30]],
      'unknown',
      /not given: which wheel/,
    ],
    [
      'other wheels front and rear, a rear one',
      [
        ['setups/a/rear/wheel/offsetMm', 30],
        ['setups/a/spare', 'rear'],
      ],
      'ok',
      /can replace: rear$/m,
    ],
  ])('%s', (_, edits, verdict, line) => {
    const report = of(changed(KITE, ...edits));
    expect(check(report, 'spare').verdict).toBe(verdict);
    expect(lines(report, 'spare')).toMatch(line);
  });
  test('an old size on a driven axle: care on one, and where both are driven no further than 3 %', () => {
    expect(lines(of(KITE, 'd'), 'spare')).toMatch(
      /not on the driven front axle: put a good wheel there and the spare on the rear/,
    );
    expect(check(of(KITE, 'd'), 'spare').verdict).toBe('caution');
    expect(check(of(HAUL, 'c'), 'spare')).toMatchObject({ verdict: 'fail', unit: '%' });
    expect(lines(of(HAUL, 'c'), 'spare')).toMatch(/works the differentials all the time/);
    expect(check(of(changed(HAUL, ['vehicle/drive', undefined]), 'c'), 'spare').verdict).toBe('unknown');
  });
  test('on dual wheels one serves inner and outer, and the front where the wheels are alike', () => {
    expect(of(TENDER).spare!.serves).toEqual(['front', 'rear inner', 'rear outer']);
    expect(of(TENDER, 'c').spare!.serves).toEqual(['rear inner', 'rear outer']);
  });
  test('a car without a well, and nothing said, has no such check', () => {
    expect(of(EXAMPLE).spare).toBeNull();
    expect(check(of(EXAMPLE), 'spare')).toBeUndefined();
    expect(of(changed(EXAMPLE, ['setups/a/spare', 'front'])).spare!.verdict).toBe('unknown');
  });
});

describe('tire-pressure sensors', () => {
  test('of the demo: reused, ordered to suit, ordered at another frequency', () => {
    expect(['a', 'b', 'c'].map((id) => check(of(KITE, id), 'tpms').verdict)).toEqual(['ok', 'ok', 'fail']);
    expect(lines(of(KITE, 'b'), 'tpms')).toMatch(/keep the old set at least 15 m away/);
    expect(of(EXAMPLE).tpms).toBeNull();
    expect(check(of(changed(KITE, ['setups/a/sensors', undefined])), 'tpms').verdict).toBe('unknown');
  });
});

describe('weight and rotating inertia', () => {
  test('of the wagon, worked by hand', () => {
    const { massKg, massChangeKg, inertiaKgM2, inertiaChangePct, equivalentChangeKg } = of(KITE).front;
    expect(massKg).toBeCloseTo(17.6, 9);
    expect(massChangeKg).toBeCloseTo(1.5, 9);
    const inertia = 0.8 * 8.6 * 0.216 ** 2 + (9 * (0.216 ** 2 + 0.308 ** 2)) / 2;
    const before = 0.8 * 7.9 * 0.1905 ** 2 + (8.2 * (0.1905 ** 2 + 0.3075 ** 2)) / 2;
    expect(inertiaKgM2).toBeCloseTo(inertia, 9);
    expect(inertiaChangePct).toBeCloseTo(100 * (inertia / before - 1), 9);
    expect(equivalentChangeKg).toBeCloseTo(17.6 + inertia / 0.308 ** 2 - 16.1 - before / 0.3075 ** 2, 9);
  });
  test('dual wheels count twice; a stack counts where somebody weighed it; nothing is guessed', () => {
    expect(of(TENDER).rear.massKg).toBeCloseTo(2 * (14.5 + 13.6), 9);
    const stacked = changed(KITE, [
      'setups/a/front/stack',
      [
        { kind: 'slip-on', thicknessMm: 5, massKg: 0.4 },
        { kind: 'ring', outerMm: 72.6, innerMm: 63.4 },
      ],
    ]);
    expect(of(stacked).front.massKg).toBeCloseTo(18, 9);
    expect(of(stacked).front.working.massKg!.join()).toMatch(/without 1 of the stack not weighed/);
    expect(of(changed(KITE, ['setups/a/front/tire/massKg', undefined])).front.massKg).toBeNull();
  });
});

test('every new check of the demo has a word, its arithmetic, and reads in either system of units', () => {
  for (const job of [KITE, HAUL, TENDER])
    for (const unit of ['mm', 'in'] as const)
      for (const report of evaluate(job, { unit, sweeps: NO_SWEEPS }).setups)
        for (const one of [...report.front.checks, ...report.rear.checks, ...report.checks]) {
          expect(verdictWord(one)).not.toBe('');
          expect(one.working.length).toBeGreaterThan(0);
          const said = one.working.join('\n');
          expect(said).not.toMatch(/undefined|NaN|null/);
          if (unit === 'in') expect(said.replaceAll(/4 mm|N·m/g, '')).not.toMatch(/\d (kg|kPa|km\/h)\b/);
        }
});
