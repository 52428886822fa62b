import { writeFileSync } from 'node:fs';
import type { Page } from '@playwright/test';
import { clean } from './axe';
import { choose, expect, ledgerRow, openDemo, refuseNonsense, saved, stands, test, type } from './bench';

const panel = (page: Page) => page.getByRole('complementary', { name: 'Brake room' });
const show = (page: Page, name: 'Clearance' | 'Brake' | 'Wheel face') =>
  panel(page).getByText(name, { exact: true }).click();
const row = (page: Page, code: string) => panel(page).locator(`[data-row="${code}"]`);
const setupRow = ledgerRow;

test('a brake is traced on the car, a wheel gets its face, and the ledger judges both', async ({ page }) => {
  const place = await openDemo(page, 'velder-two', 'brakes');
  await expect(page.getByText("Not known: the brake's outline is needed.")).toBeVisible();
  const form = page.getByRole('form', { name: 'Brake, front' });
  const reach = (n: number) => form.getByRole('group', { name: `Reach ${n}` });
  for (const [n, radius, out] of [
    [1, '70', '12'],
    [2, '110', '20'],
    [3, '100', '16'],
  ] as const) {
    await form.getByRole('button', { name: n === 1 ? 'First reach' : 'Another reach' }).click();
    await type(reach(n).getByRole('textbox', { name: /Radius/ }), radius);
    await type(reach(n).getByRole('textbox', { name: /Reach/ }), out);
  }
  await expect(form.getByText('No outline yet: enter the back of the brake.')).toBeVisible();
  // What was begun is there again after another station.
  await page.getByRole('heading', { level: 1 }).click();
  await page.keyboard.press('1');
  await expect(page).toHaveURL(/\/hub/);
  await page.keyboard.press('3');
  await expect(page).toHaveURL(/\/brakes/);
  await stands(page);
  await expect(reach(3).getByRole('textbox', { name: /Radius/ })).toHaveValue('100.0');
  await type(form.getByRole('textbox', { name: /^Back of the brake/ }), '-35');
  await expect(reach(3).getByRole('alert')).toHaveText(/radii grow from the hub outward/);
  await type(reach(3).getByRole('textbox', { name: /Radius/ }), '122');
  await expect(form.getByRole('alert')).toHaveCount(0);
  await expect(form.getByText('Outline, 5 points')).toBeVisible();
  await expect(page.getByText("Not known: the wheel's inner face is needed.")).toBeVisible();
  await page.getByRole('button', { name: 'Give the wheel its inner face' }).click();
  await panel(page).getByText('By spoke family', { exact: true }).click();
  await panel(page).getByText('flat', { exact: true }).click();
  await expect(panel(page).getByText('Assumed: the flat family, not measured.')).toBeVisible();
  await show(page, 'Clearance');
  await expect(row(page, 'brake-spoke')).toContainText(/-?−?\d+\.\d mm/);
  await saved(page);
  await page.goto(`${place}/setups`);
  await expect(setupRow(page, 'brake-spoke')).not.toContainText('not measured');
  await expect(page.getByText(/Assumed, not measured:.*inner face, by the family/)).toBeVisible();
});

test('the wheel is moved by hand until it clears, and the spacer that does it goes on the setup', async ({ page }) => {
  await openDemo(page, 'brindle-kite', 'brakes');
  await choose(page, 'Wheel over the brake', /^B 17/);
  await expect(row(page, 'brake-spoke')).toContainText('tight');
  await expect(row(page, 'brake-spoke')).toContainText('0.8 mm');
  await page.getByRole('heading', { level: 1 }).click();
  await page.keyboard.press('=');
  await page.keyboard.press('=');
  await expect(panel(page).getByRole('textbox', { name: /^On trial/ })).toHaveValue('7.0');
  await expect(row(page, 'brake-spoke')).toContainText('clears');
  await page.keyboard.press('_');
  await expect(row(page, 'brake-spoke')).toContainText('touches');
  await panel(page)
    .getByRole('button', { name: /^As built: 5\.0/ })
    .click();
  await panel(page).getByRole('button', { name: 'Try it' }).click();
  await expect(row(page, 'brake-spoke')).toContainText('2.0 mm');
  await expect(row(page, 'brake-spoke')).toContainText('clears');
  const slider = panel(page).getByRole('slider', { name: /Trial stack/ });
  await slider.focus();
  await page.keyboard.press('Home');
  await expect(row(page, 'brake-spoke')).toContainText('touches');
  // The working stands behind each row.
  await row(page, 'brake-spoke').locator('summary').click();
  await expect(row(page, 'brake-spoke')).toContainText(/behind a stack of 0\.0 mm/);
  await panel(page).getByRole('button', { name: 'Use it B' }).click();
  await expect(panel(page).getByText('in use')).toBeVisible();
  await saved(page);
  await page.keyboard.press('Control+z');
  await expect(panel(page).getByRole('button', { name: 'Use it B' })).toBeVisible();
});

test('the wheel is drawn along its axis by the pointer', async ({ page }) => {
  await openDemo(page, 'brindle-kite', 'brakes');
  const spoke = page.locator('.brake-metal');
  const box = (await spoke.boundingBox())!;
  const [x, y] = [box.x + box.width - 8, box.y + box.height / 2];
  await page.mouse.move(x, y);
  await page.mouse.down();
  await page.mouse.move(x + 40, y, { steps: 4 });
  await page.mouse.up();
  const field = panel(page).getByRole('textbox', { name: /^On trial/ });
  await expect(field).not.toHaveValue('0.0');
  expect(Number(await field.inputValue())).toBeGreaterThan(5);
});

test('depths under a straightedge: the wrong way is refused at its row, a wheel on the shelf keeps its face', async ({
  page,
}) => {
  await openDemo(page, 'brindle-kite', 'brakes');
  await choose(page, 'Wheel over the brake', /^Ostrik Tor/);
  await expect(row(page, 'brake-spoke')).toContainText('touches');
  await show(page, 'Wheel face');
  const depth = (n: number) => panel(page).getByRole('group', { name: `Spoke depth ${n}` });
  await type(depth(3).getByRole('textbox', { name: /Radius/ }), '199');
  await expect(depth(3).getByRole('alert')).toHaveText(/not smaller than the one before/);
  await type(depth(3).getByRole('textbox', { name: /Radius/ }), '150');
  await expect(depth(3).getByRole('alert')).toHaveCount(0);
  const barrel = panel(page).getByRole('group', { name: 'Barrel depth 2' });
  await type(barrel.getByRole('textbox', { name: /Depth/ }), '1');
  await expect(barrel.getByRole('alert')).toHaveText(/deeper and deeper/);
  await panel(page)
    .getByRole('group', { name: 'Barrel depth 2' })
    .getByRole('textbox', { name: /Depth/ })
    .press('Escape');
  await type(barrel.getByRole('textbox', { name: /Depth/ }), '30');
  await expect(barrel.getByRole('alert')).toHaveCount(0);
  await panel(page).getByRole('button', { name: 'First zone' }).click();
  const zone = panel(page).getByRole('group', { name: 'Zone 1' });
  await type(zone.getByRole('textbox', { name: /From depth/ }), '50');
  await type(zone.getByRole('textbox', { name: /To depth/ }), '80');
  await type(zone.getByRole('textbox', { name: /Height/ }), '5');
  await expect(panel(page).getByText('Saved to Ostrik Tor 17 x 7.5 +40.')).toBeVisible();
  await show(page, 'Clearance');
  await expect(row(page, 'brake-weight')).toContainText('clears');
  await page.goto('/shelf?kind=wheel');
  await expect(page.getByRole('row', { name: /Tor 17 x 7\.5/ })).toContainText('12 points');
});

test('wheels alike in width and offset stand apart by their room', async ({ page }) => {
  await openDemo(page, 'brindle-kite', 'brakes');
  await page.keyboard.press('r');
  const table = page.getByRole('table');
  await expect(table.getByRole('row').nth(1)).toBeVisible();
  const place = async (name: RegExp) =>
    (await table.getByRole('row').allTextContents()).findIndex((text) => name.test(text));
  const [gale, tor] = [await place(/Fenwold Gale 17 x 7\.5 \+40/), await place(/Ostrik Tor 17 x 7\.5 \+40/)];
  expect(gale).toBeGreaterThan(0);
  expect(tor).toBeGreaterThan(gale);
  await expect(table.getByRole('row', { name: /Ostrik Tor/ })).toContainText('touches');
  await expect(table.getByRole('row', { name: /Moor 17 x 8/ })).toContainText('not measured');
  await clean(page);
  await table.getByRole('button', { name: /Ostrik Tor/ }).click();
  await expect(page.getByRole('img', { name: /^The front brake in the wheel Ostrik Tor/ })).toBeVisible();
});

const dxf = (...rows: (string | number)[]) =>
  Buffer.from(['0', 'SECTION', '2', 'ENTITIES', ...rows, '0', 'ENDSEC', '0', 'EOF', ''].join('\n'));
const CUT = dxf(
  0,
  'LWPOLYLINE',
  8,
  'cut',
  90,
  4,
  70,
  1,
  10,
  -1.7,
  20,
  3.7,
  10,
  1.3,
  20,
  3.7,
  10,
  1.3,
  20,
  6.6,
  10,
  -1.7,
  20,
  6.6,
);

test('an outline comes out of a drawing once its unit is chosen, and goes out as one that reads back', async ({
  page,
}) => {
  const place = await openDemo(page, 'brindle-kite', 'brakes');
  await show(page, 'Brake');
  await panel(page).getByRole('button', { name: 'From a drawing …' }).click();
  const dialog = page.getByRole('dialog', { name: /^Outline of the front brake/ });
  const file = dialog.getByLabel('SVG or DXF file');
  const refused = async (name: string, buffer: Buffer, message: RegExp) => {
    await file.setInputFiles({ name, mimeType: 'text/plain', buffer });
    await expect(dialog.getByRole('alert')).toContainText(message);
    await expect(dialog.getByRole('button', { name: 'Use this line' })).toBeDisabled();
  };
  await refused('block.dxf', dxf(0, 'INSERT', 8, 0, 2, 'X', 10, 0, 20, 0), /places a block: explode it/);
  await refused('solid.dxf', dxf(0, '3DFACE', 8, 0, 10, 0, 20, 0), /3-D faces/);
  const large = test.info().outputPath('large.dxf');
  writeFileSync(large, Buffer.alloc(40 * 1024 * 1024, 65));
  await file.setInputFiles(large);
  await expect(dialog.getByRole('alert')).toContainText(/larger than 5 MB \(40\.0 MB\)/);
  await refused(
    'open.svg',
    Buffer.from('<svg width="9mm" viewBox="0 0 9 9"><path d="M0 -100 H20 V-130"/></svg>'),
    /is open: its ends are/,
  );
  await refused(
    'holes.svg',
    Buffer.from('<svg width="9mm" viewBox="0 0 9 9"><path d="M0 -100 h50 v-50 h-50 z M10 -110 h5 v-5 h-5 z"/></svg>'),
    /2 pieces, with holes/,
  );
  await file.setInputFiles({ name: 'cut.dxf', mimeType: 'application/dxf', buffer: CUT });
  await expect(dialog.getByText(/unit: it names no unit/)).toBeVisible();
  await expect(dialog.getByRole('button', { name: 'Use this line' })).toBeDisabled();
  await choose(page, 'One unit of the drawing is', 'inches');
  await expect(dialog.getByText('from axis 94.0 to 167.6 mm')).toBeVisible();
  await type(dialog.getByRole('textbox', { name: 'y' }), '5');
  await expect(dialog.getByRole('alert')).toContainText(/across the hub/);
  await type(dialog.getByRole('textbox', { name: 'y' }), '0');
  await clean(page, '.dialog');
  await dialog.getByRole('button', { name: 'Use this line' }).click();
  await expect(panel(page).getByText('Outline, 4 points')).toBeVisible();
  await saved(page);
  const svg = await (await page.request.get(`${place}/outline?axle=front&of=brake&format=svg`)).text();
  expect(svg).toContain('M -43.18 -93.98 L 33.02 -93.98 L 33.02 -167.64 L -43.18 -167.64 Z');
  await panel(page).getByRole('button', { name: 'Delete the outline' }).click();
  await expect(panel(page).getByText('Outline, none yet')).toBeVisible();
  await panel(page).getByRole('button', { name: 'From a drawing …' }).click();
  await file.setInputFiles({ name: 'brake.svg', mimeType: 'image/svg+xml', buffer: Buffer.from(svg) });
  await dialog.getByRole('button', { name: 'Use this line' }).click();
  await expect(panel(page).getByText('Outline, 4 points')).toBeVisible();
});

test('a template is printed, its rules are read, and the next one is corrected', async ({ page }) => {
  await openDemo(page, 'brindle-kite', 'brakes');
  await page.getByRole('button', { name: 'Template' }).click();
  const dialog = page.getByRole('dialog', { name: 'Template at 1:1, front' });
  const pdf = dialog.getByRole('link', { name: 'Open the PDF' });
  const response = await page.request.get((await pdf.getAttribute('href'))!);
  expect(response.headers()['content-type']).toBe('application/pdf');
  expect((await response.body()).subarray(0, 5).toString()).toBe('%PDF-');
  const across = dialog.getByRole('textbox', { name: /^Across/ });
  await type(across, '0');
  await expect(dialog.getByRole('alert')).toHaveText(/no printer is that far off/);
  await type(across, '147');
  await type(dialog.getByRole('textbox', { name: /^Along/ }), '201');
  await expect(dialog.getByRole('status')).toContainText(
    'The print is not true: across −3.0 mm (−2.00 %), along +1.0 mm (+0.50 %)',
  );
  await dialog.getByRole('button', { name: 'Correct the next print' }).click();
  await expect(pdf).toHaveAttribute('href', /across=1\.020408&along=0\.995025/);
  expect((await page.request.get((await pdf.getAttribute('href'))!)).ok()).toBe(true);
  await type(across, '150');
  await type(dialog.getByRole('textbox', { name: /^Along/ }), '200.3');
  await expect(dialog.getByRole('status')).toContainText('The print is true');
  await dialog.getByText('Wheel, negative').click();
  await expect(pdf).toHaveAttribute('href', /of=setup%3Aa/);
  expect((await page.request.get((await pdf.getAttribute('href'))!)).ok()).toBe(true);
  await page.mouse.move(2, 2);
  await clean(page, '.dialog');
});

test('papers of nothing are told, not guessed', async ({ page }) => {
  const place = await openDemo(page, 'brindle-kite', 'brakes');
  for (const [query, status, text] of [
    ['template.pdf?axle=rear&of=brake', 404, /no outline/],
    ['template.pdf?axle=front&of=setup:d', 404, /no inner face/],
    ['template.pdf?axle=front&of=brake&across=0', 400, /across/],
    ['template.pdf?axle=front&of=brake&margin=', 400, /margin/],
    ['outline?axle=front&of=brake&format=step', 400, /format/],
  ] as const) {
    const response = await page.request.get(`${place}/${query}`);
    expect([query, response.status()]).toEqual([query, status]);
    expect(await response.text()).toMatch(text);
  }
});

test('washers that just let the wheel turn say what to order, and whether it holds', async ({ page }) => {
  await openDemo(page, 'brindle-kite', 'brakes');
  await panel(page).getByRole('button', { name: 'Washer trial …' }).click();
  const dialog = page.getByRole('dialog', { name: 'Washer trial, front' });
  await type(dialog.getByRole('textbox', { name: /^Washers on each stud/ }), '0');
  await expect(dialog.getByRole('alert')).toBeVisible();
  await type(dialog.getByRole('textbox', { name: /^Washers on each stud/ }), '4');
  await type(dialog.getByRole('textbox', { name: /^Thickness of one/ }), '1.6');
  await expect(dialog.getByText('4 × 1.6 + 2.0 = 8.4 mm')).toBeVisible();
  await expect(dialog.getByText(/Sold as: 10\.0 mm/)).toBeVisible();
  await expect(dialog.getByText(/engage 17\.0 mm, 11\.3 turns: holds/)).toBeVisible();
  await clean(page, '.dialog');
  await type(dialog.getByRole('textbox', { name: /^Washers on each stud/ }), '12');
  await expect(dialog.getByText(/does not hold; a stud of/)).toBeVisible();
});

test('what is assumed never becomes a reading, and a reading is never covered by an assumption', async ({ page }) => {
  await openDemo(page, 'brindle-kite', 'brakes');
  await show(page, 'Wheel face');
  await panel(page).getByText('By spoke family', { exact: true }).click();
  await expect(
    panel(page).getByText('This wheel is measured: delete its inner face before assuming another.'),
  ).toBeVisible();
  await expect(panel(page).getByRole('radio', { name: 'domed' })).toBeDisabled();
  await panel(page).getByRole('button', { name: 'Delete the inner face' }).click();
  await panel(page).getByText('domed', { exact: true }).click();
  await expect(panel(page).getByText('Assumed: the domed family, not measured.')).toBeVisible();
  await panel(page).getByText('Straightedge', { exact: true }).click();
  await expect(panel(page).getByRole('button', { name: 'First spoke depth' })).toBeVisible();
  await saved(page);
  // The wheel nudged to another offset is another wheel: its depths are not this one's.
  await page.getByRole('heading', { level: 1 }).click();
  await page.keyboard.press('6');
  await expect(page.getByRole('region', { name: 'Section', exact: true })).toBeVisible();
  await page.keyboard.press(']');
  await expect(setupRow(page, 'brake-spoke')).toContainText('not measured');
  await page.getByRole('heading', { level: 1 }).click();
  await page.keyboard.press('3');
  await expect(
    page.getByText(/Not known: the inner face was read on a wheel 7\.5 in wide with offset \+40/),
  ).toBeVisible();
  await page.getByRole('button', { name: 'Give the wheel its inner face' }).click();
  await expect(panel(page).getByText(/^Measured on another wheel, 7\.5 in \+40/)).toBeVisible();
});

test('nonsense in the fields of brake and face is told beside them', async ({ page }) => {
  await openDemo(page, 'brindle-kite', 'brakes');
  await show(page, 'Brake');
  await refuseNonsense(page.getByRole('form', { name: 'Brake, front' }), 10, { except: /^(Brake|Reach|Back of)/ });
});

test('a brake is kept on the shelf under its name', async ({ page }) => {
  await openDemo(page, 'brindle-kite', 'brakes');
  await show(page, 'Brake');
  const name = page.getByRole('textbox', { name: 'Brake', exact: true });
  await type(name, 'Kite front, kept');
  await page.getByRole('button', { name: 'Save this brake to the shelf' }).click();
  await expect(panel(page).getByText('kept', { exact: true })).toBeVisible();
  await page.goto('/shelf');
  await page.getByText(/^Brakes \d+$/).click();
  await expect(page.getByRole('row', { name: /Kite front, kept/ })).toBeVisible();
});
