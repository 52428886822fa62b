import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import type { ShelfItem } from '#core/shelf';
import { closeDatabase } from './database/connection';
import { importItems, listItems, removeItem, saveItem } from './shelf';

let folder: string;
beforeEach(() => {
  folder = mkdtempSync(path.join(tmpdir(), 'scoval-test-'));
  process.env.SCOVAL_DATA = folder;
});
afterEach(async () => {
  await closeDatabase();
  rmSync(folder, { recursive: true });
});

const spacer = (name: string, thicknessMm: number): ShelfItem => ({
  kind: 'spacer',
  name,
  maker: 'Ostrik',
  thicknessMm,
});

test('items are kept, changed and taken out; numbers in names sort as numbers', async () => {
  await saveItem(null, spacer('10 mm', 10));
  await saveItem(null, spacer('5 mm', 5));
  const [first, second] = await listItems();
  expect([first!.item.name, second!.item.name]).toEqual(['5 mm', '10 mm']);
  await saveItem(first!.id, { ...first!.item, quantity: 4 });
  expect((await listItems())[0]!.item.quantity).toBe(4);
  await removeItem(first!.id);
  expect(await listItems()).toHaveLength(1);
});
test('a second one of the same kind, maker and name is refused; another kind may have it', async () => {
  await saveItem(null, spacer('5 mm', 5));
  expect(await saveItem(null, spacer('5 mm', 6))).toBeNull();
  expect(
    await saveItem(null, { kind: 'ring', name: '5 mm', maker: 'Ostrik', outerMm: 70, innerMm: 60 }),
  ).not.toBeNull();
  const other = await saveItem(null, spacer('6 mm', 6));
  expect(other).not.toBeNull();
  expect(await listItems()).toHaveLength(3);
});
test('a list adds what is new and replaces what is there', async () => {
  expect(await importItems([spacer('5 mm', 5), spacer('8 mm', 8)])).toEqual({ added: 2, replaced: 0 });
  expect(await importItems([spacer('5 mm', 5.5), spacer('12 mm', 12)])).toEqual({ added: 1, replaced: 1 });
  expect((await listItems()).map(({ item }) => item.thicknessMm)).toEqual([5.5, 8, 12]);
});
