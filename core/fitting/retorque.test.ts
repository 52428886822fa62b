import type { Fitting } from './records';
import { isOverdue, jobRetorqueFrom, retorqueDue } from './retorque';

const done: Fitting = {
  id: 'f1',
  kind: 'final',
  startedAt: '2026-03-02T08:00:00.000Z',
  finishedAt: '2026-03-02T12:00:00.000Z',
  odometerKm: 61240,
  corners: {},
};
const due = { byDate: '2026-03-09T12:00:00.000Z', byKm: 61340 };

// 50 to 100 km, or a week: common practice, no source.
test('a final fitting is due a week after its end, or 100 km on', () => expect(retorqueDue(done)).toEqual(due));

test('without an odometer, by date alone; terms of the shop', () => {
  expect(retorqueDue({ ...done, odometerKm: null })).toEqual({ ...due, byKm: null });
  expect(retorqueDue(done, { retorqueDays: 1, retorqueKm: 50 })).toEqual({
    byDate: '2026-03-03T12:00:00.000Z',
    byKm: 61290,
  });
});

test.each<[string, Partial<Fitting>]>([
  ['a mock-up', { kind: 'mock-up' }],
  ['one under way', { finishedAt: null }],
  ['one that came off', { outcome: 'taken off' }],
  ['one that was changed', { outcome: 'changed' }],
  ['one that was checked, and nothing moved', { retorque: [{ joint: 'wheel', doneAt: '2026-03-05T08:00:00.000Z' }] }],
])('nothing is due of %s', (_, change) => expect(retorqueDue({ ...done, ...change })).toBeNull());

test('a fastener that moved asks for another check, counted from this one', () => {
  const retorque = [
    { joint: 'wheel' as const, odometerKm: 61320, doneAt: '2026-03-05T08:00:00.000Z', moved: [3] },
    { joint: 'wheel' as const, odometerKm: 61250, doneAt: '2026-03-03T08:00:00.000Z', moved: [] },
  ];
  expect(retorqueDue({ ...done, retorque })).toEqual({ byDate: '2026-03-12T08:00:00.000Z', byKm: 61420 });
});

test('a job waits for the check of what is on the car now: its last final fitting', () => {
  const later = { ...done, id: 'f2', finishedAt: '2026-04-02T12:00:00.000Z', odometerKm: null };
  expect(jobRetorqueFrom({ fittings: [done, later] })).toEqual({ at: later.finishedAt, odometerKm: null });
  expect(jobRetorqueFrom({ fittings: [done, { ...later, kind: 'mock-up' }] })!.at).toBe(done.finishedAt);
  expect(jobRetorqueFrom({ fittings: [done, { ...later, outcome: 'taken off' }] })).toBeNull();
  expect(jobRetorqueFrom({})).toBeNull();
});

test('overdue by the clock, or by an odometer that was read since', () => {
  const at = (time: string, km: number | null = null) => isOverdue(due, new Date(time), km);
  expect([at('2026-03-09T11:59:59Z'), at('2026-03-09T12:00:00Z')]).toEqual([false, true]);
  expect([at('2026-03-03T00:00:00Z', 61339), at('2026-03-03T00:00:00Z', 61340)]).toEqual([false, true]);
  expect(isOverdue({ ...due, byKm: null }, new Date('2026-03-03T00:00:00Z'), 99999)).toBe(false);
});
