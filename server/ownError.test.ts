import { saveEdits } from '#server/edits';
import { shopErrors } from '#server/fittingErrors';
import { createJob } from '#server/jobs';
import { openJob } from '#server/openJob';
import { ownErrorFollowed, setOwnErrorFollowed } from '#server/ownError';
import { readShopDefaults } from '#server/shopDefaults';
import { freshDatabase } from '#support/freshDatabase';
import { demoJobFitted } from '#support/jobs';

freshDatabase();

test('the ± follow the shop’s own error from when it is asked, with every fitting, until it is not', async () => {
  const kite = demoJobFitted('brindle-kite');
  const id = await createJob(kite);
  expect((await readShopDefaults()).ownError).toBeUndefined();
  await setOwnErrorFollowed(true);
  const { families } = await shopErrors(null);
  const first = (await readShopDefaults()).ownError!;
  expect(Object.keys(first).sort()).toEqual(
    Object.entries(families)
      .flatMap(([family, { n }]) => (n > 0 ? [family] : []))
      .sort(),
  );
  expect(first.poke).toEqual({
    scale: Math.max(1, Math.round(families.poke.scale * 100) / 100),
    biasMm: Math.round(families.poke.biasMm * 10) / 10,
    fittings: 2,
  });
  // A reading of a finished fitting that is taken back weighs no more.
  const path = ['fittings', 'f2', 'corners', 'frontRight', 'measured'];
  const edits = kite.fittings![1]!.corners.frontRight!.measured!.map((value) => ({
    op: 'remove' as const,
    path,
    value,
  }));
  expect((await saveEdits(id, 1, edits)).status).toBe('saved');
  await ownErrorFollowed();
  const then = (await readShopDefaults()).ownError!;
  expect(then).not.toEqual(first);
  await setOwnErrorFollowed(false);
  expect(await readShopDefaults()).toEqual({});
  expect((await saveEdits(id, 2, [{ op: 'add', path, value: edits[0]!.value }])).status).toBe('saved');
  await ownErrorFollowed();
  expect(await readShopDefaults()).toEqual({});
  expect((await openJob(id))!.job.house).toBeUndefined();
});
