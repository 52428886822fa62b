// Tries to lose something, to get stuck, to get in: kills under load, odd inputs, strangers, a full disk.
// `npm run trial -- --seconds 600 --seed 1`: the same seed tries the same; a fault is an exit code of 1.
// `--only kills` gives one part all the time.
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { parseArgs } from 'node:util';
import { seededChance } from '#core/uncertainty';
import { Figures } from './figures';
import { oddInputs } from './inputs';
import { killsInSaves, killsInUpgrades } from './kills';
import { fullDisk, longList, restoreAfterCrash, strangers, tenStops, twoServers } from './places';

const { values } = parseArgs({
  options: {
    seconds: { type: 'string', default: '600' },
    seed: { type: 'string', default: '1' },
    only: { type: 'string', multiple: true },
  },
});
const [seconds, seed] = [Number(values.seconds), Number(values.seed)];
const folder = mkdtempSync(path.join(tmpdir(), 'scoval-trial-'));
const figures = new Figures();
const chance = seededChance(seed);

/** What is tried, and its share of the time; those without one take what they take. */
const PARTS: [name: string, share: number, run: (at: string) => Promise<void>][] = [
  ['kills', 0.35, (at) => killsInSaves(at, chance, figures)],
  ['upgrades', 0.15, (at) => killsInUpgrades(at, chance, figures)],
  ['inputs', 0.4, (at) => oddInputs(at, chance, figures)],
  ['two servers', 0, (at) => twoServers(at, figures)],
  ['strangers', 0, (at) => strangers(at, figures)],
  ['stops', 0, (at) => tenStops(at, figures)],
  ['long list', 0, (at) => longList(at, figures)],
  ['full disk', 0, (at) => fullDisk(at, figures)],
  ['restore', 0, (at) => restoreAfterCrash(at, figures)],
];
const chosen = PARTS.filter(([name]) => values.only?.includes(name) ?? true);
if (chosen.length < (values.only?.length ?? 0)) throw new Error(`there are ${PARTS.map(([name]) => name).join(', ')}`);
for (const [name, share, run] of chosen) {
  console.log(`— ${name}`);
  figures.give(name, (chosen.length === 1 ? 1 : share) * seconds);
  const at = path.join(folder, name.replaceAll(' ', '-'));
  await run(at).catch((error: unknown) =>
    figures.fault(`${name}: ${error instanceof Error ? error.message : String(error)}`),
  );
}
rmSync(folder, { recursive: true, force: true });
console.log(`\nseed ${seed}, ${seconds} s`);
figures.print();
process.exit(figures.good ? 0 : 1);
