import fc from 'fast-check';
import { type Job, type Setup } from '#core/job';
import { measuringRimIn, readTireSize, rimRangeIn } from '#core/tire';
import { evaluateSetup, obstacleSlopes, type ObstacleSpreads, VERDICT_SWEEPS } from '#core/evaluate';
import { setupAt, tireFor, windowOf, type FitWindow, type WindowAsk } from '.';
import { changed, setupOf, type Change, KITE, HAUL, VELDER, TENDER } from '#support/jobs';

const ask = (over: Partial<WindowAsk> = {}): WindowAsk => ({
  rule: 'fixed',
  rimWidthsIn: [6.5, 7, 7.5, 8],
  offsetsMm: [-20, 70],
  ...over,
});

const HELD = new Set(['fender', 'inboard', 'arch', 'coverage', 'dual', 'rim-width', 'diameter']);

/** How sure the clearances of a setup are, as its window takes it. */
function surely(job: Job, setup: Setup, axle: 'front' | 'rear'): ObstacleSpreads {
  const known = kept.get(job) ?? {};
  kept.set(job, known);
  return (known[`${setup.id} ${axle}`] ??= obstacleSlopes(job, setup, axle));
}
const kept = new WeakMap<Job, Record<string, ObstacleSpreads>>();

/** Whether everything that a window looks at has its limit, by the one road from readings to verdicts. */
function holds(job: Job, setup: Setup, axle: 'front' | 'rear', rimWidthIn: number, offsetMm: number): boolean {
  const { tire } = tireFor({ job, setup, axle, rule: 'fixed', rimWidthIn })!;
  const at = setupAt({ setup, axle, at: { rimWidthIn, offsetMm }, tire });
  const sures = surely(job, setup, axle);
  const { checks } = evaluateSetup(job, at, { sweeps: { ...VERDICT_SWEEPS, sure: () => () => sures } })[axle];
  return checks
    .filter(({ code }) => HELD.has(code) || code.startsWith('obstacle:'))
    .every(
      ({ code, verdict, margin, limit }) =>
        // A rub within what was accepted keeps its limit.
        verdict === 'ok' || (verdict === 'caution' && code.startsWith('obstacle:') && margin! >= 0 && limit! < 0),
    );
}

/** Where holding begins or ends between two offsets, by halving. */
function bisected(
  job: Job,
  setup: Setup,
  axle: 'front' | 'rear',
  rim: number,
  inside: number,
  outside: number,
): number {
  let [good, bad] = [inside, outside];
  while (Math.abs(good - bad) > 0.01) {
    const middle = (good + bad) / 2;
    if (holds(job, setup, axle, rim, middle)) good = middle;
    else bad = middle;
  }
  return (good + bad) / 2;
}

/** Every edge of a window against halving, and a look between and outside. */
function compare(job: Job, setup: Setup, axle: 'front' | 'rear', window: FitWindow): number {
  let edges = 0;
  for (const { rimWidthIn, spans } of window.rows)
    for (const { fromMm, toMm, low, high } of spans) {
      if (toMm - fromMm < 0.5) continue;
      const middle = (fromMm + toMm) / 2;
      expect({ rimWidthIn, middle, holds: holds(job, setup, axle, rimWidthIn, middle) }).toMatchObject({ holds: true });
      if (low) expect(Math.abs(bisected(job, setup, axle, rimWidthIn, middle, fromMm - 3) - fromMm)).toBeLessThan(0.2);
      if (high) expect(Math.abs(bisected(job, setup, axle, rimWidthIn, middle, toMm + 3) - toMm)).toBeLessThan(0.2);
      edges += (low ? 1 : 0) + (high ? 1 : 0);
    }
  return edges;
}

/** A job with its target wide open, so that parts and inner clearance hold the edges; and with any other change. */
const open = (job: Job, ...edits: Change[]): Job =>
  changed(job, ['brief/pokeMm', { min: -200, max: 200 }], ['brief/limits/inboardMm', 0], ...edits);
/** A shop whose ± were too small. */
const OWN = { scale: 2, biasMm: 0.5, fittings: 9 };
const wide: WindowAsk['offsetsMm'] = [-80, 160];

describe('window edges against halving evaluate', () => {
  test.each([
    ['as the target holds them', KITE, 'a', 'front', [7.5]],
    ['as parts hold them', open(KITE), 'a', 'front', [6.5, 7.5]],
    ['behind, past a seam', open(KITE), 'b', 'rear', [8]],
    ['past a measured lip', open(HAUL, ['brief/limits/diameterPct', 20]), 'b', 'front', [8]],
    ['lug bolts, small rims', open(VELDER), 'a', 'front', [6]],
    ['dual wheels', open(TENDER), 'a', 'rear', [5.5, 6]],
    [
      'with the body raised',
      open(KITE, ['setups/a/suspensionChange/front', { kind: 'body', mm: 30 }]),
      'a',
      'front',
      [7],
    ],
    ['with growth and bulge', open(KITE, ['brief/sweep', { growth: true, bulgeMm: 4 }]), 'a', 'front', [7]],
    ['with rubs of plastic accepted', open(KITE, ['brief/rules', { rub: 'plastic' }]), 'a', 'front', [7.5]],
    ['with rubs at full lock accepted', open(KITE, ['brief/rules', { rub: 'full-lock' }]), 'a', 'front', [7.5]],
    ['with room for chains', open(KITE, ['brief/rules', { winter: 'S' }]), 'a', 'front', [7]],
    [
      'as the shop has shown to be of room',
      open(KITE, ['house/ownError', { poke: OWN, inboard: OWN, arch: OWN, obstacle: OWN }]),
      'a',
      'front',
      [7.5],
    ],
    ['under a cover', open(HAUL, ['brief/rules', { cover: 'eu-1009-2010' }]), 'a', 'front', [8]],
  ] as const)('%s', (_, job, id, axle, widths) => {
    const setup = setupOf(job, id);
    const window = windowOf({ job, setup, axle, ask: ask({ rimWidthsIn: widths, offsetsMm: wide }) });
    expect(compare(job, setup, axle, window)).toBeGreaterThan(0);
  });

  test('on cars of all kinds', () => {
    const gap = fc.integer({ min: 12, max: 40 });
    const clock = (min: number, max: number) => fc.integer({ min, max });
    const car = fc.record({
      liner: fc.record({ clockDeg: clock(-130, -80), gapMm: gap, steerDeg: fc.constant(-32) }),
      bumper: fc.record({
        clockDeg: clock(80, 120),
        gapMm: gap,
        steerDeg: fc.constant(38),
        travelMm: fc.constantFrom(0, 20),
      }),
      frame: fc.record({ clockDeg: clock(-90, -50), gapMm: gap, steerDeg: fc.constant(38) }),
      kind: fc.constantFrom('strut', 'wishbone', 'axle'),
      rim: fc.constantFrom(6.5, 7, 7.5),
    });
    let edges = 0;
    fc.assert(
      fc.property(car, ({ liner, bumper, frame, kind, rim }) => {
        const job = open(
          KITE,
          ['vehicle/front/suspension', { kind, bumpMm: 40, droopMm: 50 }],
          [
            'vehicle/front/obstacles',
            [
              { id: 'liner', kind: 'liner', gap: { surface: 'outer-shoulder', ...liner } },
              { id: 'frame', kind: 'frame', gap: { surface: 'inner-shoulder', ...frame } },
              { id: 'bumper', kind: 'bumper-corner', gap: { surface: 'outer-shoulder', ...bumper } },
            ],
          ],
        );
        const setup = setupOf(job, 'a');
        const window = windowOf({ job, setup, axle: 'front', ask: ask({ rimWidthsIn: [rim], offsetsMm: [0, 80] }) });
        edges += compare(job, setup, 'front', window);
      }),
      { numRuns: 8, seed: 7 },
    );
    expect(edges).toBeGreaterThan(10);
  });
});

/** Whether one row's spans lie within another's. */
const within = (small: FitWindow, large: FitWindow): boolean =>
  small.rows.every(({ spans }, index) =>
    spans.every(({ fromMm, toMm }) =>
      large.rows[index]!.spans.some((other) => other.fromMm <= fromMm + 1e-6 && other.toMm >= toMm - 1e-6),
    ),
  );
const windowIn = (job: Job, over: Partial<WindowAsk> = {}) =>
  windowOf({ job, setup: setupOf(job, 'a'), axle: 'front', ask: ask(over) });

describe('what a window must be', () => {
  test('a wider target, or a lower limit, never shrinks it', () => {
    const target = fc.record({
      min: fc.integer({ min: -30, max: 0 }),
      max: fc.integer({ min: 0, max: 15 }),
      more: fc.integer({ min: 0, max: 20 }),
      limit: fc.integer({ min: 0, max: 15 }),
    });
    fc.assert(
      fc.property(target, ({ min, max, more, limit }) => {
        const narrow = open(
          KITE,
          ['brief/pokeMm', { min, max }],
          ['brief/limits/inboardMm', limit],
          ['brief/limits/fullLockMm', limit],
        );
        const wider = open(
          KITE,
          ['brief/pokeMm', { min: min - more, max: max + more }],
          ['brief/limits/inboardMm', limit / 2],
          ['brief/limits/fullLockMm', limit / 2],
        );
        expect(within(windowIn(narrow, { rimWidthsIn: [7, 8] }), windowIn(wider, { rimWidthsIn: [7, 8] }))).toBe(true);
      }),
      { numRuns: 15, seed: 11 },
    );
  });
  test('what the brief allows to be done never shrinks it, and lengthens it where a part holds it', () => {
    const allowed = open(KITE, [
      'brief/remedies',
      { trimPlastic: true, fold: true, lift: { kind: 'strut-top', mostMm: 40 } },
    ]);
    const window = windowIn(allowed, { offsetsMm: wide });
    for (const { spans, eased } of window.rows)
      for (const { fromMm, toMm } of spans)
        expect(eased!.some((other) => other.fromMm <= fromMm && other.toMm >= toMm)).toBe(true);
    const length = (spans: readonly { fromMm: number; toMm: number }[]) =>
      spans.reduce((sum, { fromMm, toMm }) => sum + toMm - fromMm, 0);
    expect(window.rows.some(({ spans, eased }) => length(eased!) > length(spans) + 1)).toBe(true);
    expect(windowIn(KITE).rows.every(({ eased }) => eased === null)).toBe(true);
  });
  test('a stack moves it by its own thickness', () => {
    const thick = open(KITE, ['setups/a/front/stack', [{ kind: 'slip-on', thicknessMm: 7 }]]);
    const [plain, spaced] = [
      windowIn(open(KITE), { offsetsMm: [-150, 150] }),
      windowIn(thick, { offsetsMm: [-150, 150] }),
    ];
    plain.rows.forEach(({ spans }, row) =>
      spans.forEach(
        ({ fromMm, low }, at) => low && expect(spaced.rows[row]!.spans[at]!.fromMm - fromMm).toBeCloseTo(7, 1),
      ),
    );
  });
  test('cover without a lip that has a shape is limited by the present tuck; an arc nobody measured is named', () => {
    const proud: Change[] = [
      ['brief/pokeMm', { min: -20, max: 15 }],
      ['brief/rules', { cover: 'eu-1009-2010' }],
    ];
    const still = changed(KITE, ...proud, ['vehicle/front/suspension']);
    const level = changed(KITE, ['brief/pokeMm', { min: -20, max: 0 }], ['vehicle/front/suspension']);
    const row = (job: Job) => windowIn(job, { rimWidthsIn: [7.5] }).rows[0]!.spans[0]!;
    expect(row(still).fromMm).toBeCloseTo(row(level).fromMm, 9);
    expect(row(still).low!.code).toBe('coverage');
    expect(windowIn(still).missing).toContain('the fender lip over the whole arc that must be covered');
    expect(windowIn(changed(KITE, ...proud)).missing).toEqual([]);
  });
  test('says which readings it lacks', () => {
    const blind = open(KITE, ['vehicle/front/room/outboardGapMm', null], ['vehicle/front/suspension', null]);
    expect(windowIn(blind).missing).toEqual(
      expect.arrayContaining(['the present tuck', 'how the wheel moves: the kind of suspension']),
    );
    expect(windowIn(KITE).missing).toEqual([]);
  });
});

describe('an empty window', () => {
  test('says what holds it shut and which single change opens it, and by how much', () => {
    const tight = open(KITE, ['brief/pokeMm', { min: 30, max: 32 }]);
    const { shut, rows } = windowIn(tight);
    expect(rows.every(({ spans }) => spans.length === 0)).toBe(true);
    expect(shut!.holders.length).toBeGreaterThan(0);
    const [first] = shut!.opens;
    // Taken at its word: the change it names opens the row it names.
    expect(first!.code).toBe('fender-in');
    const eased = open(KITE, ['brief/pokeMm', { min: 30 - first!.byMm! - 0.2, max: 32 }]);
    expect(windowIn(eased, { rimWidthsIn: [first!.rimWidthIn] }).rows[0]!.spans).toHaveLength(1);
    const less = open(KITE, ['brief/pokeMm', { min: 30 - first!.byMm! + 0.3, max: 32 }]);
    expect(windowIn(less, { rimWidthsIn: [first!.rimWidthIn] }).rows[0]!.spans).toHaveLength(0);
  });
  test('a tire that goes on no rim of it', () => {
    const { rows, shut } = windowIn(KITE, { rimWidthsIn: [10, 11] });
    expect(rows.map(({ closedBy }) => closedBy)).toEqual([
      ['Rim width for the tire'],
      ['Rim width for the tire', 'Poke'],
    ]);
    // The face is too far out as well: no single change opens it.
    expect(shut!.opens).toEqual([]);
  });
});

test('a closed row names what holds it from either side', () => {
  const tight = changed(
    KITE,
    ['brief/pokeMm', { max: 0 }],
    ['brief/limits/inboardMm', 60],
    ['vehicle/front/obstacles', []],
  );
  const [row] = windowIn(tight, { rimWidthsIn: [7.5], offsetsMm: [-20, 100] }).rows;
  expect(row!.spans).toEqual([]);
  expect(row!.closedBy).toEqual(['Poke', 'Inner clearance, at rest']);
  expect(row!.working.join('\n')).toMatch(/Poke rules out offsets below \+31\.3/);
});

describe('rules for the tire', () => {
  const a = setupOf(KITE, 'a');
  test('the same diameter: made for each rim, as tall as the present one, wider on a wider rim', () => {
    let narrower = 0;
    for (let rim = 5; rim <= 12; rim += 0.5) {
      const { tire, size } = tireFor({ job: KITE, setup: a, axle: 'front', rule: 'same-diameter', rimWidthIn: rim })!;
      expect(tire.overallDiameterMm).toBeCloseTo(615, 6);
      expect(size!.nominalWidthMm).toBeGreaterThan(narrower);
      narrower = size!.nominalWidthMm;
      const { least, most } = rimRangeIn(size!);
      expect([rim, rim >= least && rim <= most]).toEqual([rim, true]);
      expect(Math.abs(measuringRimIn(size!) - rim)).toBeLessThanOrEqual(0.5);
    }
  });
  // Tire and rim tables, from memory: sizes and their measuring rims; the diameter is the size's own.
  test.each([
    ['195/65R15', 6],
    ['205/55R16', 6.5],
    ['225/45R17', 7.5],
    ['245/40R18', 8.5],
    ['255/35R19', 9],
    ['285/70R17', 8.5],
  ])('as tall as %s, for its measuring rim of %s in: as near as rims in half inches tell', (name, rim) => {
    const size = readTireSize(name)!;
    const setup: Setup = {
      ...a,
      front: { ...a.front, wheel: { ...a.front!.wheel, rimDiameterIn: size.rimDiameterIn } },
    };
    const job = changed(
      KITE,
      ['vehicle/front/baseline/tire', { size: name }],
      ['vehicle/front/baseline/wheel/rimDiameterIn', size.rimDiameterIn],
    );
    const found = tireFor({ job, setup, axle: 'front', rule: 'same-diameter', rimWidthIn: rim })!.size!;
    // A measuring rim is rounded by up to a quarter inch, and is three quarters of the section or more.
    expect(Math.abs(found.nominalWidthMm - size.nominalWidthMm)).toBeLessThanOrEqual((0.25 * 25.4) / 0.75);
  });
  // ISO 4000-1 and tire and rim tables, from memory: 205/45R17 and 215/45R17 go on 7 in.
  test('the best standard size: on its approved rims, nearest in diameter', () => {
    const { name } = tireFor({ job: KITE, setup: a, axle: 'front', rule: 'best-standard', rimWidthIn: 7 })!;
    expect(name).toMatch(/^(205|215|225|195)\/\d+R17$/);
    expect(tireFor({ job: KITE, setup: a, axle: 'front', rule: 'best-standard', rimWidthIn: 15 })).toBeNull();
  });
  test('a section measured on the setup’s rim follows the rim', () => {
    const measured: Setup = { ...a, front: { ...a.front, tire: { ...a.front!.tire, sectionWidthMm: 210 } } };
    expect(tireFor({ job: KITE, setup: measured, axle: 'front', rule: 'fixed', rimWidthIn: 8 })!.tire.testRimIn).toBe(
      a.front!.wheel!.rimWidthIn,
    );
  });
});
