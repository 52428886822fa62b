import { applyEdits, type Edit, type Job } from '#core/job';
import type { Fitting } from '#core/fitting';
import type { FittingStep } from '#core/sheet';
import { example } from '#support/jobs';
import { freeId } from '../../job/freeId';
import { doneOf, isAfterEnd, measure, pull, readOf, sayOfStep, tick, timeIn, unpull, untick } from './fittingEdits';

const begun: Fitting = {
  id: 'f1',
  kind: 'final',
  startedAt: '2026-03-02T08:40:00.000Z',
  corners: { frontRight: { setup: 'b' } },
};
const step: FittingStep = {
  id: 'hub-clean',
  corner: 'frontRight',
  keptAt: 'frontRight',
  setup: 'b',
  text: 'Wheel off.',
  because: 'It seats on it.',
  expects: null,
  torqueNm: null,
  tightens: null,
};
const fittingIn = (job: Job): Fitting => job.fittings![0]!;
/** A job, edited by what each of these makes of its fitting. */
const after = (...changes: ((fitting: Fitting) => Edit[])[]): Fitting =>
  fittingIn(
    changes.reduce<Job>((job, change) => applyEdits(job, change(fittingIn(job))), { ...example(), fittings: [begun] }),
  );
const at = '2026-03-02T09:00:00.000Z';
const ticked = (fitting: Fitting) => tick(fitting, step, { doneAt: at, by: 'MR' });

test('a step is ticked, and opened again', () => {
  expect(doneOf(after(ticked), step)).toEqual({ doneAt: at, by: 'MR' });
  expect(
    doneOf(
      after(ticked, (fitting) => untick(fitting, step)),
      step,
    ),
  ).toBeUndefined();
  expect(untick(begun, step)).toEqual([]);
});

test('a note stays when its step is opened again; a reason makes it not needed', () => {
  const noted = (fitting: Fitting) => sayOfStep(fitting, step, ['note', 'rusty']);
  expect(
    doneOf(
      after(noted, ticked, (fitting) => untick(fitting, step)),
      step,
    ),
  ).toEqual({ note: 'rusty' });
  const skipped = after((fitting) => sayOfStep(fitting, step, ['notNeeded', 'new hub']));
  expect(doneOf(skipped, step)).toEqual({ notNeeded: 'new hub' });
  expect(
    doneOf(
      after(noted, (fitting) => sayOfStep(fitting, step, ['note', null])),
      step,
    ),
  ).toEqual({});
});

test('two who tick one step: the first stands', () => {
  const both = [...ticked(begun), ...tick(begun, step, { doneAt: '2026-03-02T09:01:00.000Z', by: 'JT' })];
  const job = applyEdits({ ...example(), fittings: [begun] }, both);
  expect(doneOf(fittingIn(job), step)!.by).toBe('MR');
});

test('a reading is replaced by the next one of its figure and pose, and taken away', () => {
  const read = (valueMm: number | null, steerDeg?: number) => (fitting: Fitting) =>
    measure(fitting, 'frontRight', {
      figure: 'obstacle:strut',
      valueMm,
      takenAt: at,
      ...(steerDeg === undefined ? {} : { steerDeg }),
    });
  const twice = after(read(4), read(9, -20), read(5));
  expect(twice.corners.frontRight!.measured).toHaveLength(2);
  expect(readOf(twice, 'frontRight', { figure: 'obstacle:strut' })!.valueMm).toBe(5);
  expect(readOf(twice, 'frontRight', { figure: 'obstacle:strut', steerDeg: -20, travelMm: 0 })!.valueMm).toBe(9);
  expect(after(read(4), read(null)).corners.frontRight!.measured).toBeUndefined();
});

test('the last pull of a joint is taken back', () => {
  const row = (fastener: number, joint: 'wheel' | 'adapter') => ({ joint, stage: 1, fastener, nm: 55, takenAt: at });
  const rows = [row(1, 'wheel'), row(2, 'wheel'), row(1, 'adapter')];
  const left = after(
    (fitting) => pull(fitting, 'frontRight', rows),
    (fitting) => unpull(fitting, 'frontRight', 'wheel'),
  );
  expect(left.corners.frontRight!.torque).toEqual([rows[0], rows[2]]);
  expect(unpull(begun, 'frontRight', 'wheel')).toEqual([]);
});

test('no time of a fitting is before it began, whatever a clock says', () => {
  expect(timeIn(begun, new Date('2020-01-01T00:00:00Z'))).toBe(begun.startedAt);
  expect(timeIn(begun, new Date(at))).toBe(at);
});

test('ids are free', () => {
  expect(freeId('f', [])).toBe('f1');
  expect(freeId('f', [{ id: 'f2' }])).toBe('f3');
  expect(freeId('f', [{ id: 'f1' }, { id: 'f3' }])).toBe('f4');
});

test('a reading that came after the end of its fitting is told apart', () => {
  const closed = { ...begun, finishedAt: at };
  expect(isAfterEnd(closed, '2026-03-02T09:00:00.001Z')).toBe(true);
  expect([isAfterEnd(closed, at), isAfterEnd(closed, undefined), isAfterEnd(begun, at)]).toEqual([false, false, false]);
});
