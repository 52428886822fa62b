import AxeBuilder from '@axe-core/playwright';
import type { Page } from '@playwright/test';
import { applyEdits } from '#core/job';
import { demoJob, expect, ledgerRow, openDemo, putOnBench, refuseNonsense, saved, test, type } from './bench';

async function clean(page: Page): Promise<void> {
  await expect(page.getByRole('tooltip')).toBeHidden();
  const { violations } = await new AxeBuilder({ page }).analyze();
  expect(violations.map(({ id, nodes }) => [id, nodes.map(({ html }) => html)])).toEqual([]);
}

const plan = (page: Page) => page.getByRole('region', { name: 'Measuring plan' });
const sweepPart = (page: Page, id: string) => page.getByRole('table', { name: 'Parts' }).locator(`[data-part="${id}"]`);
const map = (page: Page) => page.getByRole('application', { name: /^Clearance of/ });
const drawings = (page: Page) => page.getByRole('group', { name: /corner with/ });

/** At a station's parts or sweep, with every sweep made. */
async function swept(page: Page): Promise<void> {
  await expect(page.locator('.frame')).toHaveAttribute('data-swept', 'true');
}

test('a part is read from the plan, stands on the drawings, and counts in the ledger', async ({ page }) => {
  const place = await openDemo(page, 'brindle-kite', 'room');
  await page.keyboard.press('p');
  await expect(plan(page)).toContainText('7 to go');
  // By keyboard: to the entry, Enter, and the gap typed.
  await plan(page)
    .getByRole('button', { name: /^Mud flap/ })
    .focus();
  await page.keyboard.press('Enter');
  const form = page.getByRole('form', { name: 'Mud flap' });
  await expect(form).toContainText('kept as soon as its gap is there');
  await type(form.getByRole('textbox', { name: 'Gap in mm' }), '95');
  await expect(plan(page)).toContainText('6 to go');
  await expect(form.getByRole('button', { name: 'Remove' })).toBeVisible();
  await form.getByLabel('Read with').click();
  await page
    .getByTitle('tape measure')
    .or(page.getByTitle('tape', { exact: true }))
    .click();
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
  await page.getByRole('button', { name: 'Remove' }).click();
  await expect(plan(page)).toContainText('7 to go');
  await page.keyboard.press('Control+z');
  await expect(plan(page)).toContainText('6 to go');
});

test('a click on the wheel says the clock from outside, the place on it from behind', async ({ page }) => {
  await openDemo(page, 'brindle-kite', 'room');
  await page.keyboard.press('p');
  await plan(page).getByRole('button', { name: /^Seam/ }).click();
  const form = page.getByRole('form', { name: 'Seam' });
  const outside = page.getByRole('img', { name: 'The corner from outside' });
  const box = (await outside.boundingBox())!;
  await outside.click({ position: { x: box.width * 0.75, y: box.height * 0.3 } });
  const clock = form.getByRole('textbox', { name: /^at the clock/ });
  const degrees = Number(await clock.inputValue());
  expect(degrees).toBeGreaterThan(30);
  expect(degrees).toBeLessThan(75);
  const behind = page.getByRole('img', { name: 'The corner from behind' });
  const wide = (await behind.boundingBox())!;
  await behind.click({ position: { x: wide.width * 0.32, y: wide.height * 0.22 } });
  await expect(form).toContainText(/the inner (sidewall|shoulder)/);
  await type(form.getByRole('textbox', { name: 'Gap in mm' }), '40');
  await expect(form.getByRole('button', { name: 'Remove' })).toBeVisible();
  await saved(page);
});

test('a reading that contradicts the car is told with what to read again; a rubbing one is allowed', async ({ page }) => {
  await openDemo(page, 'brindle-kite', 'room');
  await page.keyboard.press('p');
  const again = page.getByRole('status').filter({ hasText: 'Read again' });
  await plan(page).getByRole('button', { name: /^Mud flap/ }).click();
  await type(page.getByRole('form', { name: 'Mud flap' }).getByRole('textbox', { name: 'Gap in mm' }), '8');
  await expect(again).toContainText(/would touch it by \d+\.\d mm, .*\(droop\): read the gap again/);
  await page.getByRole('button', { name: /Remove$/ }).click();
  await expect(again).toHaveCount(0);
  await plan(page).getByRole('button', { name: /^Liner/ }).click();
  const form = page.getByRole('form', { name: 'Liner bulge, lower rear' });
  const gap = form.getByRole('textbox', { name: 'Gap in mm' });
  await type(form.getByRole('textbox', { name: /^Steered/ }), '-45');
  await expect(again).toContainText('beyond the lock of −32.0°');
  await form.getByRole('button', { name: 'lock, in', exact: true }).click();
  await expect(again).toHaveCount(0);
  await type(gap, '-5');
  await expect(again).toContainText('the present car rubs there by 5.0 mm');
  // Emptied, it is a part no more, and what else was said of it stays.
  await type(gap, '');
  await expect(page.getByText('It is kept as soon as its gap is there.')).toBeVisible();
  await expect(page.getByRole('textbox', { name: /^at the clock/ })).toHaveValue('-100');
  await page.keyboard.press('Escape');
  await page.getByRole('heading', { level: 1 }).click();
  await page.keyboard.press('3');
  await expect(page.getByRole('region', { name: 'Measuring plan' })).toHaveCount(0);
  await page.keyboard.press('2');
  await expect(page.getByRole('region', { name: 'Section of the present car' })).toBeVisible();
  await page.keyboard.press('p');
  await expect(page.getByText('It is kept as soon as its gap is there.')).toBeVisible();
  await type(page.getByRole('textbox', { name: 'Gap in mm' }), '19');
  await expect(again).toHaveCount(0);
  await saved(page);
}); // prettier-ignore

test('an edge by coordinates, one side copied to the other, each with its own room', async ({ page }) => {
  await openDemo(page, 'brindle-kite', 'room');
  await page.keyboard.press('p');
  await page.getByLabel('Add another part').click();
  await page.getByTitle('Tank').click();
  const form = page.getByRole('form', { name: 'Tank' });
  await form.getByText('by coordinates').click();
  await form.getByRole('button', { name: 'Another point' }).click();
  for (const [row, point] of [['Point 1', [-240, -380, -60]], ['Point 2', [-240, -380, 90]]] as const) {
    const group = form.getByRole('group', { name: row });
    for (const [label, value] of [['Out', point[0]], ['Forward', point[1]], ['Up', point[2]]] as const)
      await type(group.getByRole('textbox', { name: `${label} in mm` }), String(value));
  }
  await expect(form.getByRole('button', { name: /Remove$/ })).toBeVisible();
  await form.getByRole('button', { name: 'Copy to the left' }).click();
  await expect(form).toContainText('left only');
  await page.getByRole('heading', { level: 1 }).click();
  await page.keyboard.press('l');
  await expect(page.getByRole('heading', { level: 1 })).toContainText('Front left');
  await expect(plan(page).getByRole('button', { name: /^Tank/ })).toHaveCount(1);
  await page.keyboard.press('p');
  const gap = page.getByRole('textbox', { name: /^Gap to fender/ });
  await expect(gap).toHaveValue('');
  await expect(gap).toHaveAttribute('placeholder', '14.0');
  await type(gap, '6');
  await expect(gap).toHaveValue('6.0');
  await saved(page);
  await page.getByRole('heading', { level: 1 }).click();
  await page.keyboard.press('4');
  await expect(ledgerRow(page, 'fender')).toContainText('Face against fender, left');
}); // prettier-ignore

test('how the wheel moves: usual values are marked, measured ones go before them, without a kind it only stands', async ({ page }) => {
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
  await form.getByLabel('Kind of suspension').hover();
  await form.locator('.ant-select-clear').click();
  await expect(form).toContainText('Without its kind the wheel only stands');
  await saved(page);
  await page.goto(`${place}/sweep`);
  await expect(page.getByText('How the wheel moves is not known')).toBeVisible();
  await expect(sweepPart(page, 'body-mount')).toContainText('not known');
}); // prettier-ignore

test('the map: keys and pointer move the drawings, a part leads to its worst pose, J raises the next setup', async ({ page }) => {
  await openDemo(page, 'brindle-kite', 'sweep');
  await swept(page);
  await expect(map(page)).toBeVisible();
  await expect(sweepPart(page, 'liner')).toContainText('13.6');
  await map(page).focus();
  await page.keyboard.press('ArrowRight');
  await page.keyboard.press('Shift+ArrowUp');
  await expect(map(page)).toHaveAttribute('aria-description', 'steer 1.0 degrees, travel 10.0 mm');
  await page.keyboard.press('Home');
  await expect(map(page)).toHaveAttribute('aria-description', /^steer −32\.0 degrees/);
  await expect(sweepPart(page, 'liner').locator('td').nth(1)).toHaveText('13.6');
  await sweepPart(page, 'bumper-corner').getByRole('button').click();
  await expect(map(page)).toHaveAccessibleName(/^Clearance of Bumper corner/);
  await expect(map(page)).toHaveAttribute('aria-description', /^steer 38\.0 degrees/);
  await page.getByRole('button', { name: 'Worst of all' }).click();
  const box = (await map(page).boundingBox())!;
  await page.mouse.move(box.x + 46 + (box.width - 58) / 2, box.y + 8);
  await expect(map(page)).toHaveAttribute('aria-description', /travel 70\.0 mm$/);
  await page.keyboard.press('j');
  await expect(page.getByRole('heading', { level: 1 })).toContainText('B ');
  await page.getByRole('table', { name: 'Setups side by side' }).getByRole('button', { name: 'D' }).click();
  await expect(page.getByRole('heading', { level: 1 })).toContainText('D ');
  await expect(sweepPart(page, 'liner')).toContainText('touches');
  await page.getByRole('slider', { name: /^Travel/ }).press('ArrowLeft');
  await page.getByRole('button', { name: 'Straight, at rest' }).click();
  await expect(map(page)).toHaveAttribute('aria-description', 'steer 0.0 degrees, travel 0.0 mm');
}); // prettier-ignore

test('lock to lock plays through and ends by itself; allowances take room', async ({ page }) => {
  await page.emulateMedia({ reducedMotion: 'reduce' });
  await openDemo(page, 'brindle-kite', 'sweep');
  await swept(page);
  await page.getByRole('heading', { level: 1 }).click();
  await page.keyboard.press('y');
  await expect(map(page)).toHaveAttribute('aria-description', /^steer −\d/);
  await expect(map(page)).toHaveAttribute('aria-description', /^steer 3\d/);
  await expect(page.getByRole('button', { name: 'Lock to lock' })).toBeVisible();
  await page.getByRole('checkbox', { name: /^Grown in service/ }).check();
  await type(page.getByRole('textbox', { name: /^Bulge under load/ }), '3');
  await expect(sweepPart(page, 'liner')).not.toContainText('13.6');
  await expect(sweepPart(page, 'liner').locator('td').nth(2)).toHaveText(/^([0-9]|10)\.\d$/);
  await saved(page);
});

test('what matters most among the assumed values', async ({ page }) => {
  await openDemo(page, 'velder-two', 'sweep');
  await swept(page);
  await page.getByRole('button', { name: 'Try them' }).click();
  const table = page.getByRole('table', { name: /^Assumed values/ });
  await expect(table).toBeVisible();
  await expect(table.getByRole('row')).not.toHaveCount(1);
  await expect(table).toContainText(/±/);
});

test('a worker that dies is told, and started again', async ({ page }) => {
  await openDemo(page, 'brindle-kite', 'sweep');
  await swept(page);
  await page.workers()[0]!.evaluate(() => self.close());
  await type(page.getByRole('textbox', { name: /^Bulge under load/ }), '5');
  await expect(page.getByRole('alert').filter({ hasText: 'The sweep ended by itself' })).toBeVisible();
  await page.getByRole('button', { name: 'Sweep again' }).click();
  await swept(page);
  await expect(sweepPart(page, 'liner')).not.toContainText('13.6');
  await expect(sweepPart(page, 'liner')).toContainText('clears');
});

test('a long sweep shows its progress, stops when asked, and goes on', async ({ page }) => {
  const edge = (n: number) => ({
    id: `edge-${n}`,
    kind: 'liner' as const,
    label: `Edge ${n}`,
    points: Array.from({ length: 400 }, (_, i) => ({ out: -60 + 40 * Math.sin(i), fwd: -420 - n, up: -200 + i })),
  });
  const job = applyEdits(demoJob('brindle-kite'), [
    { op: 'set', path: ['vehicle', 'front', 'obstacles'], value: Array.from({ length: 12 }, (_, n) => edge(n)) },
  ]);
  const place = await putOnBench(page, job, 'many edges');
  await page.goto(`${place}/sweep`);
  await page.getByRole('button', { name: 'Stop', exact: true }).click();
  await expect(page.getByText(/sweeps are not made/)).toBeVisible();
  await page.getByRole('button', { name: 'Go on' }).click();
  await expect(page.getByRole('progressbar')).toBeVisible();
  await page.getByRole('button', { name: 'Stop', exact: true }).click();
  await expect(page.getByText(/sweeps? (is|are) not made/)).toBeVisible();
});

test('raised and lowered: arch, height, rake and the note on alignment', async ({ page }) => {
  await openDemo(page, 'brindle-kite', 'setups');
  await page.keyboard.press('c');
  const form = page.getByRole('region', { name: 'Suspension change' });
  await type(form.getByRole('textbox', { name: /^Front raised by/ }), '-20');
  await expect(form).toContainText('nose 20.0 mm lower against the tail');
  await expect(form).toContainText('Have the wheels aligned afterwards');
  await form.getByLabel('Front, how').click();
  await page.getByTitle('over the strut').last().click();
  await expect(form).toContainText('rest and both stops move together');
  await expect(ledgerRow(page, 'bodyHeightChangeMm')).toContainText('−19.5');
  await expect(ledgerRow(page, 'obstacle:assumed-lip')).not.toContainText('19.0');
  await type(form.getByRole('textbox', { name: /^Front raised by/ }), '900');
  await expect(form.getByRole('alert')).toContainText('is outside −300.0 to 500.0 mm');
  await form.getByRole('textbox', { name: /^Front raised by/ }).press('Escape');
  await type(form.getByRole('textbox', { name: /^Front raised by/ }), '');
  await expect(form).toContainText('as now');
  await saved(page);
});

test('nothing placed, no setup: each says what to do first', async ({ page }) => {
  const bare = applyEdits(demoJob('brindle-kite'), [
    { op: 'set', path: ['vehicle', 'rear'], value: { suspension: { kind: 'rear' } } },
  ]);
  const place = await putOnBench(page, bare, 'nothing at the rear');
  await page.goto(`${place}/sweep`);
  await saved(page);
  await page.keyboard.press('a');
  await expect(page.getByText('Nothing is placed around this wheel yet')).toBeVisible();
  await page.getByRole('link', { name: 'Room, Parts in space' }).click();
  await expect(page.getByRole('region', { name: 'Section of the present car' })).toBeVisible();
  await page.keyboard.press('p');
  await expect(page.getByText('The wheel is drawn once tire, rim and offset are known')).toBeVisible();
});

test('axe finds nothing at the parts and the sweep, on either table; nonsense is told beside its field', async ({ page }) => {
  test.slow();
  const place = await openDemo(page, 'brindle-kite', 'room');
  await page.keyboard.press('p');
  await plan(page).getByRole('button', { name: /^Liner/ }).click();
  await page.getByRole('heading', { level: 1 }).hover();
  await clean(page);
  await refuseNonsense(page.getByRole('form', { name: 'Liner bulge, lower rear' }), 5, /^Name/, ['nonsense', '99999']);
  await refuseNonsense(page.getByRole('form', { name: 'Suspension, front' }), 12, /^Name/, ['nonsense', '99999']);
  await page.goto(`${place}/sweep`);
  await swept(page);
  await clean(page);
  await page.getByRole('button', { name: 'To the dark table' }).click();
  await page.getByRole('heading', { level: 1 }).hover();
  await clean(page);
  await page.keyboard.press('2');
  await expect(page.getByRole('region', { name: 'Section of the present car' })).toBeVisible();
  await page.keyboard.press('p');
  await clean(page);
}); // prettier-ignore
