import { clean } from './axe';
import { demoJob, expect, putOnBench, saved, test, type } from './bench';

const corvane = () => {
  const job = demoJob('brindle-kite');
  return { ...job, title: 'gravel set', vehicle: { ...job.vehicle, label: 'Corvane Nine' } };
};

test('a new job begins with the readings of a car that was measured before, and each is read anew', async ({
  page,
}) => {
  await putOnBench(page, corvane(), 'gravel set');
  await page.goto('/');
  await page.getByRole('button', { name: 'New job' }).first().click();
  const dialog = page.getByRole('dialog', { name: 'New job' });
  await dialog.getByRole('textbox', { name: 'Car' }).fill('Corvane Zero');
  await dialog.getByRole('textbox', { name: 'Car' }).fill('corvane nine');
  const before = dialog.getByRole('group', { name: 'Measured before' });
  await expect(before.getByRole('radio')).toHaveCount(2);
  await expect(before.getByRole('radio', { name: 'Measure this car from the start' })).toBeChecked();
  // By keyboard: the next one down.
  await before.getByRole('radio', { name: 'Measure this car from the start' }).focus();
  await page.keyboard.press('ArrowDown');
  await expect(before.getByRole('radio', { name: /gravel set/ })).toBeChecked();
  await expect(
    before.getByText('less certain by ±4.0 mm, the usual figure until three of a kind are measured'),
  ).toBeVisible();
  await before.getByRole('checkbox', { name: 'Hub and fasteners' }).uncheck();
  // Parts were read from the present wheel: it comes along.
  await expect(before.getByRole('checkbox', { name: /^Gaps at rest/ })).toBeDisabled();
  await clean(page, 'dialog');
  await dialog.getByRole('button', { name: /^Start from SK-/ }).click();
  await saved(page);
  const tuck = page.getByRole('textbox', { name: /^Tuck/ });
  await expect(tuck).toHaveValue('14.0');
  const panel = page.getByRole('complementary', { name: 'Readings' });
  await panel.getByRole('button', { name: /^Tuck/ }).click();
  await expect(panel.getByRole('button', { name: /^Tuck/ })).toContainText(/taken over from SK-\d+, ±4\.\d mm/);
  await type(tuck, '12.5');
  await saved(page);
  await expect(panel.getByRole('button', { name: /^Tuck/ })).toContainText('steel rule, ±0.5 mm');
  const history = panel.getByRole('list', { name: 'History of Tuck' }).getByRole('listitem');
  await expect(history).toHaveCount(2);
  await expect(history.last()).toContainText(/taken over from SK-\d+/);

  await page.getByRole('link', { name: 'Measure one by one' }).click();
  const walk = page.getByRole('region', { name: 'Readings, front' });
  await expect(walk.getByRole('button', { name: /^Inner clearance, right.*SK-\d+/ })).toBeVisible();
  await expect(walk.getByRole('button', { name: /^Tuck, right.*SK-\d+/ })).toHaveCount(0);
  await expect(page.getByText(/ are from another car: measure again on this one/)).toBeVisible();
  await page.getByRole('link', { name: /^Hub/ }).click();
  await expect(page.getByRole('textbox', { name: /^Lug count/ })).toHaveValue('');
});
