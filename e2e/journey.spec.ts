import { readFileSync } from 'node:fs';
import { bothAxles, expect, ledgerRow, saved, test, type } from './bench';

test('from nothing to compared setups: a car is entered, measured, briefed, fitted and compared, by pointer', async ({
  page,
}) => {
  await page.goto('/');
  await page.getByRole('button', { name: 'New job' }).click();
  await page.getByRole('dialog').getByLabel('Car').fill('Velder Two coupé, club car');
  await page.getByRole('button', { name: 'Start with the readings' }).click();

  // Room: an empty sheet says where to begin, and the panel leads through what is missing.
  await expect(page.getByText('Pale is a usual corner')).toBeVisible();
  const panel = page.getByRole('complementary', { name: 'Readings' });
  await expect(panel.getByRole('button', { name: /Present tire size/ })).toHaveAttribute('aria-pressed', 'true');
  for (const axle of ['Front', 'Rear']) {
    await page.getByRole('radio', { name: axle }).locator('..').click();
    await type(page.getByRole('textbox', { name: 'Tire size' }), '165/70 R13');
    await expect(page.getByRole('textbox', { name: /^Rim diameter/ })).toHaveValue('13');
    await type(page.getByRole('textbox', { name: /^Rim width/ }), '5j');
    await page.getByText('nominal', { exact: true }).click();
    await type(page.getByRole('textbox', { name: /^Backspacing/ }), '93.5');
    await expect(page.getByRole('textbox', { name: /^Offset/ })).toHaveValue('+30');
    await panel.getByRole('button', { name: /Tuck/ }).click();
    await expect(page.getByRole('textbox', { name: /^Tuck/ })).toBeFocused();
    await page.keyboard.type(axle === 'Front' ? '32' : '1 5/8 in');
    await page.keyboard.press('Enter');
    await type(page.getByRole('textbox', { name: /^Inner clearance/ }), '38');
    await type(page.getByRole('textbox', { name: /^Fender clearance/ }), '58');
    await type(page.getByRole('textbox', { name: /^Spacer now/ }), '0');
  }
  await page.getByRole('link', { name: 'All measured: go to the brief' }).click();

  await type(bothAxles(page).getByLabel(/^No further in than/), '-20');
  await type(bothAxles(page).getByLabel(/^No further out than/), '-2');
  await expect(page.getByRole('img', { name: 'Target from −20.0 mm to −2.0 mm' })).toBeVisible();

  // Setups: the first one starts from the present car.
  await page.getByRole('link', { name: /Setups/ }).click();
  await page.getByRole('button', { name: 'First setup' }).click();
  await page.getByRole('radio', { name: 'Front' }).locator('..').click();
  await expect(ledgerRow(page, 'fender')).toContainText('32.0 tuck');
  await expect(ledgerRow(page, 'fender')).toContainText('too far in');
  await type(page.getByRole('textbox', { name: /^Rim width/ }), '6');
  await type(page.getByRole('textbox', { name: 'Tire size' }), '185/60R13');
  await type(page.getByRole('textbox', { name: /^Offset/ }), '16');
  await expect(ledgerRow(page, 'fender')).toContainText('in place');
  await expect(page.getByRole('complementary', { name: 'Ledger' })).toContainText(
    'Assumed, not measured: flange thickness 12.7 mm a side',
  );
  await page.getByRole('button', { name: 'Duplicate' }).click();
  await type(page.getByRole('textbox', { name: /^Stack/ }), '30');
  await expect(ledgerRow(page, 'fender')).toContainText('too far out');
  await expect(page.getByRole('complementary', { name: 'Ledger' })).toContainText('limited by Poke, front');

  await page.getByRole('link', { name: /Compare/ }).click();
  const table = page.getByRole('region', { name: 'Differences' }).getByRole('table');
  await expect(table.getByRole('row', { name: /^A / })).toContainText('+16');
  await expect(table.getByRole('row', { name: /^B / })).toContainText('too far out: Poke, front');
  await saved(page);

  await page.getByRole('button', { name: 'Papers' }).click();
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('menuitem', { name: /Job file/ }).click(),
  ]);
  const file = JSON.parse(readFileSync((await download.path())!, 'utf8'));
  expect(file.vehicle.rear.room.outboardGapMm).toBeCloseTo(41.275, 9);
  expect(file.vehicle.front.baseline.wheel).toEqual({
    rimDiameterIn: 13,
    rimWidthIn: 5,
    backspacingMm: 93.5,
    backspacingConvention: 'nominal',
  });
  expect(
    file.vehicle.front.readings.map(({ key, instrument }: { key: string; instrument: string }) => [key, instrument]),
  ).toEqual([
    ['baseline.wheel.backspacingMm', 'steel-rule'],
    ['room.outboardGapMm', 'steel-rule'],
    ['room.inboardGapMm', 'steel-rule'],
    ['room.archGapMm', 'steel-rule'],
    ['baseline.stackMm', 'steel-rule'],
  ]);
  expect(file.setups).toHaveLength(2);
});
