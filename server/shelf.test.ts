import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import type { ShelfItem } from '#core/shelf';
import { closeDatabase } from './database/connection';
import { ShelfRow } from './database/models';
import {
  findWheel,
  importItems,
  listItems,
  listPage,
  MOST_ITEMS,
  removeItem,
  saveItem,
  type ShelfQuery,
} from './shelf';

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

const SPACERS: ShelfQuery = { kind: 'spacer', search: '', sort: null, descending: false, page: 1 };

test('items are kept, changed and taken out; numbers in names sort as numbers', async () => {
  await saveItem(null, spacer('10 mm', 10));
  await saveItem(null, spacer('5 mm', 5));
  const { items } = await listPage(SPACERS);
  const [first, second] = items;
  expect([first!.item.name, second!.item.name]).toEqual(['5 mm', '10 mm']);
  await saveItem(first!.id, { ...first!.item, quantity: 4 });
  expect((await listItems())[0]!.quantity).toBe(4);
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
  expect((await listItems()).map(({ thicknessMm }) => thicknessMm)).toEqual([5.5, 8, 12]);
  const [rows] = await ShelfRow.sequelize!.query('SELECT created_at AS made, updated_at AS changed FROM store_items');
  for (const { made, changed } of rows as { made: string; changed: string }[])
    for (const text of [made, changed]) expect(text).toMatch(/^\d{4}-\d\d-\d\d \d\d:\d\d:\d\d\.\d{3} \+00:00$/);
});

test('a page at a time, searched and in the order that is asked for', async () => {
  await importItems([
    ...Array.from({ length: 120 }, (_, at) => spacer(`${at + 1} mm`, 120 - at)),
    { kind: 'wheel', name: 'Gale 100%', maker: 'Fenwold', rimDiameterIn: 17, rimWidthIn: 8, offsetMm: 40 } as ShelfItem,
  ]);
  const names = async (query: Partial<ShelfQuery>) =>
    (await listPage({ ...SPACERS, ...query })).items.map(({ item }) => item.name);
  expect(await names({})).toEqual(Array.from({ length: 50 }, (_, at) => `${at + 1} mm`));
  expect(await names({ page: 3 })).toHaveLength(20);
  expect(await names({ page: 4 })).toEqual([]);
  expect((await names({ descending: true }))[0]).toBe('120 mm');
  expect((await names({ sort: 'thicknessMm' }))[0]).toBe('120 mm');
  expect((await names({ sort: 'thicknessMm', descending: true }))[0]).toBe('1 mm');
  expect(await names({ search: 'OSTRIK 12' })).toEqual(['12 mm', '112 mm', '120 mm']);
  expect(await names({ search: '100%', kind: 'wheel' })).toEqual(['Gale 100%']);
  expect(await names({ search: '%' })).toEqual([]);
  expect(await names({ sort: "x'); DROP TABLE store_items; --" })).toHaveLength(50);
  const { total, counts } = await listPage(SPACERS);
  expect([total, counts]).toEqual([120, { spacer: 120, wheel: 1 }]);
  expect((await findWheel('Fenwold Gale 100%'))!.offsetMm).toBe(40);
  expect(await findWheel('Fenwold Gale')).toBeNull();
});
test('a shelf holds so many items; a list beyond that is refused whole', async () => {
  const many = Array.from({ length: MOST_ITEMS }, (_, at) => spacer(`${at} mm`, 5));
  expect(await importItems(many)).toEqual({ added: MOST_ITEMS, replaced: 0 });
  expect(await importItems([spacer('one more', 5)])).toBeNull();
  expect(await importItems([spacer('7 mm', 7)])).toEqual({ added: 0, replaced: 1 });
  expect((await listPage(SPACERS)).total).toBe(MOST_ITEMS);
});
