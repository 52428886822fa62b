import { clean, cleanInTheDark } from './axe';
import { expect, ledgerRow, openDemo, pick, refuseNonsense, saved, show, test, type, useUnits } from './bench';

test('the speedometer of the car, against every setup, at speeds of one’s choice', async ({ page }) => {
  await openDemo(page, 'orrin-haul', 'setups');
  await page.keyboard.press('c');
  const form = page.getByRole('form', { name: 'Whole car with setup A' });
  await expect(
    page.getByRole('img', { name: /^True against shown speed: now 93\.5 .*A 98\.5 .*C 103\.7/ }),
  ).toBeVisible();
  await expect(ledgerRow(page, 'speedometer')).toContainText('within its band');
  const shown = form.getByRole('textbox', { name: /^True speed/ });
  await type(shown, '99');
  await expect(ledgerRow(page, 'speedometer')).toContainText('out of its band');
  await ledgerRow(page, 'speedometer').getByRole('button').click();
  await expect(ledgerRow(page, 'speedometer')).toContainText('never below true (UNECE R39)');
  await expect(page.getByRole('row', { name: /^100/ })).toContainText('104.3 low');
  await form.getByRole('checkbox', { name: /recalibrated/ }).check();
  await expect(ledgerRow(page, 'speedometer')).toContainText('with care');
  await type(shown, '');
  await form.getByRole('checkbox', { name: /recalibrated/ }).uncheck();
  await expect(ledgerRow(page, 'speedometer')).toContainText('with care');
  await expect(page.getByText('Assumes the speedometer is exact today')).toBeVisible();
  const speeds = form.getByRole('textbox', { name: /^Speeds to check/ });
  await type(speeds, '60, 110; 90');
  await expect(speeds).toHaveValue('60 90 110');
  await expect(page.getByRole('row', { name: /^110/ })).toBeVisible();
  await type(speeds, 'fast');
  await expect(page.getByRole('alert')).toHaveText(/is not a number/);
  await speeds.press('Escape');
  await type(form.getByRole('textbox', { name: 'Gear ratio' }), '');
  await expect(page.getByText('direct gear assumed')).toBeVisible();
  await page.keyboard.press('Escape');
  await page.getByRole('heading', { level: 1 }).click();
  await page.keyboard.press('u');
  await expect(speeds).toHaveValue('60 90 110');
  await useUnits(page, 'US');
  await expect(form.getByRole('textbox', { name: /^Speeds to check in mph/ })).toHaveValue('37.3 55.9 68.4');
});

test('a spare in its well: above it, let down, held down, or the one that is kept', async ({ page }) => {
  await openDemo(page, 'brindle-kite', 'setups');
  await page.keyboard.press('c');
  const form = page.getByRole('form', { name: 'Whole car with setup A' });
  await expect(
    page.getByRole('img', { name: 'Spare in its well: play 24.0 mm, above the well 10.9 mm, hold-down 3.0 mm longer' }),
  ).toBeVisible();
  await type(form.getByRole('textbox', { name: /^Hold-down reaches/ }), '160');
  await expect(ledgerRow(page, 'spare')).toContainText('fits');
  await type(form.getByRole('textbox', { name: /^Well ⌀ at its rim/ }), '605');
  await ledgerRow(page, 'spare').getByRole('button').click();
  await expect(ledgerRow(page, 'spare')).toContainText('goes in let down to about 1 bar');
  const depth = form.getByRole('textbox', { name: /^Well depth/ });
  await type(depth, '0');
  await expect(page.getByRole('alert')).toHaveText(/0\.0 mm is outside 20\.0 to 600\.0 mm/);
  await depth.press('Escape');
  await pick(form.getByLabel('Carried with this setup'), 'the car’s own spare');
  await expect(ledgerRow(page, 'spare')).toContainText('can replace: front, rear');
  await pick(form.getByLabel('Carried with this setup'), 'none');
  await expect(ledgerRow(page, 'spare')).toContainText('carry a repair kit');
  await saved(page);
});

test('sensors: the car’s own, an ordered set, another frequency, and the steps of the job sheet', async ({ page }) => {
  await openDemo(page, 'brindle-kite', 'setups');
  await page.keyboard.press('c');
  const form = page.getByRole('form', { name: 'Whole car with setup A' });
  await expect(ledgerRow(page, 'tpms')).toContainText('suits');
  await pick(form.getByLabel('For this setup', { exact: true }), 'a set is ordered');
  await expect(ledgerRow(page, 'tpms')).toContainText('not known');
  await type(form.getByRole('textbox', { name: /^Ordered frequency/ }), '315');
  await pick(form.getByLabel('Ordered body'), 'snap-in, rubber valve');
  await expect(ledgerRow(page, 'tpms')).toContainText('does not fit');
  await type(form.getByRole('textbox', { name: /^Ordered frequency/ }), '433.92');
  await expect(ledgerRow(page, 'tpms')).toContainText('suits');
  await expect(form.getByRole('listitem').filter({ hasText: 'keep the old set at least 15 m away' })).toBeVisible();
  await type(form.getByRole('textbox', { name: /^Valve hole ⌀, front/ }), '15.7');
  await expect(ledgerRow(page, 'tpms')).toContainText('differs');
  await saved(page);
});

test('a car becomes one with dual wheels at the hub, and plain again', async ({ page }) => {
  const place = await openDemo(page, 'orrin-haul', 'hub');
  await page.keyboard.press('a');
  await page.getByRole('checkbox', { name: 'Dual wheels, two a side' }).check();
  await type(page.getByRole('textbox', { name: /^Cold pressure/ }), '36 psi');
  await expect(page.getByRole('textbox', { name: /^Cold pressure/ })).toHaveValue('2.48');
  await saved(page);
  await show(page, `${place}/setups`);
  await saved(page);
  await page.keyboard.press('a');
  await expect(ledgerRow(page, 'dual')).toContainText('touches');
  await page.keyboard.press('1');
  await page.getByRole('checkbox', { name: 'Dual wheels, two a side' }).uncheck();
  await page.keyboard.press('6');
  await expect(ledgerRow(page, 'dual')).toHaveCount(0);
});

test('compare lays loads, speeds, spare and sensors side by side', async ({ page }) => {
  await openDemo(page, 'orrin-haul', 'compare');
  const table = page.getByRole('region', { name: 'On the road' }).getByRole('table');
  await expect(table.getByRole('row', { name: /^D Ostrik/ })).toContainText(
    /carries it.*does not fit.*out of its band.*does not fit/,
  );
  await expect(table.getByRole('row', { name: /^B Ostrik/ })).toContainText('with care');
  await table.getByRole('columnheader', { name: 'Inertia, %' }).click();
  await expect(table.getByRole('row').nth(1)).toContainText('on the car now');
  await expect(page.getByRole('img', { name: /^True against shown speed/ })).toBeVisible();
  await expect(table.getByRole('columnheader', { name: 'Turns a km' })).toBeVisible();
  await useUnits(page, 'US');
  await expect(table.getByRole('columnheader', { name: 'Turns a mile' })).toBeVisible();
  await expect(table.getByRole('columnheader', { name: 'Pressure, psi' })).toBeVisible();
});

test('raised and lowered: arch, height, rake and the note on alignment', async ({ page }) => {
  await openDemo(page, 'brindle-kite', 'setups');
  await page.keyboard.press('c');
  const form = page.getByRole('region', { name: 'Suspension change' });
  await type(form.getByRole('textbox', { name: /^Front raised by/ }), '-20');
  await expect(form).toContainText('nose 20.0 mm lower against the tail');
  await expect(form).toContainText('Align the wheels afterwards');
  await pick(form.getByLabel('Front, how'), 'strut spacer');
  await expect(form).toContainText('ride height and both stops move together');
  await expect(ledgerRow(page, 'bodyHeightChangeMm')).toContainText('−19.5');
  await expect(ledgerRow(page, 'obstacle:assumed-lip')).not.toContainText('19.0');
  await type(form.getByRole('textbox', { name: /^Front raised by/ }), '900');
  await expect(form.getByRole('alert')).toContainText('is outside −300.0 to 500.0 mm');
  await form.getByRole('textbox', { name: /^Front raised by/ }).press('Escape');
  await type(form.getByRole('textbox', { name: /^Front raised by/ }), '');
  await expect(form).toContainText('as now');
  await saved(page);
});

test('every field of the car view says beside it what is wrong with nonsense; axe finds nothing', async ({ page }) => {
  await openDemo(page, 'brindle-kite', 'setups');
  await page.keyboard.press('c');
  const form = page.getByRole('form', { name: /^Whole car with setup A/ });
  await expect(form).toBeVisible();
  await clean(page);
  await cleanInTheDark(page);
  await page.getByText('Spare carried').click();
  await refuseNonsense(form, 10);
});
