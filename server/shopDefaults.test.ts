import { readFileSync } from 'node:fs';
import { readJobFile } from '#formats/job';
import { freshDatabase } from '#support/freshDatabase';
import { example } from '#support/jobs';
import { saveEdits } from './edits';
import { readShopDefaults, setShopDefaults } from './shopDefaults';
import { createJob, exportJob } from './jobs';
import { openJob } from './openJob';
import { judgedJobs } from '#support/judgedJobs';

freshDatabase();

test('a limit is set, and given back what is usual', async () => {
  expect(await readShopDefaults()).toEqual({});
  expect(await setShopDefaults(['limits', 'inboardMm'], 9)).toEqual({ house: { limits: { inboardMm: 9 } } });
  expect(await setShopDefaults(['rules', 'rub'], 'plastic')).toEqual({
    house: { limits: { inboardMm: 9 }, rules: { rub: 'plastic' } },
  });
  await setShopDefaults(['limits', 'inboardMm'], null);
  expect(await readShopDefaults()).toEqual({ limits: {}, rules: { rub: 'plastic' } });
});
test.each([
  [['limits', 'inboardMm'], 900, 'limits.inboardMm: must be between 0 and 100'],
  [['limits', 'inboard'], 9, 'limits.inboard: is not a known field'],
  [['rules', 'rub'], 'always', 'rules.rub: must be one of'],
  [['remedies', 'lift', 'mostMm'], -4, 'remedies.lift.mostMm: must be between 0 and 300'],
])('%j = %j is refused and changes nothing', async (place, value, message) => {
  const answer = await setShopDefaults(place, value);
  expect('faults' in answer && answer.faults.map(({ path: at, message: why }) => `${at}: ${why}`).join()).toContain(
    message,
  );
  expect(await readShopDefaults()).toEqual({});
});
test('a change of the shop judges every job anew', async () => {
  const kite = readJobFile(readFileSync('demo/brindle-kite.scoval.json', 'utf8')).job!;
  await createJob({ ...kite, setups: kite.setups.slice(0, 1) });
  const before = (await judgedJobs())[0]!.standing.verdicts;
  await setShopDefaults(['limits', 'engagementRatio'], 3);
  const after = (await judgedJobs())[0]!.standing.verdicts;
  expect(after).not.toEqual(before);
  await setShopDefaults(['limits', 'engagementRatio'], null);
  expect((await judgedJobs())[0]!.standing.verdicts).toEqual(before);
});
test('a file carries the shop it was judged by; another shop judges by its own', async () => {
  await setShopDefaults(['limits', 'archMm'], 12);
  const id = await createJob({ ...example(), house: { limits: { archMm: 40 } } });
  expect((await openJob(id))!.job.house).toBeUndefined();
  expect((await exportJob(id))!.job.house).toEqual({ limits: { archMm: 12 } });
});
test('a job does not change the shop', async () => {
  const id = await createJob(example());
  const result = await saveEdits(id, 1, [{ op: 'set', path: ['house', 'limits', 'archMm'], value: 0 }]);
  expect(result.status).toBe('invalid');
});
