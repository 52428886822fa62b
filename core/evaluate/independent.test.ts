import type { Measured } from '#core/units';
import jStat from 'jstat';
import fc from 'fast-check';
import { compile, type EvalFunction } from 'mathjs';
import { evaluate, NO_SWEEPS, type AxleReport } from '#core/evaluate';
import type { AxleName, Job } from '#core/job';

/**
 * The whole road from readings to figures, written a second time as bare arithmetic after the formulas of the trade and
 * run by mathjs on random cars. Nothing of the core is used for the expected values.
 */
const FORMULAS: Record<string, string> = {
  seat0: 'round(25.4 * dia0)',
  seat: 'round(25.4 * dia)',
  'tire.overallDiameterMm': 'seat + 2 * round(SN * AR / 100)',
  D0: 'seat0 + 2 * round(SN0 * AR0 / 100)',
  K0: 'AR0 >= 50 ? 0.70 : AR0 >= 30 ? 0.85 : 0.90',
  K: 'AR >= 50 ? 0.70 : AR >= 30 ? 0.85 : 0.90',
  S0: 'SN0 + 0.4 * (25.4 * W0 - K0 * SN0)',
  'tire.sectionWidthMm': 'SN + 0.4 * (25.4 * W - K * SN)',
  'tire.treadWidthMm': '(1.075 - 0.005 * AR) * SN ^ 1.001',
  'tire.circumferenceMm': '3.05 * D',
  kMeasuring: 'AR >= 60 ? 0.75 : AR >= 50 ? 0.80 : AR >= 45 ? 0.85 : AR >= 30 ? 0.90 : 0.92',
  kLeast: 'AR >= 70 ? 0.65 : AR >= 50 ? 0.70 : AR >= 45 ? 0.80 : AR >= 35 ? 0.85 : 0.86',
  kMost: 'AR >= 70 ? 0.85 : AR >= 50 ? 0.90 : AR >= 45 ? 0.95 : AR >= 35 ? 1 : 0.94',
  'tire.measuringRimIn': 'round(2 * kMeasuring * SN / 25.4) / 2',
  'tire.rimMinIn': 'round(2 * kLeast * SN / 25.4) / 2',
  'tire.rimMaxIn': 'round(2 * kMost * SN / 25.4) / 2',
  ETe0: 'ET0 - t0',
  effectiveOffsetMm: 'ET - t',
  backspacingOverallMm: '25.4 * W / 2 + f + ET',
  backspacingNominalMm: '25.4 * W / 2 + ET',
  overallWidthMm: '25.4 * W + 2 * f',
  frontspacingMm: '25.4 * W / 2 + f - ET',
  x0: 'max(S0 / 2, 25.4 * W0 / 2 + f)',
  x: 'max(S / 2, 25.4 * W / 2 + f)',
  pokeMm: '(-ETe + x) - ((-ETe0 + x0) + gapOut)',
  outboardGapMm: '-poke',
  inboardGapMm: 'gapIn + (-ETe - x) - (-ETe0 - x0)',
  archGapMm: 'gapArch - (D - D0) / 2 + rise',
  outerChangeMm: '(-ETe + x) - (-ETe0 + x0)',
  innerChangeMm: '(-ETe0 - x0) - (-ETe - x)',
  trackChangeMm: '-2 * (ETe - ETe0)',
  diameterChangePct: '100 * (D / D0 - 1)',
  trueSpeedAt100: '100 * D / D0',
  rideHeightChangeMm: '(D - D0) / 2',
  scrubRadiusMm: '-ETe + k - 0.96 * D / 2 * tan(KPI * pi / 180)',
  scrubChangeMm: 'scrub - (-ETe0 + k - 0.96 * D0 / 2 * tan(KPI * pi / 180))',
};
/** Short names under which later formulas find earlier results. */
const SHORT: Record<string, string> = {
  'tire.overallDiameterMm': 'D',
  'tire.sectionWidthMm': 'S',
  effectiveOffsetMm: 'ETe',
  pokeMm: 'poke',
  scrubRadiusMm: 'scrub',
};
const programs: [string, EvalFunction][] = Object.entries(FORMULAS).map(([name, text]) => [name, compile(text)]);

function byFormulas(car: Car): Record<string, number> {
  const scope: Record<string, number> = { ...car };
  for (const [name, program] of programs) {
    const value = program.evaluate(scope) as number;
    scope[name] = value;
    if (SHORT[name]) scope[SHORT[name]] = value;
  }
  return scope;
}

interface Car {
  SN0: number;
  AR0: number;
  dia0: number;
  W0: number;
  ET0: number;
  t0: number; // present
  SN: number;
  AR: number;
  dia: number;
  W: number;
  ET: number;
  t: number; // candidate
  f: number;
  gapOut: number;
  gapIn: number;
  gapArch: number;
  k: number;
  KPI: number;
  rise: number;
}

const real = (min: number, max: number) => fc.double({ min, max, noNaN: true, noDefaultInfinity: true });
const aspect = fc.integer({ min: 5, max: 16 }).map((n) => n * 5);
const width = fc.integer({ min: 12, max: 34 }).map((n) => n * 10 + 5);
const half = (min: number, max: number) => fc.integer({ min: min * 2, max: max * 2 }).map((n) => n / 2);
const car: fc.Arbitrary<Car> = fc.record({
  SN0: width,
  AR0: aspect,
  dia0: fc.integer({ min: 12, max: 22 }),
  W0: half(4, 12),
  ET0: real(-120, 120),
  t0: real(0, 40),
  SN: width,
  AR: aspect,
  dia: fc.integer({ min: 12, max: 22 }),
  W: half(4, 12),
  ET: real(-120, 120),
  t: real(0, 60),
  f: real(5, 20),
  gapOut: real(-40, 80),
  gapIn: real(0, 80),
  gapArch: real(0, 150),
  k: real(20, 160),
  KPI: real(0, 18),
  rise: real(-60, 90),
});

const jobOf = (c: Car, axle: AxleName): Job => ({
  format: 'scoval.job',
  version: 1,
  vehicle: {
    flangeMm: c.f,
    [axle]: {
      baseline: {
        wheel: { rimDiameterIn: c.dia0, rimWidthIn: c.W0, offsetMm: c.ET0 },
        stackMm: c.t0,
        tire: { size: `${c.SN0}/${c.AR0}R${c.dia0}` },
      },
      room: { outboardGapMm: c.gapOut, inboardGapMm: c.gapIn, archGapMm: c.gapArch },
      suspension: { kind: 'strut', kingpinOffsetMm: c.k, kingpinInclinationDeg: c.KPI },
    },
  },
  setups: [
    {
      id: 'a',
      [axle]: {
        wheel: { rimDiameterIn: c.dia, rimWidthIn: c.W, offsetMm: c.ET },
        tire: { size: `${c.SN}-${c.AR}-${c.dia}` },
        stack: [{ kind: 'slip-on', thicknessMm: c.t }],
      },
      suspensionChange: { [axle]: { kind: 'spring', mm: c.rise } },
    },
  ],
});

const at = (axle: AxleReport, name: string): Measured =>
  (name.startsWith('tire.')
    ? axle.tire[name.slice(5) as keyof AxleReport['tire']]
    : axle[name as keyof AxleReport]) as Measured;

test.each(['front', 'rear'] as const)('random cars, %s: every figure against the same formulas in mathjs', (axle) => {
  const names = Object.keys(FORMULAS).filter((name) => /(Mm|In|Pct|At100)$/.test(name));
  expect(names).toHaveLength(24);
  fc.assert(
    fc.property(car, (c) => {
      const expected = byFormulas(c);
      const report = evaluate(jobOf(c, axle), { sweeps: NO_SWEEPS }).setups[0]![axle];
      for (const name of names) expect([name, at(report, name)]).toEqual([name, expect.closeTo(expected[name]!, 6)]);
    }),
    { numRuns: 400 },
  );
});

test('verdicts follow the figures on random cars, whatever the brief', () => {
  fc.assert(
    fc.property(car, real(-60, 0), real(0, 40), real(0, 30), (c, min, max, limit) => {
      const job = { ...jobOf(c, 'front'), brief: { pokeMm: { min, max }, limits: { inboardMm: limit } } };
      const { front } = evaluate(job, { sweeps: NO_SWEEPS }).setups[0]!;
      const verdict = (code: string) => front.checks.find((check) => check.code === code)!.verdict;
      expect(verdict('fender')).toBe(front.pokeMm! > max ? 'fail' : front.pokeMm! < min ? 'caution' : 'ok');
      // P(contact) of a gap with a tape's 1.5 mm, and 3 % of either section where the tire is widest; at most 5 %.
      // Source: jStat's normal distribution.
      const half = (S: number, W: number) => (S > 25.4 * W + 2 * c.f ? (0.03 * S) / 2 : 0);
      const [S, S0] = [byFormulas(c)['tire.sectionWidthMm']!, byFormulas(c).S0!];
      const same = c.SN === c.SN0 && c.AR === c.AR0 && c.dia === c.dia0 && c.W === c.W0;
      const spread = Math.hypot(1.5, ...(same ? [] : [half(S, c.W), half(S0, c.W0)]));
      const touches = jStat.normal.cdf(0, front.inboardGapMm!, spread / 1.959963984540054);
      if (Math.abs(touches - 0.05) > 1e-4)
        expect(verdict('inboard')).toBe(
          front.inboardGapMm! < 0 ? 'fail' : front.inboardGapMm! < limit || touches > 0.05 ? 'caution' : 'ok',
        );
      expect(verdict('rim-diameter')).toBe(c.dia === Math.trunc(c.dia) ? 'ok' : 'fail');
      const outside = Math.max(front.tire.rimMinIn! - c.W, c.W - front.tire.rimMaxIn!);
      expect(verdict('rim-width')).toBe(outside <= 0 ? 'ok' : outside <= 0.5 ? 'caution' : 'fail');
      for (const { margin, value, limit: bound, code } of front.checks.filter(
        ({ code: c2 }) => c2 === 'inboard' || c2 === 'arch',
      ))
        expect([code, margin]).toEqual([code, expect.closeTo(value! - bound!, 9)]);
    }),
  );
});

test('less offset never brings the outer face in, and never takes room inboard', () => {
  fc.assert(
    fc.property(car, real(0, 50), (c, less) => {
      const [one, other] = [c, { ...c, ET: c.ET - less }].map(
        (each) => evaluate(jobOf(each, 'front'), { sweeps: NO_SWEEPS }).setups[0]!.front,
      );
      expect(other!.pokeMm!).toBeGreaterThanOrEqual(one!.pokeMm! - 1e-9);
      expect(other!.inboardGapMm!).toBeGreaterThanOrEqual(one!.inboardGapMm! - 1e-9);
    }),
  );
});
