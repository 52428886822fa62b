import { evaluateSetup, headlineOf, type Check } from '#core/evaluate';
import { setupFromPresent, type Job } from '#core/job';
import { checkWith } from '#support/check';

const check = (code: string, verdict: Check['verdict'], label = code): Check =>
  ({ ...checkWith({}), code, label, verdict }) as Check;

describe('what is said while something is not measured', () => {
  test.each<[string, Check[], object | null]>([
    ['everything known: the check that limits says it', [check('fender', 'ok'), check('pattern', 'ok')], null],
    ['something fails: so does the whole', [check('fender', 'fail'), check('pattern', 'unknown')], null],
    [
      'a room that clears',
      [check('fender', 'ok'), check('brake-spoke', 'unknown'), check('pattern', 'unknown')],
      { known: 'room clears', open: 'brake and hub not measured' },
    ],
    ['care is needed: so is it for the whole', [check('fender', 'caution'), check('pattern', 'unknown')], null],
    [
      'a room known in part names what is open',
      [check('fender', 'ok'), check('arch', 'unknown', 'Fender clearance, at rest'), check('pattern', 'unknown')],
      { known: '', open: 'fender clearance, at rest and hub not measured' },
    ],
    ['nothing known', [check('fender', 'unknown')], { known: '', open: 'room not measured' }],
  ])('%s', (_, checks, expected) => expect(headlineOf(checks)).toEqual(expected));
});

test('a room has its verdict by six typed readings of one axle and the kind of suspension', () => {
  const job: Job = {
    format: 'scoval.job',
    version: 1,
    vehicle: {
      front: {
        baseline: {
          tire: { size: '205/55R16' },
          // The diameter comes with the size.
          wheel: { rimDiameterIn: 16, rimWidthIn: 6.5, offsetMm: 45 },
        },
        room: { outboardGapMm: 14, inboardGapMm: 26, archGapMm: 70 },
        suspension: { kind: 'strut' },
      },
    },
    setups: [],
  };
  const setup = setupFromPresent(job);
  const report = evaluateSetup({ ...job, setups: [setup] }, setup);
  expect(headlineOf(report.front.checks)).toMatchObject({ known: expect.stringMatching(/^room clears/) });
});
