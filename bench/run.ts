// Prints how fast things are, as ratios against references measured in the same run: all, or those
// that are named; the same as JSON into build/bench/figures.json.
import { existsSync, writeFileSync } from 'node:fs';
import { measureBrake } from './brake';
import { measureEvaluate } from './evaluate';
import { measureFind } from './find';
import { measureFirstSight } from './firstSight';
import { measureLive } from './live';
import { measureNudge } from './nudge';
import { measurePages } from './pages';
import { linesOf, type Bench } from './report';
import { measureStance } from './stance';
import { measureSweep } from './sweep';
import { measureWaits } from './waits';
import { measureWindow } from './window';

const BENCHES = {
  evaluate: measureEvaluate,
  brake: measureBrake,
  sweep: measureSweep,
  window: measureWindow,
  find: measureFind,
  pages: measurePages,
  waits: measureWaits,
  firstSight: measureFirstSight,
  live: measureLive,
  nudge: measureNudge,
  stance: measureStance,
} satisfies Record<string, () => Bench | Promise<Bench>>;

/** What runs the application itself. */
const ON_BUILD: readonly string[] = ['pages', 'waits', 'firstSight', 'live', 'nudge', 'stance'];

const named = process.argv.slice(2);
const unknown = named.filter((name) => !(name in BENCHES));
if (unknown.length > 0)
  throw new Error(`no such bench: ${unknown.join(', ')}; there are ${Object.keys(BENCHES).join(', ')}`);
const isBuilt = existsSync('build/server/index.js');
const results: Record<string, Bench> = {};
for (const [name, measure] of Object.entries(BENCHES)) {
  if (named.length > 0 && !named.includes(name)) continue;
  if (isBuilt || !ON_BUILD.includes(name)) {
    results[name] = await measure();
    console.log(linesOf(results[name]));
  } else console.log(`\n${name}: build the application first (npm run build) to measure it`);
}
writeFileSync('build/bench/figures.json', `${JSON.stringify(results, null, 2)}\n`);
