import { applyEdits } from '#core/job';
import { clean } from './axe';
import { choose, demoJob, expect, openDemo, pick, putOnBench, refuseNonsense, saved, show, test, type } from './bench';

test('a setup gets its spacer from the shelf, a label of a pair is halved, and the drawing follows', async ({
  page,
}) => {
  await openDemo(page, 'brindle-kite', 'setups');
  await page.keyboard.press('h');
  const form = page.getByRole('form', { name: 'Hardware of setup A, front' });
  await expect(form).toContainText('Nothing between hub and wheel.');
  await form.getByRole('button', { name: 'Add spacer' }).click();
  await form.getByText('per pair', { exact: true }).click();
  await type(form.getByRole('textbox', { name: /^Thickness, label of the pair/ }), '10');
  await expect(form.getByRole('textbox', { name: /^Thickness(, label| in)/ })).toHaveValue('5.0');
  await expect(page.locator('[data-row=fastening]')).toContainText('22.0');
  await expect(page.getByRole('img', { name: /stack 5\.0 mm, engagement 22\.0 mm/ })).toBeVisible();
  await expect(page.locator('[data-row=centring]')).toContainText('with care');
  await form.getByRole('button', { name: 'Add ring' }).click();
  const ring = form.getByRole('group', { name: 'Ring' });
  await type(ring.getByRole('textbox', { name: /^Outer/ }), '72.6');
  await type(ring.getByRole('textbox', { name: /^Inner/ }), '63.4');
  await expect(page.locator('[data-row=centring]')).toContainText('fits');
  const thickness = form.getByRole('textbox', { name: /^Thickness(, label| in)/ });
  await type(thickness, '-3');
  await expect(page.getByRole('alert')).toHaveText(/outside 0\.0 to 200\.0 mm/);
  await thickness.press('Escape');
  // What is typed before the server has answered is one change: the last one is to be one by itself.
  await saved(page);
  await form.getByRole('button', { name: 'Delete Spacer' }).click();
  await saved(page);
  await page.keyboard.press('Control+z');
  await expect(form.getByRole('group', { name: 'Spacer' })).toBeVisible();
});

test('the thinnest spacer kept that clears the inner clearance is offered and used', async ({ page }) => {
  await openDemo(page, 'brindle-kite', 'setups');
  await page.keyboard.press('j');
  await page.keyboard.press('j');
  await page.keyboard.press('h');
  await expect(page.getByText(/Thinnest on the shelf that works/)).toContainText('Tarn & Ledger slip-on 12 mm 4x108');
  await page.getByRole('button', { name: 'Use it' }).click();
  await expect(page.locator('[data-row=inboard]')).toContainText('clears');
  await expect(page.locator('[data-row=inboard]')).toContainText('6.4');
});

test('another pattern: the options side by side, and one of them becomes a setup', async ({ page }) => {
  await openDemo(page, 'velder-two', 'setups');
  for (let n = 0; n < 4; n++) await page.keyboard.press('j');
  await page.keyboard.press('h');
  await expect(page.locator('[data-row=pattern]')).toContainText('does not fit');
  await page.getByRole('button', { name: 'Options', exact: true }).click();
  const dialog = page.getByRole('dialog');
  await expect(dialog.getByRole('columnheader')).toHaveCount(6);
  await expect(dialog.getByRole('row', { name: /^Geometry/ })).toContainText('circles differ by 2.00 mm');
  await expect(dialog.getByRole('row', { name: /^Geometry/ })).toContainText('between old and new holes');
  await clean(page, 'dialog');
  await type(dialog.getByRole('textbox', { name: /^Thickness(, label| in)/ }), '20');
  await type(dialog.getByRole('textbox', { name: 'Adapter, each' }), '80');
  await expect(dialog.getByRole('row', { name: /^Cost/ })).toContainText('160');
  await expect(dialog.getByRole('row', { name: /^Effective offset/ })).toContainText('+8');
  await pick(dialog.getByLabel('Adapter from the shelf'), 'Ostrik 4x98 to 4x100, 20 mm');
  await expect(dialog.getByRole('row', { name: /^Geometry/ })).toContainText(
    'from the shelf: Ostrik 4x98 to 4x100, 20 mm',
  );
  await dialog.getByRole('button', { name: 'Make a setup' }).first().click();
  await expect(page.getByRole('region', { name: 'Setups' }).locator('[aria-pressed=true]')).toContainText(
    'adapter, 20.0 mm',
  );
  await expect(page.locator('[data-row=pattern]')).toContainText('fits');
  await saved(page);
});

test('a spacer that looked right becomes a wheel of another width without one', async ({ page }) => {
  await openDemo(page, 'brindle-kite', 'setups');
  await page.keyboard.press('h');
  await page.getByRole('button', { name: 'Spacer to wheel …' }).click();
  const dialog = page.getByRole('dialog');
  await type(dialog.getByRole('textbox', { name: /^Spacer that looked right/ }), '12');
  await type(dialog.getByRole('textbox', { name: /^Width of the new wheel/ }), '8');
  await expect(dialog).toContainText('+34.4 mm');
  await dialog.getByText('inner face', { exact: true }).click();
  await expect(dialog).toContainText('+21.7 mm');
  await dialog.getByText('outer face', { exact: true }).click();
  await dialog.getByRole('button', { name: 'Make a setup' }).click();
  await expect(page.getByRole('region', { name: 'Setups' }).locator('[aria-pressed=true]')).toContainText(
    '17 × 8 +34.4',
  );
  await page.keyboard.press('h');
  await expect(page.getByRole('textbox', { name: /^Offset/ })).toHaveValue('+34.4');
});

test('a wheel’s pattern from two of its holes, and a wheel from the shelf', async ({ page }) => {
  const job = applyEdits(demoJob('brindle-kite'), [
    { op: 'clear', path: ['setups', 'a', 'front', 'wheel', 'boltCircleMm'] },
  ]);
  const place = await putOnBench(page, job, 'wheel by two holes');
  await page.goto(`${place}/setups`);
  await saved(page);
  await page.keyboard.press('h');
  await expect(page.locator('[data-row=pattern]')).toContainText('not known');
  await page.getByRole('button', { name: 'From two holes' }).click();
  const dialog = page.getByRole('dialog');
  await dialog.getByRole('button', { name: 'Hole 1' }).click();
  await dialog.getByRole('button', { name: 'Hole 2' }).click();
  await type(dialog.getByRole('textbox', { name: /^Reading/ }), '76.4');
  await dialog.getByRole('button', { name: 'Use 4 × 108' }).click();
  await dialog.getByRole('button', { name: 'Close' }).last().click();
  await expect(page.locator('[data-row=pattern]')).toContainText('fits');
  // Any part of a name finds it; what fits several is said, and nothing is taken.
  const shelf = page.getByLabel('Take a wheel from the shelf');
  await shelf.click();
  await page.keyboard.type('ostrik cairn 16');
  await page.keyboard.press('Enter');
  await expect(page.getByText('fits several: choose one')).toBeVisible();
  await page.keyboard.type(' x 7 +35');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('region', { name: 'Setups' }).locator('[aria-pressed=true]')).toContainText('ETe +35');
  await expect(page.locator('[data-row=centring]')).toContainText('fits');
});

test('bolts that no longer hold behind a spacer get the shortest kept that do', async ({ page }) => {
  await openDemo(page, 'velder-two', 'setups');
  for (let n = 0; n < 3; n++) await page.keyboard.press('j');
  await page.keyboard.press('h');
  const row = page.locator('[data-row=fastening]');
  await expect(row).toContainText('does not hold');
  await expect(page.locator('[data-row=bolt-lengths]')).toContainText('do not mix them');
  await expect(page.getByText(/Shortest on the shelf that holds/)).toContainText('M12x1.25 34 mm');
  await page.getByRole('button', { name: 'Use it' }).click();
  await expect(row).toContainText('holds');
  await expect(row).toContainText('17.0');
  await row.getByRole('button').click();
  await expect(row).toContainText('bolt 34.0 − stack 8.0 − under the lug seat 9.0 = 17.0 mm');
  const length = page.getByRole('textbox', { name: /^Bolt length/ });
  await type(length, '40');
  await expect(row).toContainText("5.0 mm longer than the hub's thread is deep");
  await type(length, '');
  await expect(row).toContainText('does not hold');
});

test('a brief that lets the nuts centre, and refuses near patterns, is heard', async ({ page }) => {
  const job = applyEdits(demoJob('brindle-kite'), [
    { op: 'set', path: ['setups', 'a', 'front', 'wheel', 'boltCircleMm'], value: 108.6 },
  ]);
  const place = await putOnBench(page, job, 'shop rules set aside');
  await page.goto(`${place}/brief`);
  await saved(page);
  await pick(page.getByLabel('Patterns less than 1 mm off'), 'refused');
  await pick(page.getByLabel('Centering'), 'lug-centric allowed');
  await page.getByRole('link', { name: /Setups/ }).click();
  await page.keyboard.press('h');
  await expect(page.locator('[data-row=pattern]')).toContainText('does not fit');
  await page.locator('[data-row=centring]').getByRole('button').click();
  await expect(page.locator('[data-row=centring]')).toContainText('lug-centric until then (brief)');
});

test('every field of the hardware says beside it what is wrong with nonsense, and keeps it', async ({ page }) => {
  await openDemo(page, 'brindle-kite', 'setups');
  await page.keyboard.press('h');
  const form = page.getByRole('form', { name: 'Hardware of setup A, front' });
  for (const kind of ['spacer', 'adapter', 'ring']) await form.getByRole('button', { name: `Add ${kind}` }).click();
  await form.getByText('Bore, lug holes and cap').click();
  await refuseNonsense(form, 20);
});

test('the thinnest that fits the room but not the lip is passed over, and said so', async ({ page }) => {
  await openDemo(page, 'brindle-kite', 'setups');
  await page.keyboard.press('j');
  await page.keyboard.press('h');
  await expect(page.getByText(/Thinnest on the shelf that works/)).toContainText('slip-on 10 mm 4x108');
  await expect(
    page.getByText(/slip-on 8 mm 4x108 bore 63\.4 is thinner, but leaves the wheel short of lip or thread/),
  ).toBeVisible();
  await page.getByRole('button', { name: 'Use it' }).click();
  await expect(page.getByText('in use')).toBeVisible();
  await expect(page.locator('[data-row=centring]')).toContainText('fits');
});

test('a feeler at one face, and nuts that bottom, hold a setup', async ({ page }) => {
  const place = await openDemo(page, 'pallas-tender', 'hub');
  const hub = page.getByRole('form').first();
  await choose(page, 'Nuts', 'closed');
  await type(hub.getByRole('textbox', { name: /^Thread depth in the nut/ }), '12');
  await saved(page);
  await show(page, `${place}/setups`);
  await saved(page);
  await page.keyboard.press('h');
  await expect(page.getByRole('form', { name: 'Hardware of setup A, front' })).toBeVisible();
  await expect(page.locator('[data-row=fastening]')).toContainText('does not');
  await choose(page, 'Nuts', 'open');
  await expect(page.locator('[data-row=fastening]')).not.toContainText('does not');
  await choose(page, 'Dry fit, hub to wheel', 'a gap: not flush');
  await expect(page.locator('[data-row=centring]')).toContainText('does not fit');
  await page.locator('[data-row=centring]').getByRole('button').click();
  await expect(page.locator('[data-row=centring]')).toContainText('not flush');
  await choose(page, 'Dry fit, hub to wheel', 'flush all around');
  await expect(page.locator('[data-row=centring]')).not.toContainText('does not fit');
  await saved(page);
});
