import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import writeXlsx from 'write-excel-file/node';
import type { Page } from '@playwright/test';
import { clean } from './axe';
import { pick, expect, test } from './bench';

const LIST = [
  'Harbour wheels, valid from January',
  'Design;Größe;ET;Offset;LK;Mittenloch;EK netto',
  'Gale;8,5Jx18;35/+35;40;5/112;66,6;189,50 €',
  'Tor;7 1/2 x 17;+45;40;4/108;63,4;120,00 €',
  'Voe;square;+45;40;4/108;63,4;120,00 €',
].join('\n');

const named = (name: string, text: string | Buffer) => ({
  name,
  mimeType: 'text/csv',
  buffer: Buffer.isBuffer(text) ? text : Buffer.from(text),
});

async function open(page: Page, supplier: string) {
  await page.goto('/price-lists');
  const begin = page.getByRole('button', { name: 'Take in a list' });
  const dialog = page.getByRole('dialog');
  // A button pressed before the page is awake is pressed again.
  await expect(async () => {
    await begin.click();
    await expect(dialog).toBeVisible({ timeout: 1000 });
  }).toPass();
  await dialog.getByLabel('Supplier').fill(supplier);
  return dialog;
}

test('a list is looked at, its columns said, lines that cannot be read left out; replaced and taken back', async ({
  page,
}) => {
  const dialog = await open(page, 'Harbour');
  await dialog.getByLabel('Price list, CSV or XLSX').setInputFiles(named('harbour.csv', LIST));
  await expect(dialog.getByRole('alert').filter({ hasText: 'Several columns could be offset' })).toBeVisible();
  await expect(dialog.getByRole('button', { name: 'Take in 0' })).toBeDisabled();
  await clean(page, '.dialog');
  await pick(dialog.getByRole('combobox', { name: 'ET is', exact: true }), 'Offset, mm');
  await expect(dialog.getByRole('status')).toHaveText('2 lines read, 1 not.');
  await expect(dialog.getByText('line 5, Size, all in one: names no rim')).toBeVisible();
  await expect(dialog.getByRole('table', { name: 'The first of it' })).toContainText('Gale 18 x 8.5 +35');
  const take = dialog.getByRole('button', { name: 'Take in 2' });
  await expect(take).toBeDisabled();
  await dialog.getByLabel(/leave out the line that/).check();
  await take.click();
  await expect(dialog.getByRole('status')).toContainText('2 parts of Harbour are taken in');
  await dialog.getByRole('button', { name: 'Done' }).click();
  const row = page.getByRole('row').filter({ hasText: 'Harbour' });
  await expect(row).toContainText('harbour.csv');
  await clean(page);
  // The next list is known by its heads, in whatever order they stand.
  const again = await open(page, 'Harbour');
  await again
    .getByLabel('Price list, CSV or XLSX')
    .setInputFiles(named('next.csv', 'LK;ET;EK netto;Größe;Offset\n5/112;30;99,00 €;8Jx18;1'));
  await expect(again.getByRole('status')).toHaveText('1 line read.');
  await again.getByRole('button', { name: 'Take in 1' }).click();
  await again.getByRole('button', { name: 'Done' }).click();
  await expect(row).toContainText('next.csv');
  await row.getByRole('button', { name: 'Take back the list of Harbour' }).click();
  await expect(row).toContainText('harbour.csv');
  await row.getByRole('button', { name: 'Take back the list of Harbour' }).click();
  await expect(row).toHaveCount(0);
});

test('a workbook is read as a list is; what is none is refused in words', async ({ page }) => {
  const folder = mkdtempSync(path.join(tmpdir(), 'scoval-lists-'));
  const dialog = await open(page, 'Workbook');
  const input = dialog.getByLabel('Price list, CSV or XLSX');
  const rows = [
    ['Tread', 'Tyre size', 'Price EUR'],
    ['Scree', '205/55R16 91H', 61.5],
  ];
  const bytes = await (await writeXlsx(rows.map((row) => row.map((value) => ({ value }))) as never)).toBuffer();
  writeFileSync(path.join(folder, 'tires.xlsx'), bytes);
  await input.setInputFiles(path.join(folder, 'tires.xlsx'));
  await expect(dialog.getByRole('status')).toHaveText('1 line read.');
  await expect(dialog.getByRole('combobox', { name: 'List of' }).locator(':checked')).toHaveText('Tires');
  for (const [name, content, words] of [
    ['torn.xlsx', bytes.subarray(0, bytes.length - 30), 'is no zip, or a broken one'],
    ['empty.csv', '', 'is empty'],
    ['quote.csv', 'a;b\n"x;y', 'a quotation mark is not closed'],
  ] as const) {
    await input.setInputFiles(named(name, content));
    await expect(dialog.getByRole('alert').filter({ hasText: words })).toBeVisible();
  }
  await dialog.getByRole('button', { name: 'Cancel' }).click();
  await expect(page.getByRole('row').filter({ hasText: 'Workbook' })).toHaveCount(0);
  rmSync(folder, { recursive: true });
});
