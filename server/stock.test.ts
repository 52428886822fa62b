import type { Job } from '#core/job';
import type { ShelfItem } from '#core/shelf';
import { freshDatabase } from '#support/freshDatabase';
import { demoJob } from '#support/jobs';
import { createJob } from './jobs';
import { importItems, listItems, listPage, removeItem } from './shelf';
import { orderFor, putBackParts, reserveParts, takenOf, useParts, type SetupParts } from './stock';

freshDatabase();

const RING: ShelfItem = { kind: 'ring', name: 'ring', maker: 'Ostrik', outerMm: 72.6, innerMm: 63.4, quantity: 5 };
const quantity = async () => (await listItems()).find(({ kind }) => kind === 'ring')!.quantity;
const ringsOf = async (of: SetupParts) => (await orderFor(of))!.find(({ code }) => code === 'rings')!;
const job = demoJob('brindle-kite');
const made = async (one: Job = job): Promise<SetupParts> => ({ jobId: await createJob(one), setupId: 'b' });

test('put by for one setup is not free for another; taken off the shelf; and all of it put back', async () => {
  await importItems([RING]);
  const [one, other] = [await made(), await made()];
  expect(await ringsOf(one)).toMatchObject({ count: 4, onShelf: 5, fromShelf: 4, reserved: 0, toBuy: 0 });
  expect(await reserveParts(one)).toBe(true);
  expect(await ringsOf(one)).toMatchObject({ onShelf: 5, fromShelf: 4, reserved: 4, used: 0, toBuy: 0 });
  expect(await ringsOf(other)).toMatchObject({ onShelf: 1, fromShelf: 1, toBuy: 3 });
  await reserveParts(other);
  expect(await ringsOf(other)).toMatchObject({ reserved: 1, toBuy: 3 });
  expect(await quantity()).toBe(5);

  await useParts(one);
  expect(await quantity()).toBe(1);
  expect(await ringsOf(one)).toMatchObject({ used: 4, reserved: 0, fromShelf: 0, toBuy: 0 });
  expect(await ringsOf(other)).toMatchObject({ onShelf: 1, reserved: 1 });
  const [item] = (await listPage({ kind: 'ring', search: '', sort: null, descending: false, page: 1 })).items;
  expect((await takenOf([item!.id]))[item!.id]).toEqual(
    [
      { ...one, setupId: undefined, setup: 'b', number: expect.stringMatching(/^SK-\d+$/), reserved: 0, used: 4 },
      { ...other, setupId: undefined, setup: 'b', number: expect.stringMatching(/^SK-\d+$/), reserved: 1, used: 0 },
    ].map(({ setupId: _, ...row }) => row),
  );

  await putBackParts(one);
  await putBackParts(one);
  expect(await quantity()).toBe(5);
  expect(await ringsOf(one)).toMatchObject({ used: 0, reserved: 0, onShelf: 4 });
  await putBackParts(other);
  expect(await quantity()).toBe(5);
  expect(await takenOf([item!.id])).toEqual({});
});

test('reserved anew where the shelf has changed; several at once never take more than lies there', async () => {
  await importItems([RING]);
  const all = await Promise.all(Array.from({ length: 4 }, () => made()));
  await Promise.all(all.map(reserveParts));
  const lines = await Promise.all(all.map(ringsOf));
  expect(lines.reduce((sum, line) => sum + line.reserved, 0)).toBe(5);
  for (const one of all) await putBackParts(one);
  await reserveParts(all[0]!);
  await importItems([{ ...RING, quantity: 2 }]);
  expect(await ringsOf(all[0]!)).toMatchObject({ onShelf: 2, reserved: 2, toBuy: 2 });
  await reserveParts(all[0]!);
  await useParts(all[0]!);
  expect(await quantity()).toBe(0);
});

test('what nobody counted is not put by; an item that goes takes its marks along; no setup, no answer', async () => {
  await importItems([{ ...RING, quantity: undefined }]);
  const one = await made();
  await reserveParts(one);
  expect(await ringsOf(one)).toMatchObject({ reserved: 0, toBuy: 4 });
  await importItems([RING]);
  await reserveParts(one);
  const [item] = (await listPage({ kind: 'ring', search: '', sort: null, descending: false, page: 1 })).items;
  await removeItem(item!.id);
  expect(await takenOf([item!.id])).toEqual({});
  expect(await ringsOf(one)).toMatchObject({ reserved: 0, shelf: null, toBuy: 4 });
  expect(await reserveParts({ ...one, setupId: 'zz' })).toBe(false);
  expect(await orderFor({ jobId: 'none', setupId: 'b' })).toBeNull();
});
