import fc from 'fast-check';
import Fraction from 'fraction.js';
import { DomainError } from '#core/errors';
import { evaluate, fittingReports, hubPatternOf } from '#core/evaluate';
import { applyEdits, type Job, type Setup } from '#core/job';
import { stepsOfFitting, tighteningsOf } from '#core/sheet';
import { mmFromInches } from '#core/units';
import { readJobFile } from '#formats/job';
import { READING_KEYS, readingsIn } from '#formats/fields';
import { changed, demoJob, demoJobFitted, type DemoName } from '#support/jobs';
import { ENTRIES, readCard } from './entries';
import { pressed } from './Keypad';
import type { FittingInHand } from '../fitup/useFittings';
import type { WalkCard } from './cards/card';
import { isOpen, measuringWalk, nextOpen, stillOpen } from './walk';

const EMPTY: Job = { format: 'scoval.job', version: 1, vehicle: {}, setups: [] };
const NOBODY: ReadonlySet<string> = new Set();
const cardOf = (job: Job, id: string): WalkCard => measuringWalk(job).find((card) => card.id === id)!;
/** The first fitting of a job as its station has it. */
/** The fitting of a job in hand; what it reads changes no figure of its setups. */
function inHandOf(job: Job, report = evaluate(job)): FittingInHand {
  const [fitting] = job.fittings!;
  const reportOf = (setup: Setup) => report.setups.find(({ id }) => id === setup.id)!;
  const steps = stepsOfFitting(job, fitting!, { unit: 'mm', reportOf });
  return {
    fitting: fitting!,
    steps,
    tightenings: tighteningsOf(steps),
    compared: fittingReports({ ...job, fittings: [fitting!] }, reportOf)[0]!,
  };
}
const RULE = { instrument: 'steel-rule', uncertaintyMm: 0.5 } as const;

describe('the keypad', () => {
  const typed = (...keys: string[]) => keys.reduce(pressed, '');
  test('figures, one point, a sign that turns, and the last key taken back', () => {
    expect(typed('1', '2', '.', '.', '5')).toBe('12.5');
    expect(typed('.', '5')).toBe('0.5');
    expect(typed('1', '8', '±')).toBe('−18');
    expect(typed('1', '±', '±')).toBe('1');
    expect(typed('1', '2', '⌫')).toBe('1');
    expect(typed('⌫')).toBe('');
  });
  test('inches: a fraction takes the place of another, a digit joins the whole inches', () => {
    expect(typed('2', '3/16')).toBe('2 3/16');
    expect(typed('3/16', '1/2')).toBe('1/2');
    expect(typed('1', '3/16', '2')).toBe('12 3/16');
    expect(typed('2', '3/16', '⌫', '⌫')).toBe('2 3/');
  });
  test('whole inches and sixteenths mean what a library of fractions makes of them', () => {
    const card = cardOf(EMPTY, 'front.room.archGapMm');
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 11 }), fc.integer({ min: 0, max: 15 }), (whole, sixteenths) => {
        const part = new Fraction(sixteenths, 16);
        const keys = [
          ...(whole === 0 && sixteenths > 0 ? '' : String(whole)),
          ...(sixteenths > 0 ? [part.toFraction()] : []),
        ];
        const inches = part.add(whole);
        expect(readCard(card, typed(...keys), 'in16')).toBeCloseTo(mmFromInches(inches.valueOf()), 9);
      }),
    );
  });
});

describe('what is typed on a card', () => {
  test.each([
    ['front.room.outboardGapMm', '12.5', 'mm', 12.5],
    ['front.room.outboardGapMm', '1/2', 'in16', 12.7],
    ['front.baseline.wheel.offsetMm', '−18', 'mm', -18],
    ['front.baseline.wheel.rimWidthIn', '7.5', 'mm', 7.5],
    ['front.hub.lugCount', '5', 'mm', 5],
    ['front.baseline.tire.size', ' 205/55r16 ', 'mm', '205/55R16'],
  ] as const)('%s: %s in %s', (id, text, unit, value) => {
    expect(readCard(cardOf(EMPTY, id), text, unit)).toBe(value);
  });
  test.each([
    ['front.room.outboardGapMm', 'a thumb'],
    ['front.room.outboardGapMm', '99999'],
    ['front.hub.lugCount', '4.5'],
    ['front.hub.boreMm', ''],
    ['front.baseline.tire.size', 'round'],
  ])('%s: %s is told', (id, text) => {
    expect(() => readCard(cardOf(EMPTY, id), text, 'mm')).toThrow(DomainError);
  });
});

/** Readings of an empty car that the usual figure does not do for. */
const ODD: Record<string, number> = { 'baseline.wheel.rimWidthIn': 7, 'hub.boltCircleMm': 112 };
const CARS: DemoName[] = ['brindle-kite', 'orrin-haul', 'velder-two', 'pallas-tender'];

describe('the walk', () => {
  test.each(CARS)('%s: every card once, with the value that the job has, in a place that takes it', (name) => {
    const job = demoJob(name);
    const walk = measuringWalk(job);
    expect(new Set(walk.map(({ id }) => id)).size).toBe(walk.length);
    for (const card of walk) {
      if (card.value === null) continue;
      expect(ENTRIES[card.entry].show(card.value, 'mm')).not.toMatch(/NaN|undefined/);
      const again = applyEdits(job, card.put(job, { value: card.value, taken: RULE }));
      const { faults } = readJobFile(JSON.stringify(again));
      expect([card.id, faults ?? []]).toEqual([card.id, []]);
      expect(cardOf(again, card.id).value).toEqual(card.value);
    }
  });
  test('holds every reading that the stations take with a tool, but what is worked out or seldom asked', () => {
    const keys = new Set(measuringWalk(EMPTY).map(({ key }) => key));
    const left = READING_KEYS.filter((key) => !keys.has(key));
    expect(left).toEqual([
      'hub.flangeDiameterMm',
      'hub.studHoleMm',
      'hub.fastener.threadDepthMm',
      'hub.fastener.nutDepthMm',
      'baseline.wheel.backspacingMm',
    ]);
  });
  test('an empty car is walked from its tire to its hubs, each reading kept with its tool, until nothing waits', () => {
    let job = EMPTY;
    const taken: string[] = [];
    const values: Record<WalkCard['entry'], number | string> = {
      length: 60,
      rim: 16,
      offset: 40,
      count: 5,
      size: '205/55R16',
      speed: 100,
    };
    for (
      let card = nextOpen(measuringWalk(job), { from: null, skipped: NOBODY });
      card;
      card = nextOpen(measuringWalk(job), { from: card.id, skipped: NOBODY, isTaken: true })
    ) {
      taken.push(card.id);
      expect(taken.length).toBeLessThan(80);
      const edits = card.put(job, {
        value: ODD[card.key!] ?? values[card.entry],
        taken: RULE,
      });
      if (card.entry === 'length' && card.key) expect(readingsIn(edits)).toMatchObject([{ ...RULE, key: card.key }]);
      job = applyEdits(job, edits);
    }
    expect(taken.slice(0, 2)).toEqual(['front.baseline.tire.size', 'front.baseline.wheel.rimWidthIn']);
    expect(stillOpen(measuringWalk(job))).toEqual({ needed: 0, worth: 0, takenOver: 0 });
    expect(readJobFile(JSON.stringify(job)).faults ?? []).toEqual([]);
  });
  test('a reading that cannot be true beside the others is told before it is taken', () => {
    const job = changed(EMPTY, ['vehicle/front', { hub: { boltCircleMm: 108, boreMm: 63.4 } }]);
    expect(() => readCard(cardOf(job, 'front.hub.boreMm'), '120', 'mm')).toThrow('smaller than the bolt circle');
    expect(() => readCard(cardOf(job, 'front.hub.boltCircleMm'), '60', 'mm')).toThrow('larger than the center bore');
    expect(readCard(cardOf(job, 'front.hub.boreMm'), '72.6', 'mm')).toBe(72.6);
  });
  test('what is skipped is passed by, and the left side is as the right until it is read', () => {
    const walk = measuringWalk(EMPTY);
    const [first] = walk;
    expect(nextOpen(walk, { from: null, skipped: new Set([first!.id]) })!.id).toBe(walk[1]!.id);
    expect(nextOpen(walk, { from: null, skipped: new Set(walk.map(({ id }) => id)) })).toBeNull();
    const job = changed(EMPTY, ['vehicle/front', { room: { archGapMm: 70 } }]);
    const left = cardOf(job, 'front.left.room.archGapMm');
    expect([left.value, left.like, isOpen(left)]).toEqual([null, 70, false]);
  });
  test('an offset that was written as backspacing becomes an offset; a part keeps how its gap was taken', () => {
    const job = changed(EMPTY, [
      'vehicle/front',
      { baseline: { wheel: { rimWidthIn: 7, backspacingMm: 140, backspacingConvention: 'overall' } } },
    ]);
    const card = cardOf(job, 'front.baseline.wheel.offsetMm');
    expect(card.value).not.toBeNull();
    const next = applyEdits(job, card.put(job, { value: 35, taken: RULE }));
    expect(next.vehicle.front!.baseline!.wheel).toEqual({ rimWidthIn: 7, offsetMm: 35 });
    const strut = applyEdits(EMPTY, cardOf(EMPTY, 'front.part.strut').put(EMPTY, { value: 12, taken: RULE }));
    expect(strut.vehicle.front!.obstacles).toMatchObject([{ id: 'strut', kind: 'strut', gap: { gapMm: 12, ...RULE } }]);
    const again = applyEdits(
      strut,
      cardOf(strut, 'front.part.strut').put(strut, { value: 11, taken: { ...RULE, uncertaintyMm: 0.7 } }),
    );
    expect(again.vehicle.front!.obstacles).toMatchObject([{ id: 'strut', gap: { gapMm: 11, uncertaintyMm: 0.7 } }]);
  });
  test('what was taken over from another car says so, is no card that waits, and goes when this one is read', () => {
    const gap = { surface: 'inner-shoulder', clockDeg: 0, gapMm: 18, uncertaintyMm: 4.1, fromJob: 'SK-004' } as const;
    const job = changed(EMPTY, [
      'vehicle/front',
      { room: { archGapMm: 70 }, obstacles: [{ id: 'strut', kind: 'strut', gap }] },
    ]);
    const taken = { ...RULE, key: 'room.archGapMm', value: 70, takenAt: '2026-03-01T09:00:00.000Z', corner: 'front' };
    const walk = measuringWalk(job, { readings: [{ ...taken, fromJob: 'SK-004' }] });
    const cards = walk.filter(({ fromJob }) => fromJob !== null);
    expect(cards.map(({ id, fromJob }) => [id, fromJob])).toEqual([
      ['front.room.archGapMm', 'SK-004'],
      ['front.part.strut', 'SK-004'],
    ]);
    expect(cards.some(isOpen)).toBe(false);
    expect(stillOpen(walk).takenOver).toBe(2);
    const read = applyEdits(job, cards[1]!.put(job, { value: 17, taken: RULE }));
    expect(read.vehicle.front!.obstacles![0]!.gap).toEqual({
      surface: 'inner-shoulder',
      clockDeg: 0,
      gapMm: 17,
      ...RULE,
    });
    expect(
      measuringWalk(read, { readings: [{ ...taken, fromJob: 'SK-004' }, taken] }).some(
        ({ fromJob }) => fromJob !== null,
      ),
    ).toBe(false);
  });
  test('a brake is traced one figure after the other; its outline is there with the last of them', () => {
    let job = EMPTY;
    const read: [string, number][] = [
      ['back', -20],
      ['radius.0', 80],
      ['reach.0', 30],
      ['radius.1', 120],
      ['reach.1', 45],
    ];
    let next: WalkCard | null = cardOf(job, 'front.caliper.back');
    for (const [key, value] of read) {
      expect(next?.id).toBe(`front.caliper.${key}`);
      expect(readCard(next!, String(value), 'mm')).toBe(value);
      job = applyEdits(job, next!.put(job, { value, taken: RULE }));
      next = nextOpen(measuringWalk(job), { from: next!.id, skipped: NOBODY, isTaken: true });
    }
    // What comes next in the run is another radius; left empty, the walk goes on elsewhere.
    expect(next?.id).toBe('front.caliper.radius.2');
    expect(nextOpen(measuringWalk(job), { from: next!.id, skipped: NOBODY })?.run).toBeUndefined();
    expect(job.vehicle.front!.caliper).toEqual({
      reach: {
        backMm: -20,
        rows: [
          { radiusMm: 80, reachMm: 30 },
          { radiusMm: 120, reachMm: 45 },
        ],
      },
      outline: [
        { a: -20, r: 80 },
        { a: 30, r: 80 },
        { a: 45, r: 120 },
        { a: -20, r: 120 },
      ],
      origin: 'traced',
    });
    expect(readJobFile(JSON.stringify(job)).faults ?? []).toEqual([]);
    expect(() => readCard(cardOf(job, 'front.caliper.reach.1'), '-30', 'mm')).toThrow('behind the back of the brake');
  });
  test('what a fitting under way asks for is walked too, each with what was predicted', () => {
    const begun = demoJobFitted('pallas-tender');
    const report = evaluate(begun);
    const inHand = inHandOf(begun, report);
    const cards = measuringWalk(begun, { inHand }).filter(({ station }) => station === 'fit-up');
    expect(cards.length).toBeGreaterThan(4);
    for (const card of cards) {
      const value = card.entry === 'speed' ? 98 : 12.5;
      const after = applyEdits(begun, card.put(begun, { value, taken: RULE }));
      const { faults } = readJobFile(JSON.stringify(after));
      expect([card.id, faults ?? []]).toEqual([card.id, []]);
      const again = measuringWalk(after, { inHand: inHandOf(after, report) }).find(({ id }) => id === card.id)!;
      expect(again.value).toBe(value);
    }
    expect(cards.some(({ expected }) => expected?.startsWith('predicted '))).toBe(true);
    const closed = { ...inHand, fitting: { ...inHand.fitting, finishedAt: '2026-04-01T10:00:00.000Z' } };
    expect(measuringWalk(begun, { inHand: closed }).some(({ station }) => station === 'fit-up')).toBe(false);
  });
  test('the widest pair of studs gives the bolt circle', () => {
    const job = changed(EMPTY, ['vehicle/front', { hub: { lugCount: 5, boreMm: 66.5 } }]);
    const card = cardOf(job, 'front.hub.pair');
    expect(card.help.where).toContain('furthest apart');
    // Of five on 112 mm the widest pair is 112·sin 72° apart (geometry of the regular pentagon).
    const value = 112 * Math.sin((72 * Math.PI) / 180);
    let read = applyEdits(job, card.put(job, { value: value + 1, taken: RULE }));
    read = applyEdits(read, cardOf(read, 'front.hub.pair').put(read, { value, taken: RULE }));
    expect(read.vehicle.front!.hub!.patternReadings).toHaveLength(1);
    expect(hubPatternOf(read.vehicle.front!.hub!).circle!.boltCircleMm).toBeCloseTo(112, 6);
    expect(readJobFile(JSON.stringify(read)).faults ?? []).toEqual([]);
    const four = changed(EMPTY, ['vehicle/front', { hub: { lugCount: 4 } }]);
    expect(cardOf(four, 'front.hub.pair').help.where).toContain('two opposite studs');
    expect(measuringWalk(EMPTY).some(({ id }) => id.endsWith('hub.pair'))).toBe(false);
  });
});
