import type { Page } from '@playwright/test';
import { clean, cleanInTheDark } from './axe';
import { expect, ledgerRow, openDemo, pick, refuseNonsense, saved, show, test, type } from './bench';

const plan = (page: Page) => page.getByRole('region', { name: 'Measuring plan' });
const drawings = (page: Page) => page.getByRole('group', { name: /corner with/ });

test('a part is read from the plan, stands on the drawings, and counts in the ledger', async ({ page }) => {
  const place = await openDemo(page, 'brindle-kite', 'room');
  await page.keyboard.press('p');
  await expect(plan(page)).toContainText('7 left');
  // By keyboard: to the entry, Enter, and the gap typed.
  await plan(page)
    .getByRole('button', { name: /^Mud flap/ })
    .focus();
  await page.keyboard.press('Enter');
  const form = page.getByRole('form', { name: 'Mud flap' });
  await expect(form).toContainText('Saved as soon as');
  await type(form.getByRole('textbox', { name: 'Gap in mm' }), '95');
  await expect(plan(page)).toContainText('6 left');
  await expect(form.getByRole('button', { name: 'Delete' })).toBeVisible();
  await pick(form.getByLabel('Measured with'), /^tape/);
  await expect(drawings(page)).toHaveAccessibleName(/7 parts around it/);
  await saved(page);
  await page.goto(`${place}/setups`);
  await expect(ledgerRow(page, 'obstacle:mud-flap')).toContainText('clears');
  await ledgerRow(page, 'obstacle:mud-flap').getByRole('button').click();
  await expect(ledgerRow(page, 'obstacle:mud-flap')).toContainText(/nearest .*mm (up|down)/);
  await page.keyboard.press('2');
  await expect(page.getByRole('region', { name: 'Section of the present car' })).toBeVisible();
  await page.keyboard.press('p');
  await plan(page)
    .getByRole('button', { name: /^Mud flap/ })
    .click();
  await page.getByRole('button', { name: 'Delete' }).click();
  await expect(plan(page)).toContainText('7 left');
  await page.keyboard.press('Control+z');
  await expect(plan(page)).toContainText('6 left');
});

test('a click on the wheel says the clock from outside, the place on it from behind', async ({ page }) => {
  await openDemo(page, 'brindle-kite', 'room');
  await page.keyboard.press('p');
  await plan(page).getByRole('button', { name: /^Seam/ }).click();
  const form = page.getByRole('form', { name: 'Seam' });
  const outside = page.getByRole('img', { name: 'The corner from outside' });
  const box = (await outside.boundingBox())!;
  await outside.click({ position: { x: box.width * 0.75, y: box.height * 0.3 } });
  const clock = form.getByRole('textbox', { name: /^Clock position/ });
  const degrees = Number(await clock.inputValue());
  expect(degrees).toBeGreaterThan(30);
  expect(degrees).toBeLessThan(75);
  const behind = page.getByRole('img', { name: 'The corner from behind' });
  const wide = (await behind.boundingBox())!;
  await behind.click({ position: { x: wide.width * 0.32, y: wide.height * 0.22 } });
  await expect(form).toContainText(/the inner (sidewall|shoulder)/);
  await type(form.getByRole('textbox', { name: 'Gap in mm' }), '40');
  await expect(form.getByRole('button', { name: 'Delete' })).toBeVisible();
  await saved(page);
});

test('a reading that contradicts the car is told with what to read again; a rubbing one is allowed', async ({
  page,
}) => {
  await openDemo(page, 'brindle-kite', 'room');
  await page.keyboard.press('p');
  const again = page.getByRole('status').filter({ hasText: 'Measure again' });
  await plan(page)
    .getByRole('button', { name: /^Mud flap/ })
    .click();
  await type(page.getByRole('form', { name: 'Mud flap' }).getByRole('textbox', { name: 'Gap in mm' }), '8');
  await expect(again).toContainText(/would touch it by \d+\.\d mm, .*\(droop\): measure the gap again/);
  await page.getByRole('button', { name: /Delete$/ }).click();
  await expect(again).toHaveCount(0);
  await plan(page)
    .getByRole('button', { name: /^Liner/ })
    .click();
  const form = page.getByRole('form', { name: 'Liner bulge, lower rear' });
  const gap = form.getByRole('textbox', { name: 'Gap in mm' });
  await type(form.getByRole('textbox', { name: /^Steering angle/ }), '-45');
  await expect(again).toContainText('beyond the lock of −32.0°');
  await form.getByRole('button', { name: 'lock, in', exact: true }).click();
  await expect(again).toHaveCount(0);
  await type(gap, '-5');
  await expect(again).toContainText('the present car rubs there by 5.0 mm');
  // Emptied, it is a part no more, and what else was said of it stays.
  await type(gap, '');
  await expect(page.getByText('Saved as soon as its gap is there.')).toBeVisible();
  await expect(page.getByRole('textbox', { name: /^Clock position/ })).toHaveValue('-100');
  await page.keyboard.press('Escape');
  await page.getByRole('heading', { level: 1 }).click();
  await page.keyboard.press('4');
  await expect(page.getByRole('region', { name: 'Measuring plan' })).toHaveCount(0);
  await page.keyboard.press('2');
  await expect(page.getByText('Saved as soon as its gap is there.')).toBeVisible();
  await type(page.getByRole('textbox', { name: 'Gap in mm' }), '19');
  await expect(again).toHaveCount(0);
  await saved(page);
});

test('an edge by coordinates, one side copied to the other, each with its own room', async ({ page }) => {
  await openDemo(page, 'brindle-kite', 'room');
  await page.keyboard.press('p');
  await pick(page.getByLabel('Add another part'), 'Tank');
  const form = page.getByRole('form', { name: 'Tank' });
  await form.getByText('coordinates').click();
  await form.getByRole('button', { name: 'Add a point' }).click();
  for (const [row, point] of [
    ['Point 1', [-240, -380, -60]],
    ['Point 2', [-240, -380, 90]],
  ] as const) {
    const group = form.getByRole('group', { name: row });
    for (const [label, value] of [
      ['Out', point[0]],
      ['Forward', point[1]],
      ['Up', point[2]],
    ] as const)
      await type(group.getByRole('textbox', { name: `${label} in mm` }), String(value));
  }
  await expect(form.getByRole('button', { name: /Delete$/ })).toBeVisible();
  await form.getByRole('button', { name: 'Copy to the left' }).click();
  await expect(form).toContainText('left only');
  await page.getByRole('heading', { level: 1 }).click();
  await page.keyboard.press('l');
  await expect(page.getByRole('heading', { level: 1 })).toContainText('Front left');
  await expect(plan(page).getByRole('button', { name: /^Tank/ })).toHaveCount(1);
  await page.keyboard.press('p');
  const gap = page.getByRole('textbox', { name: /^Tuck/ });
  await expect(gap).toHaveValue('');
  await expect(gap).toHaveAttribute('placeholder', '14.0');
  await type(gap, '6');
  await expect(gap).toHaveValue('6.0');
  await saved(page);
  await page.getByRole('heading', { level: 1 }).click();
  await page.keyboard.press('6');
  await expect(ledgerRow(page, 'fender')).toContainText('Poke, left');
});

test('how the wheel moves: usual values are marked, measured ones go before them', async ({ page }) => {
  const place = await openDemo(page, 'orrin-haul', 'room');
  await page.keyboard.press('p');
  const form = page.getByRole('form', { name: 'Suspension, front' });
  const axis = form.getByRole('textbox', { name: /^Axis inboard/ });
  await expect(axis).toHaveAttribute('placeholder', '100.0');
  await expect(form).toContainText('Axis inboard');
  await type(axis, '112');
  await expect(axis).toHaveValue('112.0');
  await type(form.getByRole('textbox', { name: /^Lock, out/ }), '0');
  await type(form.getByRole('textbox', { name: /^Lock, in/ }), '0');
  await expect(page.getByRole('slider', { name: /^Steer/ })).toHaveCount(0);
  await pick(form.getByLabel('Kind of suspension'), '—');
  await expect(form).toContainText('Without the kind of suspension');
  await saved(page);
  await show(page, `${place}/sweep`);
  await expect(page.getByText('How the wheel moves is not known')).toBeVisible();
  await expect(page.locator('[data-part="body-mount"]')).toContainText('not measured');
});

test('axe finds nothing at the parts, on either table; nonsense is told beside its field', async ({ page }) => {
  await openDemo(page, 'brindle-kite', 'room');
  await page.keyboard.press('p');
  await plan(page)
    .getByRole('button', { name: /^Liner/ })
    .click();
  await page.getByRole('heading', { level: 1 }).hover();
  await clean(page);
  await refuseNonsense(page.getByRole('form', { name: 'Liner bulge, lower rear' }), 5, { except: /^Name/ });
  await refuseNonsense(page.getByRole('form', { name: 'Suspension, front' }), 12, { except: /^Name/ });
  await page.getByText('coordinates').click();
  await refuseNonsense(page.getByRole('group', { name: 'Point 1' }), 3, { except: /^Name/ });
  await page.getByText('a gap').click();
  await expect(page.getByRole('textbox', { name: 'Gap in mm' })).toHaveValue('19.0');
  await cleanInTheDark(page);
});

test('readings that were begun are kept, each of its kind, and listed until they are whole', async ({ page }) => {
  await openDemo(page, 'brindle-kite', 'room');
  await page.keyboard.press('p');
  await plan(page).getByRole('button', { name: /^Seam/ }).click();
  await type(page.getByRole('textbox', { name: /^Clock position/ }), '12');
  await pick(page.getByLabel('Add another part'), 'Tank');
  await page.getByText('coordinates').click();
  await type(page.getByRole('textbox', { name: 'Out in mm' }), '-210');
  await plan(page)
    .getByRole('button', { name: /^Strut/ })
    .click();
  await expect(plan(page).getByRole('button', { name: /begun, its gap is missing/ })).toHaveCount(2);
  await plan(page).getByRole('button', { name: /^Seam/ }).click();
  await expect(page.getByRole('textbox', { name: /^Clock position/ })).toHaveValue('12');
  await plan(page).getByRole('button', { name: /^Tank/ }).click();
  await expect(page.getByRole('textbox', { name: 'Out in mm' })).toHaveValue('−210.0');
  await page.getByRole('button', { name: 'Discard it' }).click();
  await expect(plan(page).getByRole('button', { name: /^Tank/ })).toHaveCount(0);
  await expect(page.getByRole('form', { name: 'Seam' })).toBeVisible();
});
