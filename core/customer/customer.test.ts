import { allChecks, checkOf, CHECKS, evaluate, type Check, type CheckName } from '#core/evaluate';
import type { Job } from '#core/job';
import { changed, demoJob, setupOf, type DemoName } from '#support/jobs';
import { customerOptions, type CustomerOption, type CustomerOptions } from '.';
import { faceWords } from './faceWords';
import { perAxle } from './perAxle';
import { howSure, plainText } from './plainChecks';
import type { PlainCase } from './plainCase';
import { plainWords } from './plainWords';
import { remediesFor } from './remediesFor';

const words = plainWords('mm');
const told = (job: Job, ...ids: string[]): CustomerOptions => customerOptions(job, ids);
const cell = ({ headings }: CustomerOptions, option: CustomerOption, heading: string): string =>
  (option.cells[headings.indexOf(heading)] ?? []).join(' / ');

/** What no layman should have to read. */
const INTERNAL = /undefined|NaN|null|\bET\b|±|_|\(assumed\)|centring|\[object|^\s|\s$/;

describe('words of figures', () => {
  test('whole millimeters and sixteenths; nothing is flush', () => {
    expect([words.length(5.6), words.length(-5.4), words.isNone(0.4), words.isNone(0.6)]).toEqual([
      '6 mm',
      '5 mm',
      true,
      false,
    ]);
    const inches = plainWords('in');
    expect([inches.length(6.35), inches.length(25.4 * 1.5), inches.isNone(0.5)]).toEqual(['1/4 in', '1 1/2 in', true]);
    expect(plainWords({ length: 'in', speed: 'mph', mass: 'lb', pressure: 'psi', torque: 'lb·ft' }).speed(100)).toBe(
      '62 mph',
    );
    expect([faceWords(0.2, words), faceWords(6, words), faceWords(-6, words)]).toEqual([
      'flush with the fender',
      '6 mm past the fender',
      '6 mm inside the fender',
    ]);
  });
  test('what is said of both axles alike is said once, and of the whole car without one', () => {
    expect(
      perAxle([
        { axle: 'front', text: 'it touches' },
        { axle: null, text: 'the spare serves' },
        { axle: 'rear', text: 'it touches' },
        { axle: 'rear', text: 'it clears' },
      ]),
    ).toEqual(['Front and rear: it touches', 'The spare serves', 'Rear: it clears']);
  });
  test.each([
    [0, 'sure to clear'],
    [0.05, 'very likely to clear'],
    [0.2, 'likely to clear'],
    [0.5, 'may touch'],
    [0.9, 'likely to touch'],
  ])('a chance of contact of %s: %s', (touchProbability, text) => {
    expect(howSure({ touchProbability } as Check)).toBe(text);
  });
});

test('every check has a sentence for each verdict, with and without a value', () => {
  const job = demoJob('brindle-kite');
  const setup = setupOf(job, 'a');
  const report = evaluate({ ...job, setups: [setup] }).setups[0]!;
  const one: PlainCase = { job, setup, report, remedies: { front: null, rear: null }, words };
  for (const name of Object.keys(CHECKS) as CheckName[]) {
    const code = name === 'obstacle' ? 'obstacle:strut' : name;
    const axle = checkOf(code).on === 'axle' ? ('front' as const) : null;
    for (const verdict of ['caution', 'fail', 'unknown'] as const)
      for (const value of [null, -4, 0, 7]) {
        const check = { code, label: 'Strut', axle, value, limit: null, margin: null, verdict } as Check;
        const text = plainText(check, verdict, one);
        expect(text).toMatch(/^[a-z].{10,}[^.]$/);
        expect(text).not.toMatch(INTERNAL);
      }
  }
});

const DEMO: DemoName[] = ['brindle-kite', 'orrin-haul', 'velder-two', 'pallas-tender'];
describe.each(DEMO)('the options of %s', (name) => {
  const job = demoJob(name);
  const { setups } = evaluate(job);
  const all = told(job, ...job.setups.map(({ id }) => id));
  test('say the figures of evaluate, rounded, and keep what is internal to themselves', () => {
    expect(all.options).toHaveLength(job.setups.length);
    for (const [at, option] of all.options.entries()) {
      const report = setups[at]!;
      const stands = cell(all, option, 'How it stands');
      for (const axle of ['front', 'rear'] as const)
        if (report[axle].pokeMm !== null) expect(stands).toContain(faceWords(report[axle].pokeMm, words));
      for (const line of option.cells.flat()) expect(line).not.toMatch(INTERNAL);
      expect(option.corners.map(({ axle }) => axle)).toEqual(['front', 'rear']);
    }
    expect([...all.asked, ...all.cautions].join(' ')).not.toMatch(INTERNAL);
  });
  test('leave out nothing that fails, needs care or is not known', () => {
    for (const [at, option] of all.options.entries()) {
      const against = cell(all, option, 'What speaks against it');
      const open = cell(all, option, 'What is not known yet');
      const verdicts = allChecks(setups[at]!).map(({ verdict }) => verdict);
      expect(against === 'Nothing that was found').toBe(!verdicts.includes('fail') && !verdicts.includes('caution'));
      expect(open === '').toBe(!verdicts.includes('unknown'));
      expect(option.word).toBe(
        { ok: 'Fits', caution: 'Fits with care', fail: 'Does not fit as it is', unknown: 'Not all known yet' }[
          setups[at]!.verdict
        ],
      );
    }
  });
});

test('a modification that makes it fit is named with its price, where it is allowed; else that none does', () => {
  const job = demoJob('orrin-haul');
  const sheet = told(job, 'b', 'c');
  const [raised, stuck] = sheet.options;
  expect(cell(sheet, raised!, 'What is changed on the car')).toMatch(/raised by 30 mm.*Bumper corner: heat and push/);
  expect(cell(sheet, raised!, 'What it costs')).toMatch(/Modifications besides: about £64\.00 before tax.*budget/);
  expect(cell(sheet, stuck!, 'What is changed on the car')).toContain('No modification that was agreed on');
  const none = changed(job, ['brief/remedies', {}], ['house/remedies', {}]);
  const setup = setupOf(none, 'b');
  const report = evaluate({ ...none, setups: [setup] }).setups[0]!;
  expect(remediesFor({ job: none, setup, report, unit: 'mm' })).toEqual({ front: null, rear: null });
});

test('what was decided, and why not the others, stands with its option; what is not there is left out', () => {
  const job: Job = {
    ...demoJob('velder-two'),
    decision: { setup: 'b', decidedAt: '2026-03-02T09:00:00Z', against: [{ setup: 'a', why: 'too far in' }] },
  };
  const sheet = told(job, 'b', 'a', 'zz');
  expect(sheet.options.map(({ name, isChosen }) => [name, isChosen])).toEqual([
    ['B', true],
    ['A', false],
  ]);
  expect(cell(sheet, sheet.options[1]!, 'What speaks against it')).toContain('Too far in');
  expect(told(job).options).toEqual([]);
});

test('a car of which nothing was read says so, and invents nothing', () => {
  const empty: Job = {
    format: 'scoval.job',
    version: 1,
    vehicle: {},
    setups: [{ id: 'a', front: { wheel: { rimDiameterIn: 17, rimWidthIn: 8 } } }],
  };
  const sheet = told(empty, 'a');
  const [option] = sheet.options;
  expect(sheet.asked).toEqual(['Front and rear: nothing past the fender']);
  expect(option!.word).not.toBe('Fits');
  expect(option!.corners).toEqual([]);
  expect(sheet.headings).not.toContain('How it stands');
  expect(cell(sheet, option!, 'What is not known yet')).toContain('not measured yet');
});
