import { calibrate, calibrationOf } from '#core/calibration';
import { saveEdits } from '#server/edits';
import { shopErrors } from '#server/fittingErrors';
import { createJob } from '#server/jobs';
import { freshDatabase } from '#support/freshDatabase';
import { demoJobFitted, example } from '#support/jobs';

freshDatabase();

test('the errors of all finished fittings are those of the command, each with its job', async () => {
  const [kite, tender] = [demoJobFitted('brindle-kite'), demoJobFitted('pallas-tender')];
  const id = await createJob(kite);
  await createJob(tender);
  await createJob(example());
  const { errors, leftOut } = await shopErrors();
  expect(leftOut).toEqual([]);
  expect(new Set(errors.map(({ job, number }) => [job, number].join()))).toEqual(new Set([`${id},SK-001`]));
  expect(calibrationOf(errors)).toEqual(calibrate([kite, tender]));
  // Kept: the same again; a change of the job has it compared anew.
  expect((await shopErrors()).errors).toEqual(errors);
  const path = ['fittings', 'f2', 'corners', 'frontRight', 'measured'];
  const [value] = kite.fittings![1]!.corners.frontRight!.measured!;
  expect((await saveEdits(id, 1, [{ op: 'remove', path, value }])).status).toBe('saved');
  expect((await shopErrors()).errors).toHaveLength(errors.length - 1);
});
