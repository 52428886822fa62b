import { createHash } from 'node:crypto';
import { existsSync, readFileSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import { root, run } from './run.mjs';

const stamp = path.join(root, 'node_modules/.installed-for');

/** What an installation depends on: the package list, the lock file, and the Node that native parts were built for. */
function wanted() {
  const hash = createHash('sha256').update(process.version);
  for (const file of ['package.json', 'package-lock.json']) hash.update(readFileSync(path.join(root, file)));
  return hash.digest('hex');
}

/**
 * Installs what package-lock.json names, unless that is there already: first everything that is only unpacked, then the
 * database driver, which compiles on all cores. What needs no database may go on meanwhile. Not by `npm ci`: it refuses
 * a lock file written where a registry has no builds of optional parts for other systems.
 * @returns a promise of the driver
 */
export async function install() {
  if (existsSync(stamp) && readFileSync(stamp, 'utf8') === wanted()) return { driver: Promise.resolve() };
  const packages = stillAtWork('Installing packages');
  await run('npm', ['install', '--ignore-scripts', '--no-audit', '--no-fund']);
  await run('npm', ['rebuild', 'esbuild']);
  packages.done();
  const compiling = stillAtWork('Compiling the database driver, once (half a minute to a few minutes)');
  // As SQLite is built by its makers: what the package would optimize beyond that takes a fifth longer, for nothing.
  const driver = run('npm', ['rebuild', 'sqlite3'], { JOBS: 'max', CFLAGS: '-O2' })
    .then(() => writeFileSync(stamp, wanted()))
    .finally(compiling.done);
  // Whoever waits for it hears of a failure; until then it is nobody's.
  driver.catch(() => {});
  return { driver };
}

/** How often something that takes long says that it is still at work, s. */
const EVERY_S = 15;

/** Says what begins, how long it has taken so far, and when it is done. */
function stillAtWork(what) {
  const begun = Date.now();
  const seconds = () => `${Math.round((Date.now() - begun) / 1000)} s`;
  console.log(`${what} …`);
  const timer = setInterval(() => console.log(`${what}: ${seconds()} so far …`), EVERY_S * 1000);
  return {
    done() {
      clearInterval(timer);
      console.log(`${what}: done in ${seconds()}.`);
    },
  };
}

/** Installs everything and waits for it. */
export async function ensureInstalled() {
  const { driver } = await install();
  await driver;
}
