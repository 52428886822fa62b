import { readFileSync } from 'node:fs';
import type { Job } from '#core/job';
import { evaluateSetup, VERDICT_SWEEPS } from '#core/evaluate';
import { setupAt, windowOf, type WindowAsk } from '#core/advice/window';
import { medianMicroseconds } from './measure';
import type { Bench } from './report';

/**
 * The window of 15 widths over 120 mm of offsets, every width open to some tire, against trying the same places one by
 * one.
 */
export function measureWindow(): Bench {
  const job = JSON.parse(readFileSync('demo/brindle-kite.scoval.json', 'utf8')) as Job;
  const setup = job.setups[0]!;
  const ask: WindowAsk = {
    rule: 'best-standard',
    rimWidthsIn: Array.from({ length: 15 }, (_, n) => 5 + n / 2),
    offsetsMm: [-20, 100],
  };
  const own =
    medianMicroseconds(() => windowOf({ job, setup, axle: 'front', ask }), { callsARound: 1, rounds: 7 }) / 1000;
  const at = setupAt({ setup, axle: 'front', at: { rimWidthIn: 7.5, offsetMm: 38 }, tire: setup.front!.tire! });
  const one =
    medianMicroseconds(() => evaluateSetup(job, at, { sweeps: VERDICT_SWEEPS }).verdict, {
      callsARound: 1,
      rounds: 7,
    }) / 1000;
  const places = 120 * ask.rimWidthsIn.length;
  return {
    title: 'window: 15 widths over 120 mm of offsets, past 6 parts in every pose',
    figures: [
      { what: 'the window, its edges to 0.05 mm', values: [own], unit: 'ms' },
      { what: 'one place swept for its verdict', values: [one], unit: 'ms', digits: 1, note: `there are ${places}` },
      { what: 'ratio places / window', values: [(places * one) / own] },
    ],
  };
}
