import type { Page } from '@playwright/test';
import { clean } from './axe';
import { pick, expect, openDemo, putOnBench, refuseNonsense, saved, test, type } from './bench';

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
  await expect(page.getByText('Set the lug count, then click the two studs you can reach.')).toBeVisible();
  await count(page, 5);
  await expect(page.getByText('widest pair', { exact: true })).toBeVisible();
  await pick(page.getByLabel('Tool', { exact: true }), /^tape/);
  await expect(page.getByText('A tape is a poor choice here')).toBeVisible();
  const reading = page.getByRole('textbox', { name: /^Reading, then Enter/ });
  await type(reading, '108.7');
  const known = page.getByRole('list', { name: 'Known patterns' });
  await expect(known.getByRole('listitem').first()).toContainText('5 × 114.3');
  await expect(known).toContainText('5 × 115');
  await expect(page.getByText('Not decided.')).toBeVisible();
  await expect(page.getByText(/widest pair with a caliper \(0\.67 mm apart\)/)).toBeVisible();
  await pick(page.getByLabel('Tool', { exact: true }), /^caliper/);
  // Outer edges of neighbours, by pointer: 114.3 × sin 36° + 12.
  await page.getByRole('button', { name: 'Stud 2' }).click();
  await expect(page.getByText(/from stud 2 to/)).toBeVisible();
  await page.getByRole('button', { name: 'Stud 2' }).click();
  await expect(page.getByRole('alert')).toHaveText('both ends are the same stud: choose two');
  await page.getByRole('button', { name: 'Stud 3' }).click();
  await expect(page.getByText('neighbours', { exact: true })).toBeVisible();
  await pick(page.getByLabel('Measured'), 'outer edges');
  await type(reading, '79.2');
  await expect(page.getByRole('alert')).toHaveText(/give the stud diameter first/);
  await reading.press('Escape');
  await type(page.getByRole('textbox', { name: /^Stud diameter/ }), '12');
  await type(reading, '79.2');
  await expect(page.getByRole('list', { name: 'Stud readings' }).getByRole('listitem')).toHaveCount(2);
  await expect(page.getByText('Not decided.')).toBeHidden();
  await expect(page.getByText(/shop shortcut 114\.7/)).toBeVisible();
  await known.getByRole('button', { name: 'Use 5 × 114.3' }).click();
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
  await page.getByRole('button', { name: 'Use 6 × 154 as custom' }).click();
  await expect(page.getByText('custom, taken')).toBeVisible();
  // A reading over opposite or further studs has no place on another count.
  await page.getByRole('button', { name: 'Stud 1' }).click();
  await page.getByRole('button', { name: 'Stud 4' }).click();
  await type(reading, '6');
  await count(page, 5);
  await expect(page.getByRole('alert')).toHaveText(/of 5 studs none are opposite.*remove that reading first/);
  await page.getByRole('button', { name: 'Delete reading 2' }).click();
  await page.getByRole('button', { name: 'Delete reading 1' }).click();
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
  await clean(page, 'dialog');
  const response = await page.request.get(href!);
  expect(response.headers()['content-type']).toBe('application/pdf');
  expect((await response.body()).subarray(0, 5).toString()).toBe('%PDF-');
  const refused = await page.request.get('/gauge-card.pdf?patterns=5x9999');
  expect(refused.status()).toBe(400);
  expect(await refused.text()).toContain('patterns.0.boltCircleMm: must be');
});

test('the thread table stands with its sources', async ({ page }) => {
  await openDemo(page, 'brindle-kite', 'hub');
  await page.getByRole('button', { name: 'Thread table' }).click();
  const dialog = page.getByRole('dialog', { name: 'Threads' });
  await expect(dialog.getByRole('row', { name: /^M14x1\.5/ })).toContainText('124.5');
  await expect(dialog).toContainText('ISO 898-1');
});

test('every field of the hub says beside it what is wrong with nonsense, and keeps it', async ({ page }) => {
  await openDemo(page, 'velder-two', 'hub');
  await refuseNonsense(page.getByRole('form', { name: 'Hub, front' }), 9);
});
