import type { Fitting } from '#core/fitting';
import { archiveJob, createJob } from '#server/jobs';
import { saveEdits } from '#server/edits';
import { jobReminders, shopReminders } from '#server/reminders';
import { setShopDefaults } from '#server/shopDefaults';
import { remindersOf } from '#server/work/reminders';
import { freshDatabase } from '#support/freshDatabase';
import { example } from '#support/jobs';

freshDatabase();

const done: Fitting = {
  id: 'f1',
  kind: 'final',
  startedAt: '2026-03-02T08:00:00.000Z',
  finishedAt: '2026-03-02T12:00:00.000Z',
  odometerKm: 61240,
  outcome: 'kept',
  corners: { frontRight: { setup: 'b' } },
};
const booked: Fitting = { id: 'f2', kind: 'final', startedAt: '2026-05-01T07:00:00.000Z', corners: {} };
const NOW = new Date('2026-03-03T00:00:00Z');
const ofTheShop = () => shopReminders(NOW).then(remindersOf);
const ofTheJob = (id: string, now = NOW) => jobReminders(id, now).then((found) => remindersOf(found!.told));
const withFittings = (...fittings: Fitting[]) => createJob({ ...example(), fittings });

test('torque to be checked, and a fitting that is booked', async () => {
  const id = await withFittings(done);
  const [retorque] = await ofTheShop();
  expect(retorque).toMatchObject({ id: `retorque-${id}`, at: '2026-03-09T12:00:00.000Z', isDay: true });
  expect(retorque!.summary).toMatch(/^Retorque: .* \(SK-001\)$/);
  expect(retorque!.description).toBe('Or at 61340 km, what comes first.');
  const other = await withFittings(booked);
  expect(await ofTheJob(other)).toMatchObject([{ id: `fitting-${other}`, isDay: false }]);
  // What was booked and has begun reminds of nothing.
  expect(await ofTheJob(other, new Date('2026-05-02T00:00:00Z'))).toEqual([]);
  expect(await jobReminders('nobody', NOW)).toBeNull();
});

test('the terms of the shop; a check that found nothing; a job that was put away', async () => {
  const id = await withFittings(done);
  const [first] = await ofTheShop();
  await setShopDefaults(['fitUp', 'retorqueDays'], 2);
  expect((await ofTheJob(id))[0]!.at).toBe('2026-03-04T12:00:00.000Z');
  await archiveJob(id, true);
  expect((await ofTheShop()).some((one) => one.id === first!.id)).toBe(false);
  await archiveJob(id, false);
  const value = { joint: 'wheel', doneAt: '2026-03-05T08:00:00.000Z', moved: [] };
  const saved = await saveEdits(id, 1, [{ op: 'add', path: ['fittings', 'f1', 'retorque'], value }]);
  expect(saved.status).toBe('saved');
  expect((await ofTheShop()).some((one) => one.id === first!.id)).toBe(false);
});
