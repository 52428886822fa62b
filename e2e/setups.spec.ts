import { readFileSync } from 'node:fs';
import type { Job } from '#core/job';
import { choose, expect, ledgerRow, openDemo, saved, swept, test, type } from './bench';

test('nudges move offset and stack by a millimeter, five with Shift, and the figures follow', async ({ page }) => {
  await openDemo(page, 'brindle-kite', 'setups');
  const offset = page.getByRole('textbox', { name: /^Offset/ });
  const face = ledgerRow(page, 'fender').locator('.ledger-value');
  await expect(offset).toHaveValue('+40');
  await expect(face).toContainText('8.7 tuck');
  await page.keyboard.press('[');
  await expect(offset).toHaveValue('+39');
  await expect(face).toContainText('7.7 tuck');
  await page.keyboard.press('Shift+BracketLeft');
  await expect(offset).toHaveValue('+34');
  await page.keyboard.press('Shift+BracketRight');
  await page.keyboard.press(']');
  await expect(face).toContainText('8.7 tuck');
  await page.keyboard.press('=');
  await page.keyboard.press('Shift+Equal');
  await expect(page.getByRole('textbox', { name: /^Stack/ })).toHaveValue('6.0');
  await expect(ledgerRow(page, 'effectiveOffsetMm')).toContainText('+34');
  await page.keyboard.press('Shift+Minus');
  await page.keyboard.press('Shift+Minus');
  await expect(page.getByRole('textbox', { name: /^Stack/ })).toHaveValue('0.0');
  await saved(page);
  await page.reload();
  await expect(page.getByRole('textbox', { name: /^Offset/ })).toHaveValue('+40');
});

test('keys that are typed into a field are text', async ({ page }) => {
  await openDemo(page, 'brindle-kite', 'setups');
  const tire = page.getByRole('textbox', { name: 'Tire size' });
  await tire.fill('195-50-17');
  await expect(page.getByRole('textbox', { name: /^Offset/ })).toHaveValue('+40');
  await tire.press('Enter');
  await expect(ledgerRow(page, 'overallDiameterMm')).toContainText('628.0');
});

test('a wheel is given by either backspacing, and stays where that puts it when its width changes', async ({
  page,
}) => {
  await openDemo(page, 'brindle-kite', 'setups');
  const back = page.getByRole('textbox', { name: /^Backspacing/ });
  await expect(back).toHaveValue('148.0');
  await type(back, '6 in');
  await expect(page.getByRole('textbox', { name: /^Offset/ })).toHaveValue('+44.5');
  await page.getByText('nominal', { exact: true }).click();
  await expect(back).toHaveValue('139.7');
  await type(back, '5.5in');
  await expect(page.getByRole('textbox', { name: /^Offset/ })).toHaveValue('+44.5');
  await type(page.getByRole('textbox', { name: /^Rim width/ }), '8');
  await expect(back).toHaveValue('139.7');
  await expect(page.getByRole('textbox', { name: /^Offset/ })).toHaveValue('+38.1');
  await page.getByRole('heading', { level: 1 }).click();
  await page.keyboard.press(']');
  await expect(back).toHaveValue('140.7');
  await expect(ledgerRow(page, 'backspacingNominalMm')).toContainText('140.7');
  await expect(ledgerRow(page, 'backspacingOverallMm')).toContainText('153.4');
});

test('bad input at a setup: a wheel 300 in wide, letters, a tire that does not go on', async ({ page }) => {
  await openDemo(page, 'brindle-kite', 'setups');
  const width = page.getByRole('textbox', { name: /^Rim width/ });
  await type(width, '300');
  await expect(page.getByRole('alert')).toHaveText(/300 is outside 3 to 16 in/);
  await expect(width).toHaveValue('300');
  await expect(ledgerRow(page, 'rim-width')).toContainText('7.5');
  await width.press('Escape');
  await type(page.getByRole('textbox', { name: /^Stack/ }), 'thin');
  await expect(page.getByRole('alert')).toHaveText(/“thin” is not a length/);
  await page.getByRole('textbox', { name: /^Stack/ }).press('Escape');
  const tire = page.getByRole('textbox', { name: 'Tire size' });
  await type(tire, '205/45');
  await expect(page.getByRole('alert')).toHaveText(/after 205\/45 the rim diameter is missing/);
  await type(tire, '205/45R16');
  await expect(page.getByRole('alert')).toHaveCount(0);
  await expect(page.getByRole('complementary', { name: 'Ledger' })).toContainText('limited by Tire on this rim, front');
  await ledgerRow(page, 'rim-diameter').getByRole('button').click();
  await expect(ledgerRow(page, 'rim-diameter')).toContainText('a 16 in tire does not go on a 17 in rim');
  await type(tire, '');
  await expect(ledgerRow(page, 'fender')).toContainText('not measured');
});

test('setups are added, doubled, walked through, removed and brought back', async ({ page }) => {
  await openDemo(page, 'brindle-kite', 'setups');
  const tray = page.getByRole('region', { name: 'Setups' });
  const raised = tray.locator('[aria-pressed=true]');
  await page.keyboard.press('d');
  await expect(tray.getByRole('listitem')).toHaveCount(5);
  await expect(raised).toContainText('Fenwold 17 × 7.5 +40 copy');
  await page.keyboard.press('j');
  await expect(raised).toContainText('spacers');
  await page.keyboard.press('k');
  await page.keyboard.press('k');
  await expect(raised).toContainText('Fenwold 17 × 7.5 +40');
  await expect(raised).not.toContainText('copy');
  await page.keyboard.press('n');
  await expect(raised).toContainText('15 × 6 +38');
  await expect(page.getByRole('textbox', { name: 'Tire size' })).toHaveValue('195/60R15');
  await tray.getByRole('button', { name: 'Delete' }).click();
  await expect(tray.getByRole('listitem')).toHaveCount(5);
  await saved(page);
  await page.keyboard.press('Control+z');
  await expect(tray.getByRole('listitem')).toHaveCount(6);
  await saved(page);
  await page.keyboard.press('Control+z');
  await page.keyboard.press('Control+z');
  await expect(tray.getByRole('listitem')).toHaveCount(4);
  await page.keyboard.press('Control+Shift+z');
  await expect(tray.getByRole('listitem')).toHaveCount(5);
  for (let n = 5; n > 0; n--) await tray.getByRole('button', { name: 'Delete' }).click();
  await expect(page.getByRole('heading', { name: 'No setup yet' })).toBeVisible();
  await saved(page);
  // A car that was measured goes out before anybody has thought of a setup.
  await page.getByRole('button', { name: 'Papers' }).click();
  const taken = page.waitForEvent('download');
  await page.getByRole('menuitem', { name: 'Job file (.json)' }).click();
  const file = JSON.parse(readFileSync(await (await taken).path(), 'utf8')) as Job;
  expect(file.setups).toEqual([]);
  await page.getByRole('button', { name: 'First setup' }).click();
  await expect(tray.getByRole('listitem')).toHaveCount(1);
});

test('front and rear differ; the list has the same fields; every row opens its working', async ({ page }) => {
  await openDemo(page, 'velder-two', 'setups');
  await expect(page.getByRole('textbox', { name: 'Tire size' })).toHaveValue('175/70R13');
  await page.getByText('Rear', { exact: true }).click();
  await expect(page.getByRole('textbox', { name: 'Tire size' })).toHaveValue('185/70R13');
  await page.keyboard.press('f');
  const list = page.getByRole('form', { name: 'Setup A, rear' });
  await type(list.getByLabel(/^Spacer/), '8');
  await type(list.getByLabel(/^Section width/), '190');
  await expect(ledgerRow(page, 'sectionWidthMm')).toContainText('190.0');
  await type(list.getByLabel('Name of the setup'), 'Rain set');
  await expect(page.getByRole('region', { name: 'Setups' })).toContainText('Rain set');
  await page.getByRole('heading', { level: 1 }).click();
  await page.keyboard.press('w');
  await expect(ledgerRow(page, 'effectiveOffsetMm')).toContainText('offset +18 mm − stack 8.0 mm = +10 mm');
  await expect(ledgerRow(page, 'sectionWidthMm')).toContainText("measured or from the maker's table");
  await page.keyboard.press('u');
  await expect(ledgerRow(page, 'inboard')).toContainText(/= \d\.\d\d in/);
});

test('how sure a figure is stands beside it, and what would help most', async ({ page }) => {
  await openDemo(page, 'brindle-kite', 'setups');
  await page.keyboard.press('j');
  await expect(ledgerRow(page, 'inboard')).toContainText('±4.5, about 50 % sure to clear');
  await expect(ledgerRow(page, 'arch')).toContainText(/limit 3\.0 · ±\d\.\d/);
  await ledgerRow(page, 'inboard').getByRole('button').click();
  await expect(ledgerRow(page, 'inboard')).toContainText(/most helpful to measure: half the section of the new tire/);
  // A brief that would rather have none: the spacer is told, with the wheel that does without.
  await page.keyboard.press('4');
  await choose(page, 'Spacers and adapters', 'never');
  await page.getByRole('heading', { level: 1 }).click();
  await page.keyboard.press('6');
  await expect(ledgerRow(page, 'spacers')).toContainText('not wanted');
});

test('compare lays every setup beside the present car, on one scale and in a table', async ({ page }) => {
  await openDemo(page, 'brindle-kite', 'compare');
  await expect(
    page.getByRole('img', {
      name: /^Ladder of the front axle: now 14\.0 tuck, inner clearance 22\.0 mm; a 8\.7 tuck/,
    }),
  ).toBeVisible();
  const table = page.getByRole('region', { name: 'Differences' }).getByRole('table');
  const onHub = page.getByRole('region', { name: 'On the hub' });
  await expect(onHub.getByRole('row', { name: /^A Fenwold/ })).toContainText(
    /same.*with care.*9\.2.*holds.*27\.0.*ring 72\.6 \/ 63\.4/,
  );
  await expect(onHub.getByRole('row', { name: /^B Fenwold/ })).toContainText(/holds.*22\.0.*—/);
  await swept(page);
  await expect(table.getByRole('row', { name: /^C Ostrik/ })).toContainText('touches: Brake to spokes, front');
  await expect(table.getByRole('row', { name: /^A Fenwold/ })).toContainText('−4.0');
  await table.getByRole('columnheader', { name: 'Poke', exact: true }).click();
  await expect(table.getByRole('row').nth(1)).toContainText('14.4 tuck');
  const names = page.locator('.ladder-names b');
  await expect(names).toHaveText(['now', 'A', 'B', 'C', 'D']);
  await page.getByRole('radiogroup', { name: 'Sorted by' }).getByText('poke', { exact: true }).click();
  await expect(names).toHaveText(['now', 'C', 'B', 'A', 'D']);
  await page.getByRole('radiogroup', { name: 'Sorted by' }).getByText('certainty', { exact: true }).click();
  await expect(names.last()).toHaveText('C');
  await expect(page.locator('.ladder-change li').last()).toContainText('contact 100 %');
  await expect(page).toHaveURL(/by=sure/);
  await page.keyboard.press('a');
  await expect(page.getByRole('img', { name: /^Ladder of the rear axle/ })).toBeVisible();
  await expect(table.getByRole('row', { name: /^A Fenwold/ })).toContainText('11.7 tuck');
  await page.getByRole('button', { name: /^tight B/ }).click();
  await page.keyboard.press('6');
  await expect(page.getByRole('region', { name: 'Setups' }).locator('[aria-pressed=true]')).toContainText(
    'Fenwold 17 × 7.5 +51',
  );
});
