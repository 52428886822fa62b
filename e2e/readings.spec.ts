import { pick, bothAxles, expect, openDemo, putOnBench, saved, test, type } from './bench';

const bare = { format: 'scoval.job', version: 1, vehicle: { label: 'Brindle Kite 1.8 wagon' }, setups: [] } as const;

test('a car is measured by keyboard alone: tire, rim, offset, gaps, front and rear', async ({ page }) => {
  const place = await putOnBench(page, { ...bare, setups: [{ id: 'x' }] }, 'measured by keyboard');
  await page.goto(`${place}/room`);
  await saved(page);
  for (const axle of ['Front', 'Rear']) {
    await expect(page.getByText('7 readings to go')).toBeVisible();
    await page.getByRole('textbox', { name: 'Tire size' }).focus();
    await page.keyboard.type('195/60 r15');
    await page.keyboard.press('Enter');
    await page.getByRole('textbox', { name: /^Rim diameter/ }).focus();
    await page.keyboard.type('15');
    await page.keyboard.press('Tab');
    await page.keyboard.type('6');
    await page.keyboard.press('Tab');
    await page.keyboard.type('+38');
    await page.keyboard.press('Tab');
    await expect(page.getByRole('textbox', { name: /^Backspacing/ })).toHaveValue('126.9');
    await page.getByRole('textbox', { name: /^Tuck/ }).focus();
    await page.keyboard.type('9/16');
    await page.keyboard.press('Enter');
    await expect(page.getByRole('textbox', { name: /^Tuck/ })).toHaveValue('14.3');
    await page.getByRole('textbox', { name: /^Inner clearance/ }).focus();
    await page.keyboard.type('2.2 cm');
    await page.keyboard.press('Tab');
    await page.getByRole('textbox', { name: /^Fender clearance/ }).focus();
    await page.keyboard.type('70');
    await page.keyboard.press('Tab');
    await expect(page.getByText(axle === 'Front' ? 'Next: rear axle' : 'All measured: go to the brief')).toBeVisible();
    // Away from the field, keys are keys again.
    await page.getByRole('heading', { level: 1 }).click();
    if (axle === 'Front') await page.keyboard.press('a');
  }
  await saved(page);
  await expect(page.getByRole('link', { name: /Room/ })).toContainText('all 14');
  // The rear axle is still the one in hand.
  await page.reload();
  await expect(page.getByRole('textbox', { name: /^Tuck/ })).toHaveValue('14.3');
  await expect(page.getByRole('img', { name: /Section of the present rear right wheel: tuck 14\.3 mm/ })).toBeVisible();
});

test('a reading keeps its tool, its uncertainty and its history', async ({ page }) => {
  await openDemo(page, 'brindle-kite', 'room');
  const gap = page.getByRole('textbox', { name: /^Tuck/ });
  await gap.click();
  await expect(page.getByRole('img', { name: 'Where the rule goes: Tuck' })).toBeVisible();
  const history = page.getByRole('list', { name: 'History of Tuck' });
  await expect(history.getByRole('listitem')).toHaveCount(2);
  await pick(page.getByLabel('Readings are taken with'), /^caliper/);
  await type(gap, '13.4');
  await expect(history.getByRole('listitem').first()).toContainText('13.4 mm');
  await expect(history.getByRole('listitem').first()).toContainText('caliper, ±0.1 mm');
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(history.getByRole('listitem').first()).toContainText('withdrawn');
  await expect(gap).toHaveValue('14.0');
  await page.getByRole('button', { name: 'Redo' }).click();
  await expect(gap).toHaveValue('13.4');
});

test('bad input is told beside the field, kept, and outlives a change of station', async ({ page }) => {
  await openDemo(page, 'brindle-kite', 'room');
  const gap = page.getByRole('textbox', { name: /^Tuck/ });
  await type(gap, 'about 14');
  await expect(page.getByRole('alert')).toHaveText(/“about 14” is not a length/);
  await expect(gap).toHaveAttribute('aria-invalid', 'true');
  await page.getByRole('link', { name: /Brief/ }).click();
  await expect(page.getByRole('heading', { name: 'Brief' })).toBeVisible();
  await page.getByRole('link', { name: /Room/ }).click();
  await expect(gap).toHaveValue('about 14');
  await expect(page.getByRole('alert')).toHaveText(/is not a length/);
  await gap.click();
  await gap.press('Escape');
  await expect(gap).toHaveValue('14.0');
  await type(gap, '5000');
  await expect(page.getByRole('alert')).toHaveText(/5000\.0 mm is outside −200\.0 to 500\.0 mm/);
  await type(gap, '-5');
  await expect(page.getByRole('alert')).toHaveCount(0);
  await expect(gap).toHaveValue('−5.0');
  await type(gap, '');
  await expect(page.getByText('empty: counts as not measured')).toBeVisible();
  await expect(page.getByText('1 reading to go')).toBeVisible();
  await page.getByRole('link', { name: /Setups/ }).click();
  await expect(page.locator('[data-row="fender"]')).toContainText('not measured');
});

test('the ground clearance is read in the room, side by side, and holds up no verdict', async ({ page }) => {
  await openDemo(page, 'brindle-kite', 'room');
  await expect(page.getByText('All measured: go to the brief')).toBeVisible();
  const height = page.getByRole('textbox', { name: /^Ground clearance/ });
  await expect(height).toHaveValue('');
  await type(height, 'low');
  await expect(page.getByRole('alert')).toHaveText(/“low” is not a length/);
  await type(height, '601');
  await expect(page.getByRole('alert')).toHaveText(/601\.0 mm is outside 0\.0 to 600\.0 mm/);
  await type(height, '15.2 cm');
  await expect(height).toHaveValue('152.0');
  const history = page.getByRole('list', { name: 'History of Ground clearance' });
  await expect(history.getByRole('listitem').first()).toContainText('152.0 mm');
  await saved(page);
  await page.reload();
  await expect(height).toHaveValue('152.0');
  await page.getByRole('radiogroup', { name: 'Side' }).getByText('Left').click();
  await expect(height).toHaveValue('');
});

test('rounding on the screen never reaches the job', async ({ page }) => {
  await openDemo(page, 'brindle-kite', 'room');
  await page.keyboard.press('u');
  const gap = page.getByRole('textbox', { name: /^Tuck/ });
  await expect(gap).toHaveValue('0.55');
  await gap.focus();
  await gap.press('Enter');
  await gap.press('Tab');
  await page.getByRole('heading', { level: 1 }).click();
  for (const shown of ['9/16', '9/16']) {
    await page.keyboard.press('u');
    await expect(gap).toHaveValue(shown);
  }
  await page.keyboard.press('u');
  await expect(gap).toHaveValue('14.0');
});

test('the hub takes its plain figures; the car its kind', async ({ page }) => {
  await openDemo(page, 'brindle-kite', 'hub');
  await expect(page.getByRole('group', { name: 'Hub face on: 4 studs on a circle of 108 mm' })).toBeVisible();
  const form = page.getByRole('form', { name: 'Hub, front' });
  await type(form.getByLabel('Lug count'), '5');
  await type(form.getByLabel(/^Bolt circle/), '4 1/2"');
  await expect(page.getByRole('group', { name: 'Hub face on: 5 studs on a circle of 114.3 mm' })).toBeVisible();
  await type(form.getByLabel('Lug count'), '4.5');
  await expect(form.getByRole('alert')).toHaveText(/must be a whole number/);
  await type(form.getByLabel('Lug count'), '44');
  await expect(form.getByRole('alert')).toHaveText(/44 is outside 3 to 10/);
  await form.getByLabel('Lug count').press('Escape');
  await pick(form.getByLabel('Lug seat'), 'ball R13');
  const car = page.getByRole('form', { name: 'Car' });
  await type(car.getByLabel('Car', { exact: true }), 'Brindle Kite with drums');
  await expect(page.getByRole('banner')).toContainText('Brindle Kite with drums');
  await pick(car.getByLabel('Driven wheels'), 'all, always');
  await saved(page);
  await page.reload();
  await expect(car.getByLabel('Driven wheels').locator(':checked')).toHaveText('all, always');
  await expect(form.getByLabel('Lug seat').locator(':checked')).toHaveText('ball R13');
});

test('the brief becomes limits that the ledger names', async ({ page }) => {
  await openDemo(page, 'brindle-kite', 'brief');
  await type(bothAxles(page).getByLabel(/^No further out than/), '-30');
  await expect(page.getByRole('alert')).toHaveText(/is short of the inner end/);
  await type(bothAxles(page).getByLabel(/^No further out than/), '5');
  await expect(page.getByRole('banner')).toContainText('target 14.0 tuck to 5.0 poke');
  await type(page.getByRole('textbox', { name: /^Inner clearance, at rest/ }), '13');
  await page.getByLabel(/Anything else the customer said/).fill('Flaps may go.\nNo cutting.');
  await page.getByLabel(/Anything else the customer said/).blur();
  await saved(page);
  await page.getByRole('link', { name: /Setups/ }).click();
  await expect(page.locator('[data-row="inboard"]')).toContainText('tight · limit 13.0');
  await page.locator('[data-row="inboard"]').getByRole('button').click();
  await expect(page.locator('[data-row="inboard"]')).toContainText('limit 13.0 mm, from the brief');
  await page.getByRole('link', { name: /Brief/ }).click();
  await type(page.getByRole('textbox', { name: /^Inner clearance, at rest/ }), '');
  await expect(page.getByRole('row', { name: /Inner clearance/ })).toContainText('usual');
  await expect(page.getByLabel(/Anything else the customer said/)).toHaveValue('Flaps may go.\nNo cutting.');
});
