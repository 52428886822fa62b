import { makesOfSize, sizesThatDo, withSize } from '#core/advice';
import fc from 'fast-check';
import { evaluateSetup, NO_SWEEPS, type SetupReport } from '#core/evaluate';
import type { Job } from '#core/job';
import { readTireSize, rimRangeIn } from '#core/tire';
import type { ShelfItem } from '#core/shelf';
import { changed, setupOf, type Change, EXAMPLE, KITE, HAUL, TENDER } from '#support/jobs';

const of = (job: Job, id = 'a'): SetupReport => evaluateSetup(job, setupOf(job, id), { sweeps: NO_SWEEPS });
const check = (report: SetupReport, code: string, axle: 'front' | 'rear' = 'front') =>
  [...report[axle].checks, ...report.checks].find((one) => one.code === code)!;

describe('load and speed on an axle', () => {
  test('the example: 88 is 560 kg, twice that for an axle of 950 kg', () => {
    const report = of(EXAMPLE);
    expect(report.front.tire.loadCapacityKg).toBe(560);
    expect(report.front.loadNeedKg).toBe(475);
    expect(check(report, 'load')).toMatchObject({ value: 560, limit: 475, margin: 85, unit: 'kg', verdict: 'ok' });
    expect(check(report, 'wheel-rating')).toMatchObject({ value: 560, limit: 475, verdict: 'ok' });
    expect(check(report, 'load').working).toContain('2 × 560 kg = 1120 kg for an axle of 950 kg');
  });
  test.each<[string, Change[], string, string, RegExp]>([
    ['too low an index', [['setups/a/front/tire/loadIndex', 81]], 'load', 'fail', /2 × 462 kg/],
    ['no index', [['setups/a/front/tire/loadIndex', undefined]], 'load', 'unknown', /not known: the load index/],
    ['no plate', [['vehicle/front/axleRatingKg', undefined]], 'load', 'unknown', /axle rating, from the plate/],
    [
      'no plate and less than now',
      [
        ['vehicle/front/axleRatingKg', undefined],
        ['vehicle/front/baseline/tire/loadIndex', 91],
      ],
      'load',
      'fail',
      /never go down/,
    ],
    [
      'enough, but less than now',
      [['vehicle/front/baseline/tire/loadIndex', 91]],
      'load',
      'caution',
      /less than the 615 kg of the tires on the car now/,
    ],
    ['a heavier axle', [['vehicle/front/axleRatingKg', 1121]], 'load', 'fail', /axle of 1121 kg/],
    ['exactly enough', [['vehicle/front/axleRatingKg', 1120]], 'load', 'ok', /2 × 560 kg = 1120 kg/],
    [
      'on a truck',
      [
        ['vehicle/class', 'truck'],
        ['vehicle/front/axleRatingKg', 1019],
      ],
      'load',
      'fail',
      /560 kg \/ 1\.10 = 509\.1 kg \(FMVSS 571\.110\)/,
    ],
    [
      'a letter only',
      [['setups/a/front/tire', { size: 'LT205/75R17 C' }]],
      'load',
      'unknown',
      /load range C rates the casing, not the load/,
    ],
    ['a weak wheel', [['setups/a/front/wheel/ratingKg', 470]], 'wheel-rating', 'fail', /2 × 470 kg/],
    [
      'a wheel without a stamp',
      [['setups/a/front/wheel/ratingKg', null]],
      'wheel-rating',
      'unknown',
      /stamped behind a spoke/,
    ],
    ['fast enough', [['vehicle/topSpeedKmh', 270]], 'speed-rating', 'ok', /W is 270 km\/h/],
    ['too slow', [['vehicle/topSpeedKmh', 271]], 'speed-rating', 'fail', /the car runs 271 km\/h/],
    ['as now', [['vehicle/front/baseline/tire/speed', 'W']], 'speed-rating', 'ok', /tires on the car now are W/],
    ['slower than now', [['vehicle/front/baseline/tire/speed', 'Y']], 'speed-rating', 'fail', /Y, 300 km\/h/],
    ['nothing to go by', [], 'speed-rating', 'unknown', /not known: the car's top speed/],
    [
      'W at 250 keeps 95 %',
      [
        ['vehicle/topSpeedKmh', 250],
        ['vehicle/front/axleRatingKg', 1065],
      ],
      'load',
      'fail',
      /95 % of it/,
    ],
  ])('%s', (_, edits, code, verdict, line) => {
    const found = check(of(changed(EXAMPLE, ...edits)), code);
    expect(found.verdict).toBe(verdict);
    expect(found.working.join('\n')).toMatch(line);
  });
  test('an index beside the size that differs from the one behind it counts, and is said', () => {
    const report = of(changed(EXAMPLE, ['setups/a/front/tire/size', '205/45R17 84W']));
    expect(report.front.tire.loadCapacityKg).toBe(560);
    expect(check(report, 'load').working.join()).toMatch(/load index differs from the one in the size/);
  });
  test('pressure: an estimate with its caution, null without the present one', () => {
    const job = changed(EXAMPLE, ['vehicle/front/pressureKpa', 220], ['vehicle/front/baseline/tire/loadIndex', 88]);
    expect(of(job).front.pressureKpa).toBeCloseTo(220, 9);
    expect(of(job).front.working.pressureKpa!.join()).toMatch(/the tire maker's table decides/);
    expect(of(EXAMPLE).front.pressureKpa).toBeNull();
  });
});

describe('a tire by its own dimensions', () => {
  test('a section listed on a test rim comes to this rim, and says so', () => {
    const job = changed(EXAMPLE, ['setups/a/front/tire/sectionWidthMm', 208], ['setups/a/front/tire/testRimIn', 7]);
    const { tire, working } = of(job).front;
    expect(tire.sectionWidthMm).toBeCloseTo(208 + 0.4 * 12.7, 9);
    expect(working.sectionWidthMm!.join()).toMatch(/on a rim of 7 in, measured or from the maker's table/);
  });
  test('two makes of one size and nominal size stand side by side; another size does not', () => {
    const items: ShelfItem[] = [
      {
        kind: 'tire',
        name: 'Ridgeway 205/45R17',
        maker: 'Fenwold',
        size: '205/45R17',
        testRimIn: 7,
        sectionWidthMm: 208,
        overallDiameterMm: 615,
      },
      { kind: 'tire', name: 'Scree', maker: 'Ostrik', size: '205/45 zr 17 88W', overallDiameterMm: 619, quantity: 0 },
      { kind: 'tire', name: 'Other', maker: 'Ostrik', size: '215/45R17' },
      { kind: 'ring', name: 'R', outerMm: 72.6, innerMm: 63.4 },
    ];
    const makes = makesOfSize({ job: EXAMPLE, setup: EXAMPLE.setups[0]!, axle: 'front', items });
    expect(makes.map(({ name, short, ofSize }) => [name, short, ofSize])).toEqual([
      ['size', 'size', true],
      ['Fenwold Ridgeway 205/45R17', 'Fenwold Ridgeway', false],
      ['Ostrik Scree', 'Ostrik Scree', false],
    ]);
    expect(makes.map(({ figures }) => figures.tire.overallDiameterMm)).toEqual([616, 615, 619]);
    const [size, fenwold] = makes;
    // Half of the millimeter in diameter.
    expect(fenwold!.figures.archGapMm! - size!.figures.archGapMm!).toBeCloseTo(0.5, 9);
    expect(
      makesOfSize({ job: changed(EXAMPLE, ['setups/a/front/tire', {}]), setup: { id: 'a' }, axle: 'front', items }),
    ).toEqual([]);
  });
});

describe('other tire sizes', () => {
  test('each is approved for the rim, within the diameter window, carries the axle and does not touch', () => {
    for (const job of [EXAMPLE, KITE, HAUL])
      for (const setup of job.setups) {
        const found = sizesThatDo(job, setup, 'front');
        const { out, sizes, considered } = found;
        expect(out.rim + out.diameter + out.load + out.room + sizes.length).toBe(considered);
        const limit = job.brief?.limits?.diameterPct ?? 3;
        for (const { name, figures, verdict, load } of sizes) {
          const { least, most } = rimRangeIn(readTireSize(name));
          expect(setup.front!.wheel!.rimWidthIn!).toBeGreaterThanOrEqual(least);
          expect(setup.front!.wheel!.rimWidthIn!).toBeLessThanOrEqual(most);
          expect(Math.abs(figures.diameterChangePct!)).toBeLessThanOrEqual(limit);
          expect(verdict).not.toBe('fail');
          expect(['carries', 'reinforced', 'unknown']).toContain(load);
          // The same figures as when the size stands on the setup.
          const alone = evaluateSetup(job, withSize(setup, 'front', name), { sweeps: NO_SWEEPS }).front;
          expect(figures.pokeMm).toBe(alone.pokeMm);
        }
      }
  });
  test('the size on the car in the example’s rim comes out, best first is the nearest to what is asked', () => {
    const { sizes } = sizesThatDo(EXAMPLE, EXAMPLE.setups[0]!, 'front');
    const names = sizes.map(({ name }) => name);
    expect(names).toContain('205/45R17');
    const certain = sizes.filter(({ verdict, load }) => verdict === sizes[0]!.verdict && load === sizes[0]!.load);
    const aparts = certain.map(({ apart }) => apart);
    expect(aparts).toEqual([...aparts].sort((one, other) => one - other));
  });
  test('a wider window never takes a size out; a heavier axle never adds one', () => {
    const names = (job: Job) => new Set(sizesThatDo(job, job.setups[0]!, 'front').sizes.map(({ name }) => name));
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 5 }), fc.integer({ min: 1, max: 5 }), (pct, more) => {
        const [narrow, wide] = [pct, pct + more].map((limit) =>
          names(changed(EXAMPLE, ['brief/limits/diameterPct', limit])),
        );
        for (const name of narrow!) expect(wide).toContain(name);
      }),
      { numRuns: 10 },
    );
    const heavier = names(changed(EXAMPLE, ['vehicle/front/axleRatingKg', 1300]));
    for (const name of heavier) expect(names(EXAMPLE)).toContain(name);
    expect(heavier.size).toBeLessThan(names(EXAMPLE).size);
  });
  test('without a rim it says what is missing', () => {
    const bare = changed(EXAMPLE, ['setups/a/front/wheel', { offsetMm: 40 }]);
    expect(sizesThatDo(bare, bare.setups[0]!, 'front')).toMatchObject({
      sizes: [],
      missing: ['rim diameter', 'rim width'],
    });
  });
});

describe('dual rear wheels', () => {
  test('the van as built, by hand: 2 × (109.5 + 13) = 245 between centerlines, 41.5 between sidewalls', () => {
    const { rear } = of(TENDER);
    expect(rear.dualSpacingMm).toBe(245);
    expect(rear.dualGapMm).toBeCloseTo(245 - 203.48, 9);
    expect(check(of(TENDER), 'dual', 'rear').verdict).toBe('ok');
    // Dual index 108: 1000 kg on each of four.
    expect(rear.tire.loadCapacityKg).toBe(1000);
    expect(check(of(TENDER), 'load', 'rear').working.join()).toMatch(/4 × 1000 kg = 4000 kg for an axle of 3200 kg/);
  });
  test('face and fender are those of the outer wheel, the inner clearance that of the inner one', () => {
    const now = changed(TENDER, ['setups/a/rear/tire/size', '195/75R16C 107/105R']);
    expect(of(now).rear).toMatchObject({ pokeMm: -34, inboardGapMm: 52, trackChangeMm: 0 });
    const spread = of(changed(now, ['setups/a/rear/dualSpacerMm', 8])).rear;
    expect(spread.pokeMm).toBeCloseTo(-26, 9);
    expect(spread.inboardGapMm).toBeCloseTo(52, 9);
    expect(spread.trackChangeMm).toBeCloseTo(8, 9);
    const out = of(changed(now, ['setups/a/rear/stack', [{ kind: 'slip-on', thicknessMm: 5 }]])).rear;
    expect([out.pokeMm, out.inboardGapMm, out.trackChangeMm]).toEqual([-29, 57, 10]);
  });
  test.each<[string, Change[], string, RegExp]>([
    [
      'dual spacing missing: no pad',
      [['setups/a/rear/wheel/padThicknessMm', undefined]],
      'unknown',
      /not known: the thickness of its pad/,
    ],
    [
      'dual spacing missing: no offset',
      [['setups/a/rear/wheel/offsetMm', undefined]],
      'unknown',
      /not known: the wheel's offset/,
    ],
    ['under the shop gap', [['setups/a/rear/wheel/offsetMm', 100]], 'caution', /the shop default \(assumed/],
    [
      'the maker allows less',
      [
        ['setups/a/rear/wheel/offsetMm', 100],
        ['setups/a/rear/tire/minDualSpacingMm', 224],
      ],
      'ok',
      /the maker's least spacing 224\.0 mm/,
    ],
    [
      'the maker wants more',
      [['setups/a/rear/tire/minDualSpacingMm', 250]],
      'caution',
      /5\.0 mm more between the discs is enough/,
    ],
    [
      'kissing when grown',
      [['setups/a/rear/wheel/offsetMm', 92]],
      'fail',
      /grown in service, both sidewalls: −1\.6 mm/,
    ],
    ['a single wheel’s offset', [['setups/a/rear/wheel/offsetMm', 30]], 'fail', /between the sidewalls/],
  ])('%s', (_, edits, verdict, line) => {
    const found = check(of(changed(TENDER, ...edits)), 'dual', 'rear');
    expect(found.verdict).toBe(verdict);
    expect(found.working.join('\n')).toMatch(line);
  });
  test('without the spacing nothing lateral is guessed', () => {
    const { rear } = of(changed(TENDER, ['setups/a/rear/wheel/padThicknessMm', undefined]));
    expect([rear.pokeMm, rear.inboardGapMm, rear.dualSpacingMm, rear.trackChangeMm]).toEqual([null, null, null, null]);
  });
  test('fasteners reach through both discs and the spacer between', () => {
    expect(of(TENDER).rear.fastening.engagementMm).toBe(52 - 26);
    expect(of(changed(TENDER, ['setups/a/rear/dualSpacerMm', 10])).rear.fastening.engagementMm).toBe(52 - 36);
    expect(of(TENDER).front.fastening.engagementMm).toBe(52 - 13);
  });
  test('a car without dual wheels has no such check', () => expect(check(of(EXAMPLE), 'dual')).toBeUndefined());
});
