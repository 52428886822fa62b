// Does all the set-up, then every check; the last line is "N passed, N failed".
import { existsSync, mkdtempSync, readFileSync, rmSync } from 'node:fs';
import path from 'node:path';
import { stripVTControlCharacters } from 'node:util';
import { install } from './lib/prepare.mjs';
import { root, run } from './lib/run.mjs';
import { scratchFolder } from './lib/scratch.mjs';

const debian = JSON.parse(readFileSync(new URL('../support/chromium.json', import.meta.url), 'utf8'));
const chromium = process.env.CHROMIUM ?? debian.path;
const scratch = scratchFolder();
process.env.TMPDIR = scratch;
const reports = mkdtempSync(path.join(scratch, 'reports-'));
let passed = 0;
/** What failed, by name: said again at the end, where it is looked for. */
const faults = [];

/** Runs one check that either holds or does not. */
async function check(name, command, args) {
  console.log(`\n— ${name}`);
  try {
    await run(command, args);
    passed += 1;
    return true;
  } catch (error) {
    console.error(String(error.message ?? error));
    faults.push(name);
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
    faults.push(...bad.map((fault) => `${name}: ${fault}`));
    if (good + bad.length === 0) faults.push(`${name}: nothing was tried`);
  } catch {
    faults.push(`${name}: left no report`);
  }
}

/** Debian's Chromium: fetched while everything that needs no browser is checked. */
async function browserInstalled() {
  if (existsSync(chromium)) return;
  console.log("Installing Debian's Chromium for the browser tests …");
  try {
    await run('apt-get', ['update']);
    await run('apt-get', ['install', '-y', '--no-install-recommends', debian.package]);
  } catch (error) {
    console.error(error.message);
    faults.push("Debian's Chromium could not be installed");
  }
}

const read = (file) => JSON.parse(readFileSync(path.join(reports, file), 'utf8'));

// The driver compiles while everything that needs no database is checked.
const { driver } = await install();
const browser = browserInstalled();
const built = await check('build', 'npm', ['run', '--silent', 'build']);
/** The failed tests of one file, or the file itself when it could not run. */
function failuresOf({ name, status, assertionResults }) {
  const file = path.relative(root, name);
  const failures = assertionResults.filter((test) => test.status === 'failed');
  if (status === 'failed' && failures.length === 0) return [`${file} could not run`];
  return failures.map((test) => `${file} › ${test.fullName}\n${test.failureMessages.join('\n')}`);
}
const unit = (name, folders) =>
  suite(name, ['npx', 'jest', ...folders, '--json', `--outputFile=${path.join(reports, 'jest.json')}`], {
    count() {
      const report = read('jest.json');
      rmSync(path.join(reports, 'jest.json'));
      return [report.numPassedTests, report.testResults.flatMap(failuresOf)];
    },
  });
await unit('unit tests', ['core/', 'formats/']);
console.log('\n— database driver');
await driver.catch((error) => {
  console.error(error.message);
  faults.push('database driver');
});
/** A trial sometimes takes both cores and often none; the tests after it take both. */
async function tryServer() {
  if (built) await check('trial, a short one', 'npx', ['tsx', 'scripts/trial/trial.ts', '--seconds', '30']);
  await unit('unit tests of server, pages and commands', ['server/', 'app/', 'cli/', 'scripts/']);
}
/** What reads the code alone takes one core: it fills the gaps of what is tried meanwhile. */
async function readCode() {
  await check('lint', 'npx', ['eslint', '.', '--max-warnings', '0']);
  await check('types', 'npm', ['run', '--silent', 'types']);
  await check('rooms', 'npx', ['depcruise', 'core', 'formats', 'server', 'cli', 'app']);
  await check('format', 'npx', ['prettier', '--check', '.']);
  await check('map of the rooms', 'node', ['scripts/map.mjs', '--check']);
  await check('unused files and exports', 'npx', ['knip', '--no-progress']);
}
await Promise.all([tryServer(), readCode()]);
/** What a browser test that did not pass found in place of what it looked for. */
const messageOf = (spec) =>
  spec.tests
    .flatMap(({ results }) =>
      results.flatMap(({ errors }) => errors.map(({ message }) => stripVTControlCharacters(message))),
    )
    .join('\n');
/** The browser tests of one suite that did not pass at once. */
function unexpectedOf({ title, specs = [], suites = [] }) {
  const failures = specs.filter((spec) =>
    spec.tests.some(({ status }) => status !== 'expected' && status !== 'skipped'),
  );
  return [...failures.map((spec) => `${spec.title}\n${messageOf(spec)}`), ...suites.flatMap(unexpectedOf)].map(
    (name) => `${title} › ${name}`,
  );
}
/** How long each browser test took, s. */
const timesOf = ({ title, specs = [], suites = [] }) => [
  ...specs.map((spec) => ({
    name: `${title} › ${spec.title}`,
    seconds:
      spec.tests.reduce((sum, { results }) => sum + results.reduce((all, one) => all + one.duration, 0), 0) / 1e3,
  })),
  ...suites.flatMap(timesOf),
];
/** Says which tests to look at first where the whole takes too long. */
function saySlowest(times) {
  const slowest = times.toSorted((one, other) => other.seconds - one.seconds).slice(0, 15);
  for (const { name, seconds } of slowest) console.log(`${seconds.toFixed(0)} s  ${name}`);
}
await browser;
if (built)
  await suite('browser tests', ['npx', 'playwright', 'test', '--reporter=line,json'], {
    env: { PLAYWRIGHT_JSON_OUTPUT_FILE: path.join(reports, 'playwright.json') },
    count() {
      const { stats, errors, suites } = read('playwright.json');
      saySlowest(suites.flatMap(timesOf));
      return [stats.expected, [...suites.flatMap(unexpectedOf), ...errors.map((error) => error.message)]];
    },
  });
for (const fault of faults) console.log(`\n— failed: ${fault}`);
console.log(`\n${passed} passed, ${faults.length} failed`);
process.exitCode = faults.length > 0 ? 1 : 0;
