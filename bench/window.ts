import { readFileSync } from 'node:fs';
import type { Job } from '#core/job';
import { evaluateSetup, VERDICT_SWEEPS } from '#core/evaluate';
import { setupAt, windowOf, type WindowAsk } from '#core/advice/window';
import { medianMicroseconds } from './measure';

/**
 * The window of 15 widths over 120 mm of offsets, every width open to some tire, against trying the same places one by
 * one.
 */
export function measureWindow(): void {
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
    medianMicroseconds(() => evaluateSetup(job, at, { sweeps: VERDICT_SWEEPS }), { callsARound: 1, rounds: 7 }) / 1000;
  const places = 120 * ask.rimWidthsIn.length;
  console.log('\nwindow: 15 widths over 120 mm of offsets, past 6 parts in every pose');
  console.log(`  the window, its edges to 0.05 mm       ${own.toFixed(0)} ms`);
  console.log(
    `  one place swept for its verdict        ${one.toFixed(1)} ms, and there are ${places} of a whole millimetre`,
  );
  console.log(`  ratio places / window                  ${((places * one) / own).toFixed(0)}`);
}
