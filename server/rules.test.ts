import { RULES_VERSION } from '#core/verdict';
import { freshDatabase } from '#support/freshDatabase';
import { example } from '#support/jobs';
import { createJob, rulesSeen } from './jobs';
import { openJob } from './openJob';
import { judgedJobs } from '#support/judgedJobs';
import { JobRow } from './database/models';

freshDatabase();

/** A job whose verdicts were kept by what judged before: its first setup was failed then. */
async function keptBefore(): Promise<string> {
  const id = await createJob(example());
  const [item] = await judgedJobs();
  const { rules: _, setups: now, ...standing } = item!.standing;
  const [first, is] = Object.entries(now!)[0]!;
  const was = is === 'fail' ? 'ok' : 'fail';
  const kept = { ...standing, setups: { ...now, [first]: was } };
  await JobRow.update({ standing: kept as never }, { where: { id }, silent: true });
  return id;
}

test('a job judged by other rules is judged anew when it is listed, and says what became of it', async () => {
  await keptBefore();
  const [item] = await judgedJobs();
  expect(item!.standing.rules).toBe(RULES_VERSION);
  expect(item!.rulesMoved).toMatchObject({ to: RULES_VERSION, setups: [{ id: 'a' }] });
});
test('so it is when it is opened', async () => {
  const id = await keptBefore();
  expect((await openJob(id))!.rulesMoved).toMatchObject({ to: RULES_VERSION });
});
test('it says so until somebody has seen it; neither the job nor its revision changes', async () => {
  const id = await keptBefore();
  const before = (await openJob(id))!;
  await judgedJobs();
  expect((await openJob(id))!.rulesMoved).not.toBeNull();
  await rulesSeen(id);
  const after = (await openJob(id))!;
  expect(after.rulesMoved).toBeNull();
  expect([after.revision, after.job, after.updatedAt]).toEqual([before.revision, before.job, before.updatedAt]);
});
test('a job whose verdicts stay has nothing to say', async () => {
  const id = await createJob(example());
  const [item] = await judgedJobs();
  const { rules: _, ...standing } = item!.standing;
  await JobRow.update({ standing: standing as never }, { where: { id }, silent: true });
  expect((await judgedJobs())[0]!.rulesMoved).toBeNull();
});
