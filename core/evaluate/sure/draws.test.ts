import jStat from 'jstat';
import type { Job } from '#core/job';
import { sweep } from '#core/sweep';
import { drawnPlusMinus, normalShare, shareOfDraws, sigmaOf, seededChance, shuffled } from '#core/uncertainty';
import { evaluate, evaluateSetup } from '../evaluate';
import { obstacleSpreads } from './draws';
import { obstacleDoubts } from './slopes';
import { touchShare } from '../spread';
import { axleParts, candidateCase } from '../parts';
import { changed, demoJob, setupOf, KITE } from '#support/jobs';

const b = setupOf(KITE, 'b');
const spreads = obstacleSpreads(KITE, b, 'front');

/** The clearance of a part by a whole sweep of a job. */
const clearance = (job: Job, id: string): number => {
  const one = candidateCase(job, setupOf(job, 'b'), 'front')!;
  return sweep({ ...one, parts: one.parts.filter((part) => part.id === id) }).parts[0]!.clearanceMm;
};

describe('how sure a swept clearance is', () => {
  test(
    'a part that moves with the wheel and rests on one reading: as the normal distribution of a statistics library' +
      ' has it',
    () => {
      // The tire that is on the car now, on a wheel of 10 mm less offset: what is wrong with its dimensions falls out.
      const { wheel, tire } = KITE.vehicle.front!.baseline!;
      const strut = KITE.vehicle.front!.obstacles!.filter(({ kind }) => kind === 'strut');
      const job = changed(
        KITE,
        ['vehicle/front/obstacles', strut],
        ['setups/b/front', { wheel: { ...wheel, offsetMm: wheel!.offsetMm! + 10 }, tire, stack: [] }],
      );
      const drawn = obstacleSpreads(job, setupOf(job, 'b'), 'front').strut!;
      expect(drawn.parts.map(({ name }) => name)).toEqual(['gap to Strut']);
      expect(drawnPlusMinus(drawn.values!)).toBeCloseTo(0.5, 1);
      for (const threshold of [11.4, 11.7, 12, 12.3, 12.6])
        expect(shareOfDraws(drawn.values!, threshold)).toBeCloseTo(
          1 - jStat.normal.cdf(threshold, 12, sigmaOf(0.5)),
          1.9,
        );
    },
  );

  // What an input contributes, against whole sweeps of cars in which it alone is off by its ±.
  const gapOf = (job: Job, id: string) => job.vehicle.front!.obstacles!.findIndex((part) => part.id === id);
  const off = (id: string, by: number): Job => {
    const at = gapOf(KITE, id);
    const parts = KITE.vehicle.front!.obstacles!.map((part, n) =>
      n === at ? { ...part, gap: { ...part.gap!, gapMm: part.gap!.gapMm + by } } : part,
    );
    return changed(KITE, ['vehicle/front/obstacles', parts]);
  };
  test.each([
    ['frame', 'gap to Inner wheelhouse', (by: number) => off('frame', by), 1.5],
    ['liner', 'gap to Liner bulge, lower rear', (by: number) => off('liner', by), 0.5],
  ] as const)('%s: %s', (id, name, job, span) => {
    const found = spreads[id]!.parts.find((part) => part.name === name)!;
    const swept = Math.abs(clearance(job(span), id) - clearance(job(-span), id)) / 2;
    expect(Math.abs(found.plusMinus - swept)).toBeLessThan(0.1 + 0.05 * swept);
  });
  test.each([
    ['bumper-corner', 'lock, leading edge out', 'lockOutDeg'],
    ['frame', 'kingpin inclination', 'kingpinInclinationDeg'],
    ['frame', 'lateral shift per mm of bump', 'lateralPerMm'],
  ] as const)('%s: %s of the suspension', (id, name, key) => {
    const found = spreads[id]!.parts.find((part) => part.name === name)!;
    const { resolved } = axleParts(KITE.vehicle, 'front');
    const value = resolved.geometry![key];
    const span =
      { lockOutDeg: 4, kingpinInclinationDeg: 3, lateralPerMm: 0.05 }[key] *
      (resolved.geometry && resolved.assumed.includes(key) ? 1 : 0.25);
    const at = (by: number) => clearance(changed(KITE, [`vehicle/front/suspension/${key}`, value + by]), id);
    const swept = Math.abs(at(span) - at(-span)) / 2;
    expect(Math.abs(found.plusMinus - swept)).toBeLessThan(0.3 + 0.2 * swept);
  });

  test('the clearance as swept lies well inside the draws; the least of all poses falls more easily', () => {
    for (const [id, drawn] of Object.entries(spreads)) {
      const above = shareOfDraws(drawn.values!, clearance(KITE, id));
      expect(above).toBeGreaterThan(0.15);
      expect(above).toBeLessThan(0.65);
    }
  });
  test('the same seed, the same draws', () => expect(obstacleSpreads(KITE, b, 'front')).toEqual(spreads));
  test('a reading without any uncertainty, on the tire it was read on: nothing is left in doubt', () => {
    const { wheel, tire } = KITE.vehicle.front!.baseline!;
    const strut = KITE.vehicle.front!.obstacles!.find(({ kind }) => kind === 'strut')!;
    const exact = changed(
      KITE,
      ['vehicle/front/obstacles', [{ ...strut, gap: { ...strut.gap!, gapMm: 12, uncertaintyMm: 0 } }]],
      ['setups/b/front', { wheel: { ...wheel, offsetMm: wheel!.offsetMm! + 10 }, tire, stack: [] }],
    );
    const drawn = obstacleSpreads(exact, setupOf(exact, 'b'), 'front').strut!;
    expect(drawnPlusMinus(drawn.values!)).toBeLessThan(0.02);
    const check = evaluateSetup(exact, setupOf(exact, 'b')).front.checks.find(({ code }) => code === 'obstacle:strut')!;
    // 2 mm are left of the 6 that are wanted.
    expect([check.verdict, check.probability, check.touchProbability]).toEqual(['caution', 0, 0]);
  });
  test('the report carries it on every swept check', () => {
    const report = JSON.parse(JSON.stringify(evaluate({ ...KITE, setups: [b] }))) as ReturnType<typeof evaluate>;
    const swept = report.setups[0]!.front.checks.filter(({ code }) => code.startsWith('obstacle:'));
    expect(swept.length).toBeGreaterThan(3);
    for (const { probability, touchProbability, plusMinus, restsOn, working } of swept) {
      expect(probability).toBeGreaterThanOrEqual(0);
      expect(touchProbability! + probability!).toBeLessThanOrEqual(1);
      expect(plusMinus).toBeGreaterThan(0);
      expect(restsOn!.length).toBeGreaterThan(0);
      expect(working.join()).toContain('256 cars drawn');
    }
  });
});

describe('seeded chance', () => {
  test('even over 0 to 1: mean, spread, and the share of each tenth', () => {
    const chance = seededChance(3);
    const values = Array.from({ length: 20_000 }, chance);
    const mean = values.reduce((sum, value) => sum + value, 0) / values.length;
    expect(mean).toBeCloseTo(0.5, 2);
    expect(values.reduce((sum, value) => sum + (value - mean) ** 2, 0) / values.length).toBeCloseTo(1 / 12, 2);
    for (let tenth = 0; tenth < 10; tenth++)
      expect(values.filter((value) => Math.floor(value * 10) === tenth).length / values.length).toBeCloseTo(0.1, 1.9);
  });
  test('a shuffle keeps every value', () => {
    const values = Array.from({ length: 50 }, (_, n) => n);
    const mixed = shuffled(values, seededChance(5));
    expect(mixed).not.toEqual(values);
    expect([...mixed].sort((one, other) => one - other)).toEqual(values);
    expect(normalShare(0)).toBe(0.5);
  });
});

describe('as far as a verdict needs it', () => {
  test.each([
    ['brindle-kite', 'd', 'rear'],
    ['orrin-haul', 'b', 'front'],
    ['velder-two', 'a', 'front'],
  ] as const)('%s %s %s: the chance of contact is that of the whole draws', (name, id, axle) => {
    const job = demoJob(name);
    const setup = setupOf(job, id);
    const [whole, doubts] = [obstacleSpreads(job, setup, axle), obstacleDoubts(job, setup, axle)];
    const drawn = Object.entries(doubts).filter(([, { values }]) => values);
    expect(drawn.length).toBeGreaterThan(0);
    for (const [part, sure] of drawn) expect(touchShare(sure, 0)).toBe(touchShare(whole[part]!, 0));
  });
});
