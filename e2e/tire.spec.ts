import { applyEdits } from '#core/job';
import type { Page } from '@playwright/test';
import { clean, cleanInTheDark } from './axe';
import { demoJob, expect, ledgerRow, openDemo, putOnBench, refuseNonsense, saved, test, type } from './bench';

const raised = (page: Page) => page.getByRole('region', { name: 'Setups' }).locator('[aria-pressed=true]');

test('a tire’s load, speed and own dimensions: typed, judged, drawn and taken back', async ({ page }) => {
  await openDemo(page, 'brindle-kite', 'setups');
  await page.keyboard.press('t');
  const form = page.getByRole('form', { name: 'Tire of setup A, front' });
  await expect(ledgerRow(page, 'load')).toContainText('560');
  await expect(ledgerRow(page, 'load')).toContainText('carries it · needs 475 kg');
  const index = form.getByRole('textbox', { name: 'Load index' });
  await type(index, '81');
  await expect(ledgerRow(page, 'load')).toContainText('too little');
  await ledgerRow(page, 'load').getByRole('button').click();
  await expect(ledgerRow(page, 'load')).toContainText('2 × 462 kg = 924 kg for an axle of 950 kg');
  await type(index, '300');
  await expect(page.getByRole('alert')).toHaveText(/300 is outside 20 to 204/);
  await index.press('Escape');
  // Emptied, the size's own marking counts; this size has none.
  await type(index, '');
  await expect(ledgerRow(page, 'load')).toContainText('not known');
  await type(form.getByRole('textbox', { name: 'Tire size' }), '205/45R17 88W');
  await expect(ledgerRow(page, 'load')).toContainText('carries it');
  await expect(index).toHaveAttribute('placeholder', '88');
  await type(form.getByRole('textbox', { name: 'Speed rating' }), 's');
  await expect(ledgerRow(page, 'speed-rating')).toContainText('does not fit');
  await type(form.getByRole('textbox', { name: /^Section width/ }), '208');
  await type(form.getByRole('textbox', { name: /^On a test rim/ }), '7');
  await expect(ledgerRow(page, 'sectionWidthMm')).toContainText('213.1');
  await expect(page.getByRole('img', { name: /^Tire section of setup A, front: section 213\.1 mm/ })).toBeVisible();
  await type(form.getByRole('textbox', { name: /^Wheel rating/ }), '1000 lb');
  await expect(ledgerRow(page, 'wheel-rating')).toContainText('too little');
  await saved(page);
  await page.getByRole('heading', { level: 1 }).click();
  await page.keyboard.press('Control+z');
  await expect(ledgerRow(page, 'wheel-rating')).toContainText('carries it');
  await page.keyboard.press('t');
  await expect(page.getByRole('img', { name: /^Section of setup A/ })).toBeVisible();
});

test('two makes of one size side by side, and one of them goes on', async ({ page }) => {
  await openDemo(page, 'brindle-kite', 'setups');
  await page.keyboard.press('t');
  const makes = page.getByRole('table', { name: /^Makes of 205\/45R17/ });
  await expect(makes.getByRole('row')).toHaveCount(4);
  await expect(makes.getByRole('row', { name: /Fenwold Ridgeway/ })).toContainText('213.1');
  await makes.getByRole('radio', { name: 'Ostrik Scree' }).check();
  await expect(ledgerRow(page, 'overallDiameterMm')).toContainText('619.0');
  await expect(page.getByRole('textbox', { name: 'Make and model' })).toHaveValue('Ostrik Scree 205/45R17');
  await makes.getByRole('radio', { name: 'nominal size' }).check();
  await expect(ledgerRow(page, 'overallDiameterMm')).toContainText('616.0');
  const shelf = page.getByLabel('Take a tire from the shelf');
  await shelf.fill('Fenwold Ridgeway 215/45R17, 215/45R17');
  await shelf.press('Enter');
  await expect(ledgerRow(page, 'overallDiameterMm')).toContainText('625.0');
  await saved(page);
});

test('a rim too narrow pinches, one too wide stretches, and another diameter fails', async ({ page }) => {
  await openDemo(page, 'brindle-kite', 'setups');
  await page.keyboard.press('t');
  await expect(page.getByText('7.5 in rim: within its rims')).toBeVisible();
  const size = page.getByRole('textbox', { name: 'Tire size' });
  await type(size, '255/45R17');
  await expect(page.getByText('7.5 in rim: pinched')).toBeVisible();
  await expect(ledgerRow(page, 'rim-width')).toContainText('with care');
  await type(size, '185/45R17');
  await expect(page.getByText('7.5 in rim: stretched')).toBeVisible();
  await type(size, '205/45R16');
  await expect(ledgerRow(page, 'rim-diameter')).toContainText('does not fit');
  for (const [typed, message] of [
    ['205/45', 'rim diameter is missing'],
    ['2054517', 'is it 205/45R17?'],
    ['185R14C', 'the aspect ratio is missing'],
    ['205/45R17 300W', 'load index 300'],
  ] as const) {
    await type(size, typed);
    await expect(page.getByRole('alert')).toContainText(message);
    await expect(size).toHaveValue(typed);
  }
});

test('other tire sizes: walked by arrow keys, and Enter makes a setup on both axles', async ({ page }) => {
  await openDemo(page, 'brindle-kite', 'setups');
  await page.keyboard.press('t');
  await page.keyboard.press('s');
  const dialog = page.getByRole('dialog');
  await expect(dialog).toContainText(/Of \d+ standard sizes \d+ are not approved for this rim width/);
  const first = dialog.getByRole('button', { name: /^Make a setup with/ }).first();
  await expect(first).toBeFocused();
  await clean(page, 'dialog');
  await page.keyboard.press('ArrowDown');
  const second = dialog.getByRole('button', { name: /^Make a setup with/ }).nth(1);
  await expect(second).toBeFocused();
  const name = (await second.getAttribute('aria-label'))!.replace('Make a setup with ', '');
  await page.keyboard.press('Enter');
  await expect(dialog).toBeHidden();
  await expect(raised(page)).toContainText(name);
  await page.keyboard.press('a');
  await expect(
    page.getByRole('form', { name: /^Tire of setup/ }).getByRole('textbox', { name: 'Tire size' }),
  ).toHaveValue(name);
  await saved(page);
});

test('sizes without a rim say what is missing, and a window of nothing what would open it', async ({ page }) => {
  const job = applyEdits(demoJob('brindle-kite'), [
    { op: 'clear', path: ['setups', 'a', 'front', 'wheel', 'rimWidthIn'] },
    { op: 'set', path: ['brief', 'limits'], value: { diameterPct: 0 } },
  ]);
  const place = await putOnBench(page, job, 'no rim, no window');
  await page.goto(`${place}/setups`);
  await saved(page);
  await page.keyboard.press('t');
  await expect(
    page.getByText(/The section is drawn once rim diameter, rim width and tire size are known/),
  ).toBeVisible();
  await page.getByRole('button', { name: /^Other tire sizes/ }).click();
  await expect(page.getByRole('dialog')).toContainText('Not known yet: rim width');
  await page.getByRole('dialog').getByRole('button', { name: 'Close' }).last().click();
  await page.keyboard.press('j');
  await page.keyboard.press('s');
  await expect(page.getByRole('dialog')).toContainText(/None is left|clears|with care/);
});

test('dual wheels: both drawn with the gap between, a spacer between the discs, a front hub extension', async ({
  page,
}) => {
  await openDemo(page, 'pallas-tender', 'setups');
  await page.keyboard.press('a');
  await page.keyboard.press('j');
  await page.keyboard.press('t');
  const form = page.getByRole('form', { name: 'Tire of setup B, rear' });
  await expect(page.getByRole('img', { name: /gap between duals 24\.2 mm/ })).toBeVisible();
  await expect(ledgerRow(page, 'dual')).toContainText('tight');
  await type(form.getByRole('textbox', { name: /^Spacer between the discs/ }), '4');
  await expect(ledgerRow(page, 'dual')).toContainText('28.2');
  await expect(ledgerRow(page, 'dual')).toContainText('clears');
  await type(form.getByRole('textbox', { name: /^Least dual spacing/ }), '250');
  await expect(ledgerRow(page, 'dual')).toContainText('tight');
  await page.keyboard.press('Escape');
  await page.getByRole('heading', { name: /Rear right/ }).click();
  await page.keyboard.press('h');
  await type(page.getByRole('textbox', { name: /^Thickness under the lug seat/ }), '');
  await page.getByRole('heading', { name: /Rear right/ }).click();
  await page.keyboard.press('t');
  await expect(ledgerRow(page, 'dual')).toContainText('not measured');
  await ledgerRow(page, 'dual').getByRole('button').click();
  await expect(ledgerRow(page, 'dual')).toContainText('not known: the thickness of its pad');
  await page.keyboard.press('t');
  await page.keyboard.press('a');
  await type(page.getByRole('textbox', { name: 'Offset in mm' }), '150');
  await page.getByRole('heading', { name: /Front right/ }).click();
  await page.keyboard.press('t');
  await page.getByRole('button', { name: 'Add the extension' }).click();
  await expect(ledgerRow(page, 'effectiveOffsetMm')).toContainText('+109.5');
});

test('a tire is kept on the shelf with its own dimensions; a section needs the rim it was listed on', async ({
  page,
}) => {
  await page.goto('/shelf?kind=tire');
  await page.getByRole('button', { name: 'New tire' }).click();
  const dialog = page.getByRole('dialog');
  const name = `Beck ${test.info().testId.slice(0, 8)}`;
  await dialog.getByLabel(/^Name/).fill(name);
  await dialog.getByLabel(/^Size/).fill('195/65');
  await dialog.getByLabel(/^Section on it/).fill('203');
  await dialog.getByRole('button', { name: 'Add' }).click();
  await expect(dialog.getByText('after 195/65 the rim diameter is missing, as in 205/55R16')).toBeVisible();
  await dialog.getByLabel(/^Size/).fill('195/65R15 91H');
  await dialog.getByRole('button', { name: 'Add' }).click();
  await expect(dialog.getByText('is needed with a section width: makers list it on a rim')).toBeVisible();
  await dialog.getByLabel(/^Test rim/).fill('6');
  await dialog.getByLabel(/^Speed/).fill('h');
  await dialog.getByRole('button', { name: 'Add' }).click();
  await expect(dialog).toBeHidden();
  const row = page.getByRole('row').filter({ hasText: name });
  await expect(row).toContainText('203.0');
  await row.getByRole('button', { name: `Delete ${name}` }).click();
  await expect(row).toHaveCount(0);
});

test('every field of the tire view says beside it what is wrong with nonsense; axe finds nothing', async ({ page }) => {
  await openDemo(page, 'brindle-kite', 'setups');
  await page.keyboard.press('t');
  const form = page.getByRole('form', { name: /^Tire of setup A/ });
  await expect(form).toBeVisible();
  await clean(page);
  await cleanInTheDark(page);
  await refuseNonsense(form, 10);
});
