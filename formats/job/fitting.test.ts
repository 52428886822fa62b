import fc from 'fast-check';
import type { Fitting } from '#core/fitting';
import { checkJob, faultLine, readJobFile, writeJobFile } from '#formats/job';
import { demoJob } from '#support/jobs';

const job = demoJob('brindle-kite');
/** As the design of the file shows one. */
const FITTING: Fitting = {
  id: 'f1',
  kind: 'mock-up',
  startedAt: '2026-03-02T08:40:00Z',
  finishedAt: null,
  odometerKm: 61240,
  note: '',
  corners: {
    frontRight: {
      setup: 'b',
      steps: {
        'hub-clean': { doneAt: '2026-03-02T08:44:00Z', by: 'MR' },
        'spacer-flush-hub': { doneAt: '2026-03-02T08:50:00Z', result: 'flush' },
      },
      predicted: [{ figure: 'pokeMm', valueMm: -13.6, plusMinusMm: 3.1 }],
      measured: [
        {
          figure: 'pokeMm',
          valueMm: -11.5,
          instrument: 'steel-rule',
          uncertaintyMm: 0.5,
          takenAt: '2026-03-02T09:20:00Z',
        },
        { figure: 'obstacle:strut', valueMm: 4.5, steerDeg: 0, travelMm: 0, instrument: 'feeler' },
      ],
      torque: [{ joint: 'wheel', stage: 2, fastener: 3, nm: 94, takenAt: '2026-03-02T09:00:00Z', tool: 'wrench' }],
      marks: [
        {
          id: 'm1',
          surface: 'outer-shoulder',
          clockDeg: -100,
          axialMm: null,
          steerDeg: -32,
          travelMm: 20,
          lengthMm: 60,
          on: 'liner-rear',
          photo: 'p3',
          note: '',
        },
      ],
      look: { verdict: 'a little more', byMm: 3 },
    },
  },
  retorque: [{ joint: 'wheel', odometerKm: 61320, doneAt: '2026-03-05T08:00:00Z', moved: [3] }],
  outcome: null,
};
const withFitting = (change: (fitting: Fitting) => void) => {
  const fitting = structuredClone(FITTING);
  change(fitting);
  return (checkJob({ ...job, fittings: [fitting] }).faults ?? []).map(faultLine);
};
const corner = (fitting: Fitting) => fitting.corners.frontRight!;

test('a fitting goes out and comes in as it is', () => {
  const whole = { ...job, fittings: [FITTING] };
  const read = readJobFile(writeJobFile(whole));
  expect(read.faults).toBeUndefined();
  expect(read.job).toEqual(whole);
});

test.each<[string, (fitting: Fitting) => void, string]>([
  [
    'a setup that there is not',
    (f) => (corner(f).setup = 'z'),
    'fittings[0].corners.frontRight.setup: there is no setup “z”',
  ],
  [
    'a fastener beyond the lug count',
    (f) => (corner(f).torque![0]!.fastener = 5),
    'fittings[0].corners.frontRight.torque[0].fastener: the front hub has 4 fasteners',
  ],
  [
    'no torque',
    (f) => (corner(f).torque![0]!.nm = 0),
    'fittings[0].corners.frontRight.torque[0].nm: must be more than 0 and at most 1000',
  ],
  [
    'too much torque',
    (f) => (corner(f).torque![0]!.nm = 1001),
    'fittings[0].corners.frontRight.torque[0].nm: must be more than 0 and at most 1000',
  ],
  [
    'a step before the fitting began',
    (f) => (corner(f).steps!['hub-clean']!.doneAt = '2026-03-02T08:39:59Z'),
    'fittings[0].corners.frontRight.steps.hub-clean.doneAt: is before the fitting began',
  ],
  [
    'a reading before it',
    (f) => (corner(f).measured![0]!.takenAt = '2026-03-01T08:40:00Z'),
    'fittings[0].corners.frontRight.measured[0].takenAt: is before the fitting began',
  ],
  [
    'an end before it',
    (f) => (f.finishedAt = '2026-03-01T00:00:00Z'),
    'fittings[0].finishedAt: is before the fitting began',
  ],
  [
    'a retorque before it',
    (f) => (f.retorque![0]!.doneAt = '2026-03-01T00:00:00Z'),
    'fittings[0].retorque[0].doneAt: is before the fitting began',
  ],
  [
    'an inner wheel on an axle that has none',
    (f) => (f.corners.rearLeftInner = { setup: 'a' }),
    'fittings[0].corners.rearLeftInner: the rear axle has no inner wheels',
  ],
  [
    'a figure that is none',
    (f) => ((corner(f).measured![0] as { figure: string }).figure = 'bump'),
    'fittings[0].corners.frontRight.measured[0].figure: is no figure that is read at a fitting',
  ],
  [
    'a day that does not exist',
    (f) => (f.startedAt = '2026-02-30T08:00:00Z'),
    'fittings[0].startedAt: is a date that does not exist',
  ],
])('refused with its place: %s', (_, change, line) => {
  expect(withFitting(change)).toEqual([line]);
});

test('all that is wrong is told at once', () => {
  const lines = withFitting((fitting) => {
    corner(fitting).setup = 'z';
    corner(fitting).torque![0]!.fastener = 9;
    fitting.finishedAt = '2026-03-01T00:00:00Z';
  });
  expect(lines).toHaveLength(3);
});

test('whatever stands in the place of fittings, it is read or refused, never thrown', () => {
  fc.assert(
    fc.property(fc.anything({ maxDepth: 4 }), fc.anything({ maxDepth: 3 }), (fittings, inside) => {
      for (const tried of [
        fittings,
        [inside],
        [{ ...FITTING, corners: inside }],
        [{ ...FITTING, corners: { frontRight: inside } }],
      ])
        expect(() => checkJob({ ...job, fittings: tried })).not.toThrow();
    }),
    { numRuns: 200 },
  );
});
