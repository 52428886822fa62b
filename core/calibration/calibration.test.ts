import fc from 'fast-check';
import jStat from 'jstat';
import { familyOf, type Fitting } from '#core/fitting';
import type { Job } from '#core/job';
import { SIGMAS_95 } from '#core/uncertainty';
import { demoJob } from '#support/jobs';
import { appliedScale, calibrate, estimateError, type ErrorSeen } from '.';

const seen = (error: number, plusMinus = 4, measuringPlusMinus = 0): ErrorSeen => ({
  error,
  plusMinus,
  measuringPlusMinus,
});

describe("a shop's own error", () => {
  test('nothing seen: what was thought before', () => {
    expect(estimateError([], 2)).toEqual({ n: 0, biasMm: 0, biasSdMm: 2, scale: 1, cover: null });
  });

  // Posterior mean and sd by adding up prior times likelihood on a fine grid: jstat's densities, no formula of ours.
  test.each([
    ['one error', [seen(3)], 2],
    ['three that agree', [seen(2, 3, 0.5), seen(2.5, 4, 1.5), seen(1.5, 5, 0.1)], 2],
    ['two that do not', [seen(-4, 2, 0.5), seen(5, 6, 0.5)], 1],
  ] as const)('%s: bias and its sd are those of the posterior, summed up', (_, errors, prior) => {
    const sigma = ({ plusMinus, measuringPlusMinus }: ErrorSeen) =>
      Math.hypot(plusMinus / SIGMAS_95, measuringPlusMinus / SIGMAS_95);
    let [mass, first, second] = [0, 0, 0];
    for (let bias = -20; bias <= 20; bias += 0.001) {
      const density = errors.reduce(
        (product, one) => product * jStat.normal.pdf(one.error, bias, sigma(one)),
        jStat.normal.pdf(bias, 0, prior),
      );
      mass += density;
      first += density * bias;
      second += density * bias ** 2;
    }
    const mean = first / mass;
    const { biasMm, biasSdMm } = estimateError(errors, prior);
    expect(biasMm).toBeCloseTo(mean, 6);
    expect(biasSdMm).toBeCloseTo(Math.sqrt(second / mass - mean ** 2), 6);
  });

  test('scale and cover by hand (from memory: a scaled inverse χ² with four degrees of freedom about 1)', () => {
    // σ = 2: with τ = 2 and two errors of 4 and 0, b = (4/4) / (2/4 + 1/4) = 4/3, z = 4/3 and −2/3.
    const [one, other] = [seen(4, 2 * SIGMAS_95), seen(0, 2 * SIGMAS_95)];
    const estimate = estimateError([one, other], 2);
    expect(estimate.biasMm).toBeCloseTo(4 / 3, 12);
    expect(estimate.scale).toBeCloseTo(Math.sqrt((4 + 16 / 9 + 4 / 9) / 6), 12);
    expect(estimate.cover).toBe(0.5);
  });

  test('a shop whose ± are right is left as it is; one that is twice as far off is found out', () => {
    // Draws of jstat are not seeded: quantiles of the normal stand for a sample of 399.
    const quantiles = Array.from({ length: 399 }, (_, at) => jStat.normal.inv((at + 1) / 400, 0, 1));
    const shop = (factor: number, bias: number) =>
      estimateError(
        quantiles.map((z) => seen(bias + factor * 1.5 * z, 1.5 * SIGMAS_95)),
        2,
      );
    const right = shop(1, 0);
    expect(right.scale).toBeCloseTo(1, 1);
    expect(right.cover).toBeCloseTo(0.95, 2);
    const wide = shop(2, 0.8);
    expect(wide.scale).toBeCloseTo(2, 1);
    expect(wide.biasMm).toBeCloseTo(0.8, 1);
    expect(wide.cover!).toBeLessThan(0.75);
  });

  test('any errors: finite, never surer than no error could make it, the prior holds a few back', () => {
    fc.assert(
      fc.property(
        fc.array(
          fc.tuple(fc.double({ min: -50, max: 50, noNaN: true }), fc.double({ min: 0.1, max: 20, noNaN: true })),
          {
            maxLength: 30,
          },
        ),
        fc.double({ min: 0.1, max: 10, noNaN: true }),
        (rows, prior) => {
          const { biasMm, biasSdMm, scale, n } = estimateError(
            rows.map(([error, plusMinus]) => seen(error, plusMinus)),
            prior,
          );
          const most = Math.max(0, ...rows.map(([error]) => Math.abs(error)));
          expect(n).toBe(rows.length);
          expect(Math.abs(biasMm)).toBeLessThanOrEqual(most + 1e-9);
          expect(biasSdMm).toBeLessThanOrEqual(prior + 1e-12);
          expect(biasSdMm).toBeGreaterThan(0);
          expect(scale).toBeGreaterThan(0);
        },
      ),
    );
  });

  test('errors without any ± weigh nothing', () => {
    expect(estimateError([seen(30, 0)], 2).n).toBe(0);
  });
});

test('± grow at once, and shrink from 20 fittings on, never below 0.7', () => {
  expect([appliedScale({ scale: 1.4 }, 1), appliedScale({ scale: 0.5 }, 19)]).toEqual([1.4, 1]);
  expect([appliedScale({ scale: 0.9 }, 20), appliedScale({ scale: 0.5 }, 20)]).toEqual([0.9, 0.7]);
});

test('families of figures; height, spare and dual gap say nothing of how a shop measures', () => {
  expect(
    (['pokeMm', 'inboardGapMm', 'archGapMm', 'obstacle:strut', 'brakeSpokeMm', 'trueSpeedAt100'] as const).map(
      familyOf,
    ),
  ).toEqual(['poke', 'inboard', 'arch', 'obstacle', 'brake', 'speed']);
  expect((['rideHeightMm', 'spareProudMm', 'dualGapMm'] as const).map(familyOf)).toEqual([null, null, null]);
});

describe('over job files', () => {
  const fitting = (change: Partial<Fitting>): Fitting => ({
    id: 'f1',
    kind: 'final',
    startedAt: '2026-03-02T08:40:00Z',
    finishedAt: '2026-03-02T11:00:00Z',
    corners: {
      frontRight: {
        setup: 'a',
        predicted: [
          { figure: 'pokeMm', valueMm: -8, plusMinusMm: 3 },
          { figure: 'obstacle:strut', valueMm: 6, plusMinusMm: 4, steerDeg: -20, travelMm: 10 },
        ],
        measured: [{ figure: 'pokeMm', valueMm: -6, instrument: 'steel-rule' }],
        marks: [{ id: 'm1', surface: 'tread', clockDeg: 0, steerDeg: -20, travelMm: 10, on: 'strut' }],
      },
    },
    ...change,
  });
  const job = (...fittings: Fitting[]): Job => ({ ...demoJob('brindle-kite'), fittings });

  test('a finished fitting counts, with its mark: found touching where room had been predicted', () => {
    const { format, families } = calibrate([job(fitting({}))]);
    expect(format).toBe('scoval.calibration');
    expect(families.poke).toEqual(estimateError([seen(2, 3, 0.5)], 2));
    expect(families.obstacle).toEqual(estimateError([seen(-6, 4, 0)], 2));
    expect(families.arch.n).toBe(0);
  });

  test('a ± that the own error had widened counts as it was without: what follows itself would never settle', () => {
    const widened = fitting({});
    widened.corners.frontRight!.predicted![0] = { figure: 'pokeMm', valueMm: -8, plusMinusMm: 4.5, scale: 1.5 };
    const house = { ownError: { poke: { scale: 1.5, biasMm: 1, fittings: 3 } } };
    expect(calibrate([{ ...job(widened), house }]).families.poke).toEqual(estimateError([seen(2, 3, 0.5)], 2));
    // Predicted anew, where nothing was kept.
    const bare = fitting({});
    delete bare.corners.frontRight!.predicted;
    expect(calibrate([{ ...job(bare), house }])).toEqual(calibrate([job(bare)]));
  });

  test('one that goes on, or none at all, counts for nothing', () => {
    const empty = calibrate([]);
    expect(calibrate([job(fitting({ finishedAt: null })), demoJob('velder-two')])).toEqual(empty);
  });
});
