import { readFileSync } from 'node:fs';
import { compile } from 'mathjs';
import { evaluateSetup, NO_SWEEPS } from '#core/evaluate';
import { readJobFile } from '#formats/job';
import { medianMicroseconds } from './measure';
import type { Bench } from './report';

/** The figures of one axle as expressions, the way a person would write them into a calculator. */
const EXPRESSIONS = [
  'S0 = SN0 + 0.4 * (W0 * 25.4 - K0 * SN0)',
  'S = SN + 0.4 * (W * 25.4 - K * SN)',
  'D0 = d0 + 2 * round(SN0 * AR0 / 100)',
  'D = d + 2 * round(SN * AR / 100)',
  'T = (1.075 - 0.005 * AR) * SN ^ 1.001',
  'ETe0 = ET0 - t0',
  'ETe = ET - t',
  'BSo = W * 25.4 / 2 + f + ET',
  'BSn = W * 25.4 / 2 + ET',
  'OW = W * 25.4 + 2 * f',
  'FS = OW - BSo',
  'x0 = max(S0 / 2, W0 * 25.4 / 2 + f)',
  'x = max(S / 2, W * 25.4 / 2 + f)',
  'fender = -ETe0 + x0 + out',
  'poke = -ETe + x - fender',
  'inner = inb + (-ETe - x) - (-ETe0 - x0)',
  'archGap = arch - (D - D0) / 2',
  'outerMove = (-ETe + x) - (-ETe0 + x0)',
  'innerMove = (-ETe0 - x0) - (-ETe - x)',
  'track = -2 * (ETe - ETe0)',
  'pct = 100 * (D / D0 - 1)',
  'speed = 100 * D / D0',
  'scrub = -ETe + k - 0.96 * D / 2 * tan(KPI * pi / 180)',
  'scrub0 = -ETe0 + k - 0.96 * D0 / 2 * tan(KPI * pi / 180)',
  'around = 3.05 * D',
];
const SCOPE = {
  SN0: 195,
  AR0: 60,
  d0: 381,
  W0: 6,
  K0: 0.7,
  ET0: 38,
  t0: 0,
  SN: 205,
  AR: 45,
  d: 432,
  W: 7.5,
  K: 0.85,
  ET: 40,
  t: 0,
  f: 12.7,
  out: 14,
  inb: 22,
  arch: 95,
  k: 105,
  KPI: 13,
};

/** Long enough to outlast what else a machine does meanwhile. */
const LONG = { warmUp: 8000, rounds: 100 };

/** One setup, both axles, every figure, check and working line, against the bare arithmetic of both axles in mathjs. */
export function measureEvaluate(): Bench {
  const { job } = readJobFile(readFileSync('docs/example-job.json', 'utf8'));
  const [setup] = job!.setups;
  const programs = EXPRESSIONS.map((text) => compile(text));
  const byExpressions = () => {
    for (let axle = 0; axle < 2; axle++) {
      const scope = { ...SCOPE };
      for (const program of programs) program.evaluate(scope);
    }
  };
  const evaluated = () => evaluateSetup(job!, setup!, { sweeps: NO_SWEEPS }).verdict;
  const own = medianMicroseconds(evaluated, LONG);
  const reference = medianMicroseconds(byExpressions, LONG);
  return {
    title: 'static evaluation of one setup, front and rear',
    figures: [
      { what: 'evaluate, with checks and working', values: [own], unit: 'µs', digits: 1 },
      { what: 'the same figures in mathjs, no words', values: [reference], unit: 'µs', digits: 1 },
      { what: 'ratio mathjs / evaluate', values: [reference / own], digits: 2 },
    ],
  };
}
