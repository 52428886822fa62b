import { spawnSync } from 'node:child_process';
import { mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { evaluate } from '#core/evaluate';
import type { FindsFile } from '#formats/finds';
import type { Fitting } from '#core/fitting';
import type { Job } from '#core/job';
import type { FullReport } from '#core/advice';
import { sheetOf, type Sheet } from '#core/sheet';
import { readJobFile } from '#formats/job';
import { EXAMPLE_TEXT } from '#support/jobs';

const { scripts } = JSON.parse(readFileSync('package.json', 'utf8')) as { scripts: Record<string, string> };
const folder = mkdtempSync(path.join(tmpdir(), 'scoval-cli-'));
afterAll(() => rmSync(folder, { recursive: true }));

const file = (name: string, text: string | Buffer): string => {
  const at = path.join(folder, name);
  writeFileSync(at, text);
  return at;
};
const started = (program: string, args: readonly string[], input: string) =>
  spawnSync(program, args, {
    input,
    encoding: 'utf8',
    env: { ...process.env, npm_config_loglevel: 'silent' },
    maxBuffer: 64 * 1024 * 1024,
  });
/** A command as `package.json` has it, without the package manager, which takes longer than most of them. */
const run = (args: string[], input = '', command = 'evaluate') => {
  const [program, ...first] = scripts[command]!.split(' ');
  return started(program!, [...first, ...args], input);
};
/** As it is typed. */
const runTyped = (args: string[], input: string, command: string) =>
  started('npm', ['run', '--silent', command, '--', ...args], input);
/** Without what the package manager itself may say about its own configuration. */
const told = (text: string) => text.split('\n').filter((line) => line !== '' && !line.startsWith('npm warn'));

test('prints the report of a file, the same that the screens show', () => {
  const { status, stdout, stderr } = run([file('job.json', EXAMPLE_TEXT)]);
  expect(status).toBe(0);
  expect(JSON.parse(stdout)).toEqual(JSON.parse(JSON.stringify(evaluate(readJobFile(EXAMPLE_TEXT).job!))));
  expect(told(stderr)).toEqual([]);
});
test('reads standard input for -, typed as it is', () => {
  const { status, stdout } = runTyped(['-'], EXAMPLE_TEXT, 'evaluate');
  expect(status).toBe(0);
  expect(JSON.parse(stdout)).toMatchObject({ format: 'scoval.report', version: 1 });
});
test.each([
  [
    'a fault, with its path',
    ['-'],
    EXAMPLE_TEXT.replace('"rimWidthIn": 7.5', '"rimWidthIn": 300'),
    'setups[0].front.wheel.rimWidthIn: must be between 3 and 16',
  ],
  ['an unknown key', ['-'], EXAMPLE_TEXT.replace('"title"', '"tittle"'), 'tittle: is not a known field'],
  ['a file cut short', ['-'], EXAMPLE_TEXT.slice(0, 900), 'the file is cut short: it ends at line'],
  ['a missing file', [path.join(folder, 'none.json')], '', 'there is no such file'],
  ['a folder', [folder], '', 'is a folder'],
  ['no file', [], '', 'usage:'],
  ['a window by a rule that is none', ['--window', 'round', '-'], EXAMPLE_TEXT, 'usage:'],
  ['an option that is none', ['--windows', '-'], EXAMPLE_TEXT, 'usage:'],
])('%s: exit 1, one line each on standard error, nothing on standard output', (_, args, input, message) => {
  const { status, stdout, stderr } = run(args, input);
  expect([status, stdout]).toEqual([1, '']);
  expect(told(stderr)).toHaveLength(1);
  expect(stderr).toContain(message);
});
test('remedies and windows on request', () => {
  const { status, stdout } = run(['--remedies', '--window', 'best-standard', '-'], EXAMPLE_TEXT);
  expect(status).toBe(0);
  const [setup] = (JSON.parse(stdout) as FullReport).setups;
  expect(setup!.remedies!.front).toHaveProperty('proposals');
  // Beside what was asked for all that a report says without it.
  const [plain] = (JSON.parse(run(['-'], EXAMPLE_TEXT).stdout) as FullReport).setups;
  const { remedies: _, window: __, ...rest } = setup!;
  expect(rest).toEqual(plain);
  const window = setup!.window!.front!;
  expect(window).toMatchObject({ axle: 'front', rule: 'best-standard' });
  expect(window.rows).toHaveLength(15);
  expect(window.rows.flatMap(({ working }) => working).join()).toContain('rules out');
});
test('50 MB, from a file and from standard input, and bytes that are no text', () => {
  const large = ' '.repeat(50 * 1024 * 1024);
  expect(told(run([file('large.json', large)]).stderr)).toEqual([
    'the file is larger than 12 MB, too large for a job file',
  ]);
  expect(told(run(['-'], large).stderr)).toEqual(['the file is larger than 12 MB, too large for a job file']);
  expect(run([file('bytes.json', Buffer.from([0x7b, 0xff, 0xfe, 0x7d]))]).stderr).toContain('is not UTF-8 text');
});
test('the own error of a shop, over several files; nothing is printed where one of them is faulty', () => {
  const job = JSON.parse(EXAMPLE_TEXT) as Job;
  const fitting = (id: string): Fitting => ({
    id,
    kind: 'final',
    startedAt: '2026-03-02T08:40:00Z',
    finishedAt: '2026-03-02T11:00:00Z',
    corners: {
      frontRight: {
        setup: job.setups[0]!.id,
        predicted: [{ figure: 'pokeMm', valueMm: -8, plusMinusMm: 3 }],
        measured: [{ figure: 'pokeMm', valueMm: -6, instrument: 'steel-rule' }],
      },
    },
  });
  const files = ['f1', 'f2'].map((id) => file(`${id}.json`, JSON.stringify({ ...job, fittings: [fitting(id)] })));
  const { status, stdout } = run(files, '', 'calibrate');
  expect(status).toBe(0);
  expect(JSON.parse(stdout)).toMatchObject({
    format: 'scoval.calibration',
    families: { poke: { n: 2, cover: 1 }, arch: { n: 0, cover: null } },
  });
  const faulty = run([files[0]!, file('torn.json', EXAMPLE_TEXT.slice(0, 900))], '', 'calibrate');
  expect([faulty.status, faulty.stdout]).toEqual([1, '']);
  expect(faulty.stderr).toContain('the file is cut short');
});
test('the sheet of a setup: every step with why, and the setup that is asked for must be there', () => {
  const { status, stdout, stderr } = run(['-', '--setup', 'a'], EXAMPLE_TEXT, 'fitup');
  expect([status, told(stderr)]).toEqual([0, []]);
  const sheet = JSON.parse(stdout) as Sheet;
  expect(sheet).toMatchObject({ format: 'scoval.sheet', setup: 'a' });
  expect(sheet).toEqual(JSON.parse(JSON.stringify(sheetOf(readJobFile(EXAMPLE_TEXT).job!, 'a'))));
  expect(run(['-', '--setup', 'z'], EXAMPLE_TEXT, 'fitup')).toMatchObject({
    status: 1,
    stdout: '',
    stderr: expect.stringContaining('setups: there is no setup “z”'),
  });
});

test('finds of a shelf: ranked rows by what they are made of, counts of what fell out', () => {
  const { status, stdout } = run(
    ['demo/brindle-kite.scoval.json', '--shelf', 'demo/shelf.csv', '--top', '3', '--axle', 'front'],
    '',
    'find',
  );
  expect(status).toBe(0);
  const finds = JSON.parse(stdout) as FindsFile;
  expect(finds).toMatchObject({ format: 'scoval.finds', version: 1 });
  expect(finds.rows.map(({ rank, front }) => [rank, front])).toEqual([
    [1, true],
    [2, true],
    [3, true],
  ]);
  expect(finds.tried).toBe(finds.fit + Object.values(finds.fellOut).reduce((sum, count) => sum + count, 0));
});

test.each([
  ['no shelf', ['demo/brindle-kite.scoval.json']],
  ['a shelf that is not there', ['demo/brindle-kite.scoval.json', '--shelf', '/nowhere.csv']],
  ['a shelf that is none', ['demo/brindle-kite.scoval.json', '--shelf', 'package.json']],
  ['an axle that is none', ['demo/brindle-kite.scoval.json', '--shelf', 'demo/shelf.csv', '--axle', 'middle']],
  ['a setup that is none', ['demo/brindle-kite.scoval.json', '--shelf', 'demo/shelf.csv', '--setup', 'zz']],
])('finds with %s: exit 1 and words', (_, args) => {
  const { status, stdout, stderr } = run(args, '', 'find');
  expect([status, stdout]).toEqual([1, '']);
  expect(stderr.trim()).not.toBe('');
  expect(stderr).not.toContain('    at ');
});

describe('stance', () => {
  const demo = 'demo/velder-two.scoval.json';
  test('writes a car with a setup on it as a binary glTF file, and prints what it is made of', () => {
    const out = path.join(folder, 'b.glb');
    const { status, stdout, stderr } = run([demo, '--setup', 'b', '--out', out], '', 'stance');
    expect(told(stderr)).toEqual([]);
    expect(status).toBe(0);
    const made = JSON.parse(stdout) as { bodies: string[]; assumed: string[]; triangles: number };
    expect(made.bodies).toContain('tire-front-right');
    expect(made.assumed).toContain('wheelbase 2650 mm');
    // Magic, version and length of the container (glTF 2.0, 4.4 GLB).
    const file = readFileSync(out);
    expect([file.toString('latin1', 0, 4), file.readUInt32LE(4), file.readUInt32LE(8)]).toEqual([
      'glTF',
      2,
      file.length,
    ]);
  });
  test.each([
    [['--out', 'x.glb', '--setup', 'zz'], 'there is no setup “zz”'],
    [['--out', 'x.png'], 'usage:'],
    [[], 'usage:'],
    [['--out', '/nowhere/at/all.glb'], 'cannot be written (ENOENT)'],
  ])('%j is refused in one line', (words, said) => {
    const { status, stdout, stderr } = run([demo, ...words], '', 'stance');
    expect([status, stdout]).toEqual([1, '']);
    expect(told(stderr).join()).toContain(said);
  });
  test('a car of which no wheel is known has nothing to show', () => {
    const empty = file('empty.json', JSON.stringify({ format: 'scoval.job', version: 1, vehicle: {}, setups: [] }));
    const { status, stderr } = run([empty, '--out', path.join(folder, 'none.glb')], '', 'stance');
    expect(status).toBe(1);
    expect(told(stderr).join()).toContain('there is nothing to show');
  });
});
