import fc from 'fast-check';
import jStat from 'jstat';
import { evaluateSetup, type Check } from '#core/evaluate';
import type { OwnErrors } from '#core/fitting';
import type { Job } from '#core/job';
import { sigmaOf } from '#core/uncertainty';
import { changed, EXAMPLE, KITE, setupOf } from '#support/jobs';
import { plusMinusOf, rankedOf, shareOver, touchShare, type Sure } from './spread';
import { obstacleSpreads } from './sure/draws';
import { obstacleDoubts } from './sure/slopes';

const OWN = { scale: 1.6, biasMm: 0.8, fittings: 14 };
const followed = (job: Job, ownError: OwnErrors): Job => changed(job, ['house/ownError', ownError]);
const checksOf = (job: Job, axle: 'front' | 'rear' = 'front'): Check[] =>
  evaluateSetup(job, setupOf(job, 'b'))[axle].checks;
const checkOf = (job: Job, code: string): Check => checksOf(job).find((one) => one.code === code)!;

const parts = [
  { name: 'gap', plusMinus: 3, assumed: false },
  { name: 'tire', plusMinus: 4, assumed: true },
];

describe('how sure a figure is, by the shop’s own error', () => {
  test('± times the scale; chances as a statistics library has them for so wide a normal error', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.7, max: 5, noNaN: true }),
        fc.double({ min: -12, max: 12, noNaN: true }),
        (scale, at) => {
          const sure: Sure = { parts, values: null, own: { ...OWN, scale } };
          expect(plusMinusOf(sure)).toBeCloseTo(5 * scale, 9);
          expect(shareOver(sure, 6, at)).toBeCloseTo(1 - jStat.normal.cdf(at, 6, sigmaOf(5 * scale)), 9);
          expect(rankedOf(sure)[0]!.leftPlusMinus).toBeCloseTo(3 * scale, 9);
        },
      ),
    );
  });
  test('draws lie so many times as far from the figure', () => {
    const values = [-1, 2, 3, 5, 9];
    fc.assert(
      fc.property(
        fc.double({ min: 0.7, max: 5, noNaN: true }),
        fc.double({ min: -30, max: 30, noNaN: true }),
        (scale, at) => {
          const wider = values.map((value) => 3 + scale * (value - 3));
          // On the very edge the last digit decides.
          fc.pre(wider.every((value) => Math.abs(value - at) > 1e-9));
          const sure: Sure = { parts, values, own: { ...OWN, scale } };
          expect(shareOver(sure, 3, at)).toBe(wider.filter((value) => value >= at).length / 5);
        },
      ),
    );
  });
});

describe('in a job', () => {
  test.each([
    ['poke', 'fender'],
    ['inboard', 'inboard'],
    ['arch', 'arch'],
  ] as const)('the ± of %s follow it, those of other families do not', (family, code) => {
    const [plain, wide] = [checksOf(EXAMPLE), checksOf(followed(EXAMPLE, { [family]: OWN }))];
    for (const one of plain) {
      const other = wide.find((check) => check.code === one.code)!;
      const scale = one.code === code || (family === 'poke' && one.code === 'coverage') ? OWN.scale : 1;
      expect(other.value).toBe(one.value);
      if (one.plusMinus === null) expect(other.plusMinus).toBeNull();
      else expect(other.plusMinus).toBeCloseTo(scale * one.plusMinus, 9);
    }
  });
  test('the working says so, and names the bias that is left', () => {
    const working = checkOf(followed(EXAMPLE, { poke: OWN }), 'fender').working.join('\n');
    expect(working).toMatch(/× 1\.60 by the shop’s own error in 14 finished fittings: ±/);
    expect(working).toContain('measured 0.8 mm more than predicted, not corrected');
    expect(checkOf(EXAMPLE, 'fender').working.join()).not.toContain('own error');
  });
  test('a verdict turns where the chance of contact grows beyond what the shop accepts', () => {
    const job = changed(EXAMPLE, ['vehicle/front/room/archGapMm', 45]);
    expect(checkOf(job, 'arch').verdict).toBe('ok');
    const doubtful = checkOf(followed(job, { arch: { ...OWN, scale: 12 } }), 'arch');
    expect([doubtful.verdict, doubtful.touchProbability! > 0.05]).toEqual(['caution', true]);
  });
  test('parts that are swept: the same draws, further out; as far as a verdict needs it too', () => {
    const job = followed(KITE, { obstacle: { ...OWN, scale: 2.5 } });
    const setup = setupOf(job, 'b');
    const whole = evaluateSetup(job, setup).front.checks.filter(({ code }) => code.startsWith('obstacle:'));
    const plain = checksOf(KITE).filter(({ code }) => code.startsWith('obstacle:'));
    whole.forEach((one, at) => expect(one.plusMinus).toBeCloseTo(2.5 * plain[at]!.plusMinus!, 9));
    const [draws, doubts] = [obstacleSpreads(job, setup, 'front'), obstacleDoubts(job, setup, 'front')];
    const own = job.house!.ownError!.obstacle;
    const drawn = Object.entries(doubts).filter(([, { values }]) => values);
    expect(drawn.length).toBeGreaterThan(0);
    for (const [id, sure] of drawn) {
      const { value } = whole.find(({ code }) => code === `obstacle:${id}`)!;
      expect(touchShare({ ...sure, own }, value!)).toBe(touchShare({ ...draws[id]!, own }, value!));
    }
  });
});
