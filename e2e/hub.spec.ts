import AxeBuilder from '@axe-core/playwright';
import type { Page } from '@playwright/test';
import { applyEdits } from '#core/job';
import { demoJob, expect, openDemo, putOnBench, saved, test, type } from './bench';

/** Says how many studs there are. */
const count = (page: Page, studs: number) =>
  page.getByRole('radiogroup', { name: 'Studs or bolts' }).getByText(String(studs), { exact: true }).click();

const bare = {
  format: 'scoval.job',
  version: 1,
  vehicle: { label: 'Brindle Kite 1.8 wagon' },
  setups: [{ id: 'x' }],
} as const;

test('a pattern is found from two readings: what a tape leaves open, a caliper decides', async ({ page }) => {
  const place = await putOnBench(page, bare as never, 'pattern by readings');
  await page.goto(`${place}/hub`);
  await saved(page);
  await expect(page.getByText('Count first; then click the two you can reach.')).toBeVisible();
  await count(page, 5);
  await expect(page.getByText('widest pair', { exact: true })).toBeVisible();
  await page.getByLabel('Tool', { exact: true }).click();
  await page.getByTitle(/^tape/).click();
  await expect(page.getByText('A tape is a poor choice here')).toBeVisible();
  const reading = page.getByRole('textbox', { name: /^Reading, then Enter/ });
  await type(reading, '108.7');
  const known = page.getByRole('list', { name: 'Known patterns' });
  await expect(known.getByRole('listitem').first()).toContainText('5 × 114.3');
  await expect(known).toContainText('5 × 115');
  await expect(page.getByText('Not decided.')).toBeVisible();
  await expect(page.getByText(/widest pair with a caliper \(0\.67 mm apart\)/)).toBeVisible();
  await page.getByLabel('Tool', { exact: true }).click();
  await page
    .getByTitle(/^caliper/)
    .last()
    .click();
  // Outer edges of neighbours, by pointer: 114.3 × sin 36° + 12.
  await page.getByRole('button', { name: 'Stud 2' }).click();
  await expect(page.getByText(/from stud 2 to/)).toBeVisible();
  await page.getByRole('button', { name: 'Stud 2' }).click();
  await expect(page.getByRole('alert')).toHaveText('both ends are the same stud: choose two');
  await page.getByRole('button', { name: 'Stud 3' }).click();
  await expect(page.getByText('neighbours', { exact: true })).toBeVisible();
  await page.getByLabel('The rule lay').click();
  await page.getByTitle('outer edges').click();
  await type(reading, '79.2');
  await expect(page.getByRole('alert')).toHaveText(/give the stud diameter first/);
  await reading.press('Escape');
  await type(page.getByRole('textbox', { name: /^Stud diameter/ }), '12');
  await type(reading, '79.2');
  await expect(page.getByRole('list', { name: 'Stud readings' }).getByRole('listitem')).toHaveCount(2);
  await expect(page.getByText('Not decided.')).toBeHidden();
  await expect(page.getByText(/shop shortcut 114\.7/)).toBeVisible();
  await known.getByRole('button', { name: 'Take 5 × 114.3' }).click();
  await expect(page.getByRole('textbox', { name: /^Bolt circle/ })).toHaveValue('114.3');
  await saved(page);
  await page.reload();
  await expect(page.getByRole('list', { name: 'Stud readings' }).getByRole('listitem')).toHaveCount(2);
  await expect(page.getByRole('group', { name: 'Hub face on: 5 studs on a circle of 114.3 mm' })).toBeVisible();
});

test('studs are chosen by keyboard, in inches, and a pattern nobody knows is taken as custom', async ({ page }) => {
  const place = await putOnBench(page, bare as never, 'custom pattern');
  await page.goto(`${place}/hub`);
  await saved(page);
  await page.getByRole('heading', { level: 1 }).click();
  await page.keyboard.press('u');
  await count(page, 6);
  await page.getByRole('button', { name: 'Stud 1' }).focus();
  await page.keyboard.press('Enter');
  await page.getByRole('button', { name: 'Stud 3' }).focus();
  await page.keyboard.press('Space');
  await expect(page.getByText('2 apart')).toBeVisible();
  const reading = page.getByRole('textbox', { name: /^Reading, then Enter in in/ });
  await reading.focus();
  await page.keyboard.type('5 1/4');
  await page.keyboard.press('Enter');
  await expect(page.getByText(/No known pattern of 6 within 3 mm/)).toBeVisible();
  await expect(page.getByText(/the nearest, 6 × 139\.7, is \+14\.3 mm off/)).toBeVisible();
  await page.getByRole('button', { name: 'Take 6 × 154 as custom' }).click();
  await expect(page.getByText('custom, taken')).toBeVisible();
  // A reading over opposite or further studs has no place on another count.
  await page.getByRole('button', { name: 'Stud 1' }).click();
  await page.getByRole('button', { name: 'Stud 4' }).click();
  await type(reading, '6');
  await count(page, 5);
  await expect(page.getByRole('alert')).toHaveText(/of 5 studs none are opposite.*remove that reading first/);
  await page.getByRole('button', { name: 'Remove reading 2' }).click();
  await page.getByRole('button', { name: 'Remove reading 1' }).click();
  await expect(page.getByRole('list', { name: 'Stud readings' })).toBeHidden();
});

test('bad hubs are told beside the field: a bore larger than the circle, a thread nobody makes', async ({ page }) => {
  await openDemo(page, 'brindle-kite', 'hub');
  const bore = page.getByRole('textbox', { name: /^Center bore/ });
  await type(bore, '120');
  await expect(page.getByRole('alert')).toHaveText(/must be smaller than the bolt circle \(108 mm\)/);
  await bore.press('Escape');
  const thread = page.getByRole('textbox', { name: 'Thread' });
  await type(thread, 'M12x1.4');
  await expect(page.getByRole('alert')).toHaveText(/nobody makes M12x1\.4: M12 has a pitch of 1\.25, 1\.5, 1\.75 mm/);
  await type(thread, 'm12 x 1,25');
  await expect(thread).toHaveValue('M12x1.25');
  await saved(page);
});

test('the star order and its torque stages', async ({ page }) => {
  await openDemo(page, 'brindle-kite', 'hub');
  await page.getByText('Tightening', { exact: true }).click();
  await expect(page.getByText('1 – 3 – 2 – 4')).toBeVisible();
  await expect(page.getByRole('list', { name: 'Torque stages' })).toHaveText(/half55 N·m.*most95 N·m.*full110 N·m/);
});

test('a gauge card of the patterns in question opens as a PDF', async ({ page }) => {
  await openDemo(page, 'brindle-kite', 'hub');
  await page.getByRole('button', { name: 'Gauge card' }).click();
  const card = page.getByRole('link', { name: /Open the PDF/ });
  const href = await card.getAttribute('href');
  expect(href).toContain('patterns=4x108');
  expect(href).toContain('bore=63.4');
  const { violations } = await new AxeBuilder({ page }).include('[role=dialog]').analyze();
  expect(violations.map(({ id, nodes }) => [id, nodes.map(({ html }) => html)])).toEqual([]);
  const response = await page.request.get(href!);
  expect(response.headers()['content-type']).toBe('application/pdf');
  expect((await response.body()).subarray(0, 5).toString()).toBe('%PDF-');
  const refused = await page.request.get('/gauge-card.pdf?patterns=5x9999');
  expect(refused.status()).toBe(400);
  expect(await refused.text()).toContain('patterns.0.boltCircleMm: must be');
});

test('a setup gets its spacer from the stores, a label of a pair is halved, and the drawing follows', async ({
  page,
}) => {
  await openDemo(page, 'brindle-kite', 'setups');
  await page.keyboard.press('h');
  const form = page.getByRole('form', { name: 'Hardware of setup A, front' });
  await expect(form).toContainText('Nothing between hub and wheel.');
  await form.getByRole('button', { name: 'Add spacer' }).click();
  await form.getByText('per pair', { exact: true }).click();
  await type(form.getByRole('textbox', { name: /^Thickness, label of the pair/ }), '10');
  await expect(form.getByRole('textbox', { name: /^Thickness/ })).toHaveValue('5.0');
  await expect(page.locator('[data-row=fastening]')).toContainText('22.0');
  await expect(page.getByRole('img', { name: /stack 5\.0 mm, engagement 22\.0 mm/ })).toBeVisible();
  await expect(page.locator('[data-row=centring]')).toContainText('with care');
  await form.getByRole('button', { name: 'Add ring' }).click();
  const ring = form.getByRole('group', { name: 'Ring' });
  await type(ring.getByRole('textbox', { name: /^Outer/ }), '72.6');
  await type(ring.getByRole('textbox', { name: /^Inner/ }), '63.4');
  await expect(page.locator('[data-row=centring]')).toContainText('fits');
  const thickness = form.getByRole('textbox', { name: /^Thickness/ });
  await type(thickness, '-3');
  await expect(page.getByRole('alert')).toHaveText(/outside 0\.0 to 200\.0 mm/);
  await thickness.press('Escape');
  await form.getByRole('button', { name: 'Remove Spacer' }).click();
  await saved(page);
  await page.keyboard.press('Control+z');
  await expect(form.getByRole('group', { name: 'Spacer' })).toBeVisible();
});

test('the thinnest spacer kept that clears the inner gap is offered and used', async ({ page }) => {
  await openDemo(page, 'brindle-kite', 'setups');
  await page.keyboard.press('j');
  await page.keyboard.press('j');
  await page.keyboard.press('h');
  await expect(page.getByText(/Thinnest in stores that does it/)).toContainText('Tarn & Ledger slip-on 12 mm 4x108');
  await page.getByRole('button', { name: 'Use it' }).click();
  await expect(page.locator('[data-row=inboard]')).toContainText('clears');
  await expect(page.locator('[data-row=inboard]')).toContainText('6.4');
});

test('another pattern: the ways out side by side, and one of them becomes a setup', async ({ page }) => {
  await openDemo(page, 'velder-two', 'setups');
  for (let n = 0; n < 4; n++) await page.keyboard.press('j');
  await page.keyboard.press('h');
  await expect(page.locator('[data-row=pattern]')).toContainText('does not fit');
  await page.getByRole('button', { name: 'The ways out' }).click();
  const dialog = page.getByRole('dialog');
  await expect(dialog.getByRole('columnheader')).toHaveCount(6);
  await expect(dialog.getByRole('row', { name: /^Geometry/ })).toContainText('circles differ by 2.00 mm');
  await expect(dialog.getByRole('row', { name: /^Geometry/ })).toContainText('between old and new holes');
  const { violations } = await new AxeBuilder({ page }).include('[role=dialog]').analyze();
  expect(violations.map(({ id, nodes }) => [id, nodes.map(({ html }) => html)])).toEqual([]);
  await type(dialog.getByRole('textbox', { name: /^Its thickness/ }), '20');
  await type(dialog.getByRole('textbox', { name: 'Adapter, each' }), '80');
  await expect(dialog.getByRole('row', { name: /^Cost/ })).toContainText('160');
  await expect(dialog.getByRole('row', { name: /^Effective offset/ })).toContainText('+8');
  await dialog.getByLabel('Adapter from the stores').click();
  await page.getByTitle('Ostrik 4x98 to 4x100, 20 mm').click();
  await expect(dialog.getByRole('row', { name: /^Geometry/ })).toContainText(
    'from the stores: Ostrik 4x98 to 4x100, 20 mm',
  );
  await dialog.getByRole('button', { name: 'Make a setup of it' }).first().click();
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
  await dialog.getByRole('button', { name: 'Make a setup of it' }).click();
  await expect(page.getByRole('region', { name: 'Setups' }).locator('[aria-pressed=true]')).toContainText(
    '17 × 8 +34.4',
  );
  await page.keyboard.press('h');
  await expect(page.getByRole('textbox', { name: /^Offset/ })).toHaveValue('+34.4');
});

test('a wheel’s pattern from two of its holes, and a wheel from the stores', async ({ page }) => {
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
  await dialog.getByRole('button', { name: 'Take 4 × 108' }).click();
  await dialog.getByRole('button', { name: 'Close' }).last().click();
  await expect(page.locator('[data-row=pattern]')).toContainText('fits');
  await page.getByLabel('Take a wheel from the stores').click();
  await page.getByTitle('Ostrik Cairn 16 x 7 +35').click();
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
  await expect(page.getByText(/Shortest in stores that holds/)).toContainText('M12x1.25 34 mm');
  await page.getByRole('button', { name: 'Use it' }).click();
  await expect(row).toContainText('holds');
  await expect(row).toContainText('17.0');
  await row.getByRole('button').click();
  await expect(row).toContainText('bolt 34.0 − stack 8.0 − at the seat 9.0 = 17.0 mm');
  const length = page.getByRole('textbox', { name: /^Bolt length/ });
  await type(length, '40');
  await expect(row).toContainText("5.0 mm longer than the hub's thread is deep");
  await type(length, '');
  await expect(row).toContainText('does not hold');
});

test('the thread table stands with its sources', async ({ page }) => {
  await openDemo(page, 'brindle-kite', 'hub');
  await page.getByRole('button', { name: 'Thread table' }).click();
  const dialog = page.getByRole('dialog', { name: 'Threads' });
  await expect(dialog.getByRole('row', { name: /^M14x1\.5/ })).toContainText('124.5');
  await expect(dialog).toContainText('ISO 898-1');
});

test('a brief that lets the nuts centre, and refuses near patterns, is heard', async ({ page }) => {
  const job = applyEdits(demoJob('brindle-kite'), [
    { op: 'set', path: ['setups', 'a', 'front', 'wheel', 'boltCircleMm'], value: 108.6 },
  ]);
  const place = await putOnBench(page, job, 'house rules set aside');
  await page.goto(`${place}/brief`);
  await saved(page);
  await page.getByLabel('Patterns less than 1 mm off').click();
  await page.getByTitle('refused').click();
  await page.getByLabel('Centring').click();
  await page.getByTitle('the nuts may centre it').click();
  await page.getByRole('link', { name: /Setups/ }).click();
  await page.keyboard.press('h');
  await expect(page.locator('[data-row=pattern]')).toContainText('does not fit');
  await page.locator('[data-row=centring]').getByRole('button').click();
  await expect(page.locator('[data-row=centring]')).toContainText('until then the nuts centre it (brief)');
});
