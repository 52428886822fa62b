import { clean } from './axe';
import { expect, openDemo, saved, test, type } from './bench';

test('from the space left to a wheel, and a setup of it', async ({ page }) => {
  await openDemo(page, 'brindle-kite', 'room');
  await page.keyboard.press('m');
  const dialog = page.getByRole('dialog', { name: 'Space for a new wheel, front' });
  // 15 × 6 +38: 25.4 mm of room on both sides is an inch each, 6 + 2 = 8 in; the back flange moves in by 25.4.
  await type(dialog.getByRole('textbox', { name: /^Space left, inboard/ }), '25.4');
  await type(dialog.getByRole('textbox', { name: /^Space left, outboard/ }), '25.4');
  await expect(dialog).toContainText('8.00 in');
  await expect(dialog).toContainText('offset +38 mm');
  await clean(page, 'dialog');
  await type(dialog.getByRole('textbox', { name: /^Space left, outboard/ }), '20');
  // 6 + 45.4 / 25.4 = 7.79 in: 7.5 in is made, its back flange at the same place.
  await expect(dialog).toContainText('Nearest made: 7.5 in');
  await dialog.getByRole('button', { name: 'Make a setup' }).click();
  await saved(page);
  await page.keyboard.press('6');
  await expect(page.getByRole('region', { name: 'Setups' })).toContainText('7.5');
});

test('space that is none is refused with its range', async ({ page }) => {
  await openDemo(page, 'brindle-kite', 'room');
  await page.getByRole('button', { name: /^Space for a new wheel/ }).click();
  const dialog = page.getByRole('dialog');
  const inboard = dialog.getByRole('textbox', { name: /^Space left, inboard/ });
  await type(inboard, 'plenty');
  await expect(dialog.getByRole('alert')).toHaveText('“plenty” is not a length');
  await expect(inboard).toHaveValue('plenty');
  await expect(dialog.getByRole('button', { name: 'Make a setup' })).toBeDisabled();
});
