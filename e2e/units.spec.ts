import { expect, openDemo, test, useUnits } from './bench';

test('units each for themselves: a usual set, one changed, and lengths with U alone', async ({ page }) => {
  await openDemo(page, 'brindle-kite', 'hub');
  const torque = page.getByRole('textbox', { name: /^Torque/ });
  await expect(torque).toHaveAccessibleName(/N·m/);
  const metric = Number(await torque.inputValue());
  await useUnits(page, 'US');
  await expect(torque).toHaveAccessibleName(/lb·ft/);
  expect(Number(await torque.inputValue())).toBeCloseTo(metric * 0.7375621, 0);
  await page.getByRole('heading', { level: 1 }).click();
  await page.keyboard.press('u');
  await expect(torque).toHaveAccessibleName(/lb·ft/);
  await useUnits(page, 'UK');
  await expect(torque).toHaveAccessibleName(/N·m/);
  await expect(page.getByRole('textbox', { name: /^Cold pressure/ })).toHaveAccessibleName(/psi/);
  await page.reload();
  await expect(page.getByRole('textbox', { name: /^Cold pressure/ })).toHaveAccessibleName(/psi/);
});
