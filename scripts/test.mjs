// Does all the set-up, then every check; the last line is "N passed, N failed".
import { existsSync, mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { install } from './lib/prepare.mjs';
import { run } from './lib/run.mjs';

const debian = JSON.parse(readFileSync(new URL('../support/chromium.json', import.meta.url), 'utf8'));
const chromium = process.env.CHROMIUM ?? debian.path;
const reports = mkdtempSync(path.join(tmpdir(), 'scoval-reports-'));
let passed = 0;
let failed = 0;

/** Runs one check that either holds or does not. */
async function check(name, command, args) {
  console.log(`\n— ${name}`);
  try {
    await run(command, args);
    passed += 1;
    return true;
  } catch (error) {
    console.error(String(error.message ?? error));
    failed += 1;
    return false;
  }
}

/** Runs a suite that writes a report; one that ends without a report counts as one failure. */
async function suite(name, [command, ...args], { env = {}, count }) {
  console.log(`\n— ${name}`);
  await run(command, args, env).catch((error) => console.error(error.message));
  try {
    const [good, bad] = count();
    passed += good;
    failed += bad;
    if (good + bad === 0) failed += 1;
  } catch {
    console.error(`${name} left no report`);
    failed += 1;
  }
}

const read = (file) => JSON.parse(readFileSync(path.join(reports, file), 'utf8'));

// The driver compiles while everything that needs no database is checked.
const { driver } = await install();
if (!existsSync(chromium)) {
  console.log("Installing Debian's Chromium for the browser tests …");
  await run('apt-get', ['update']);
  await run('apt-get', ['install', '-y', '--no-install-recommends', debian.package]);
}
const built = await check('build', 'npm', ['run', '--silent', 'build']);
// What reads the code alone goes two by two: each takes one core.
await Promise.all([
  check('lint', 'npx', ['eslint', '.', '--max-warnings', '0']),
  check('types', 'npx', ['tsc']).then(() =>
    check('rooms', 'npx', ['depcruise', 'core', 'formats', 'server', 'cli', 'app']),
  ),
]);
await Promise.all([
  check('format', 'npx', ['prettier', '--check', '.']),
  check('map of the rooms', 'node', ['scripts/map.mjs', '--check']).then(() =>
    check('unused files and exports', 'npx', ['knip', '--no-progress']),
  ),
]);
const unit = (name, folders) =>
  suite(name, ['npx', 'jest', ...folders, '--json', `--outputFile=${path.join(reports, 'jest.json')}`], {
    count() {
      const report = read('jest.json');
      rmSync(path.join(reports, 'jest.json'));
      return [report.numPassedTests, report.numFailedTests + report.numRuntimeErrorTestSuites];
    },
  });
await unit('unit tests', ['core/', 'formats/', 'cli/', 'scripts/']);
console.log('\n— database driver');
await driver.catch((error) => {
  console.error(error.message);
  failed += 1;
});
await unit('unit tests of server and pages', ['server/', 'app/']);
if (built)
  await suite('browser tests', ['npx', 'playwright', 'test', '--reporter=line,json'], {
    env: { PLAYWRIGHT_JSON_OUTPUT_FILE: path.join(reports, 'playwright.json') },
    count() {
      const { stats, errors } = read('playwright.json');
      return [stats.expected, stats.unexpected + stats.flaky + errors.length];
    },
  });
if (built) await check('trial, a short one', 'npx', ['tsx', 'scripts/trial/trial.ts', '--seconds', '30']);
rmSync(reports, { recursive: true });
console.log(`\n${passed} passed, ${failed} failed`);
process.exitCode = failed > 0 ? 1 : 0;
