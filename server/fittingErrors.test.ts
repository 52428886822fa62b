import { calibrate, type Calibration, type Estimate } from '#core/calibration';
import { FAMILIES } from '#core/fitting';
import { saveEdits } from '#server/edits';
import { shopErrors } from '#server/fittingErrors';
import { createJob } from '#server/jobs';
import { database } from './database/connection';
import { FittedErrorRow } from './database/models';
import { fittedErrors } from './database/migrations/016-fitted-errors';
import { tablesIn } from './database/migrations/tables';
import { freshDatabase } from '#support/freshDatabase';
import { demoJobFitted, example } from '#support/jobs';

freshDatabase();

/** The database adds in an order and with an exactness of its own. */
function expectAlike(one: Calibration['families'], other: Calibration['families']): void {
  for (const family of FAMILIES)
    for (const [name, value] of Object.entries(other[family])) {
      const found = one[family][name as keyof Estimate];
      if (value === null) expect(found).toBeNull();
      else expect(found).toBeCloseTo(value as number, 10);
    }
}

test('the errors of all finished fittings are those of the command, each with its job', async () => {
  const [kite, tender] = [demoJobFitted('brindle-kite'), demoJobFitted('pallas-tender')];
  const id = await createJob(kite);
  await createJob(tender);
  await createJob(example());
  const shown = await shopErrors(null);
  expect(shown.leftOut).toEqual([]);
  expect(shown.fittings).toBe(2);
  const all = await Promise.all(FAMILIES.map(async (family) => (await shopErrors(family)).errors));
  expect(new Set(all.flat().map(({ job, number }) => [job, number].join()))).toEqual(new Set([`${id},SK-001`]));
  expectAlike(shown.families, calibrate([kite, tender]).families);
  expect(all.map(({ length }) => length)).toEqual(FAMILIES.map((family) => shown.families[family].n));
  // Kept: the same again; a change of the job has it compared anew.
  expect(await shopErrors(null)).toEqual(shown);
  const path = ['fittings', 'f2', 'corners', 'frontRight', 'measured'];
  const [value] = kite.fittings![1]!.corners.frontRight!.measured!;
  expect((await saveEdits(id, 1, [{ op: 'remove', path, value }])).status).toBe('saved');
  expect((await shopErrors(null)).readings).toBe(shown.readings - 1);
});

test('of a job that is no longer fitted nothing is left; another keeps its own', async () => {
  const kite = demoJobFitted('brindle-kite');
  const [id] = [await createJob(kite), await createJob(kite)];
  const { readings } = await shopErrors(null);
  const path = ['fittings'];
  expect((await saveEdits(id, 1, [{ op: 'clear', path }])).status).toBe('saved');
  expect((await shopErrors(null)).readings).toBe(readings / 2);
});

/** What an older server kept with a job, made of what is kept now. */
test.each<[string, (kept: object[]) => string | null]>([
  ['whole', (kept) => JSON.stringify(kept)],
  ['none', () => null],
  ['torn', (kept) => JSON.stringify(kept).slice(0, -20)],
  ['no list', () => '{"error": 1}'],
  ['of other errors', (kept) => JSON.stringify(kept.map((one, at) => (at === 0 ? { family: 'poke' } : one)))],
])('an older database comes up to date with the same errors: a list that is %s', async (_, written) => {
  await createJob(demoJobFitted('brindle-kite'));
  const shown = await shopErrors(null);
  const all = (await database()).getQueryInterface();
  await all.sequelize.transaction(async (transaction) => {
    const context = tablesIn(all, transaction);
    const kept = await FittedErrorRow.findAll({ raw: true, transaction });
    await fittedErrors.down({ context });
    await context.rows('UPDATE jobs SET fitting_errors = ?', [written(kept)]);
    await fittedErrors.up({ context });
  });
  expect(await shopErrors(null)).toEqual(shown);
});
