import { clean } from './axe';
import { expect, test, type } from './bench';

// The shelf is the shop's, not a job's: one test after the other.
test.describe.configure({ mode: 'serial' });

test('an item is added, told what is wrong with it, changed and taken out', async ({ page }) => {
  await page.goto('/');
  await page.getByRole('link', { name: 'Shelf' }).click();
  await page.getByText(/^Rings \d+$/).click();
  await page.getByRole('button', { name: 'New ring' }).click();
  const dialog = page.getByRole('dialog');
  await dialog.getByRole('button', { name: 'Add' }).click();
  await expect(dialog.getByText('is needed').first()).toBeVisible();
  await dialog.getByLabel('Name').fill('ring 70 / 60 trial');
  await dialog.getByLabel('Maker').fill('Fenwold');
  await type(dialog.getByLabel(/^Outer/), 'seventy');
  await expect(dialog.getByText('“seventy” is not a length')).toBeVisible();
  await dialog.getByLabel(/^Outer/).fill('2 3/4 in');
  await dialog.getByLabel(/^Inner/).fill('71');
  await dialog.getByRole('button', { name: 'Add' }).click();
  await expect(dialog.getByText('must be smaller than the outer diameter')).toBeVisible();
  await dialog.getByLabel(/^Inner/).fill('60');
  await dialog.getByRole('button', { name: 'Add' }).click();
  await expect(dialog).toBeHidden();
  const row = page.getByRole('row', { name: /ring 70 \/ 60 trial/ });
  await expect(row).toContainText('69.85');
  await page.getByRole('button', { name: 'New ring' }).click();
  await dialog.getByLabel('Name').fill('ring 70 / 60 trial');
  await dialog.getByLabel('Maker').fill('Fenwold');
  await dialog.getByLabel(/^Outer/).fill('70');
  await dialog.getByLabel(/^Inner/).fill('60');
  await dialog.getByRole('button', { name: 'Add' }).click();
  await expect(dialog.getByText('there is one of this maker and name already')).toBeVisible();
  await dialog.getByRole('button', { name: 'Cancel' }).click();
  await row.getByRole('button', { name: /^Change/ }).click();
  await dialog.getByLabel(/^Kept/).fill('6');
  await dialog.getByRole('button', { name: 'Save' }).click();
  await expect(row).toContainText('6');
  await row.getByRole('button', { name: /^Delete/ }).click();
  await expect(row).toBeHidden();
});

test('the shelf goes out as a file and comes in again; a bad file is told line by line and changes nothing', async ({
  page,
}) => {
  await page.goto('/shelf');
  const response = await page.request.get('/shelf.csv');
  expect(response.headers()['content-type']).toContain('text/csv');
  const text = await response.text();
  expect(text).toContain('kind,name,maker,quantity');
  const take = (name: string, body: string | Buffer) =>
    page.getByLabel('CSV file').setInputFiles({ name, mimeType: 'text/csv', buffer: Buffer.from(body) });
  await take('shelf.csv', text);
  await expect(page.getByRole('status')).toHaveText(/shelf\.csv: 0 added, \d+ replaced\./);
  await take('more.csv', 'kind,name,maker,thicknessMm\nspacer,trial 7 mm,Ostrik,7\n');
  await expect(page.getByRole('status')).toHaveText(/1 added, 0 replaced/);
  await expect(page.getByRole('row', { name: /trial 7 mm/ })).toBeVisible();
  await take('bad.csv', 'kind,maker,thicknessMm\nspacer,Ostrik,7\n');
  await expect(page.getByRole('alert')).toContainText('line 1: the column “name” is missing');
  await take('odd.csv', 'kind,name,thicknessMm\nspacer,S,thick\nspacer,T,\n');
  await expect(page.getByRole('alert')).toContainText('line 2, thicknessMm: “thick” is not a number');
  await expect(page.getByRole('alert')).toContainText('line 3, thicknessMm: is missing');
  await take(
    'latin.csv',
    Buffer.from([...Buffer.from('kind,name,thicknessMm\nspacer,K'), 0xfc, ...Buffer.from('rz,7\n')]),
  );
  await expect(page.getByRole('alert')).toContainText('line 2 has letters that are not UTF-8');
  await page
    .getByRole('row', { name: /trial 7 mm/ })
    .getByRole('button', { name: /^Delete/ })
    .click();
  await expect(page.getByRole('row', { name: /trial 7 mm/ })).toBeHidden();
});

test('search, order, empty answers; axe finds nothing', async ({ page }) => {
  await page.goto('/shelf?kind=wheel');
  await page.getByRole('searchbox', { name: 'Search the shelf' }).fill('fenwold gale');
  await expect(page.getByRole('row')).toHaveCount(3);
  await page.getByRole('columnheader', { name: 'Offset' }).click();
  await page.getByRole('columnheader', { name: 'Offset' }).click();
  await expect(page.getByRole('row').nth(1)).toContainText('51');
  await page.getByRole('searchbox', { name: 'Search the shelf' }).fill('nothing of the kind');
  await expect(page.getByText('Nothing of that name.')).toBeVisible();
  await page.getByRole('searchbox', { name: 'Search the shelf' }).fill('');
  await clean(page);
  await page.getByRole('button', { name: 'New wheel' }).click();
  await expect(page.getByRole('dialog')).toBeVisible();
  await clean(page, 'dialog');
});
