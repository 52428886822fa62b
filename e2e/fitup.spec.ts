import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import type { Page } from '@playwright/test';
import type { Fitting } from '#core/fitting';
import type { Job } from '#core/job';
import { clean } from './axe';
import {
  deafen,
  demoJob,
  expect,
  ledgerRow,
  openDemo,
  putOnBench,
  refuseNonsense,
  saved,
  swept,
  test,
  type,
} from './bench';
import { addressOf, start as startServer } from './ownServer';

/** Starts a fitting of setup B on a car that nothing was fitted to. */
async function start(page: Page, title: string, kind: 'Final' | 'Mock-up' = 'Final'): Promise<string> {
  const place = await putOnBench(page, demoJob('brindle-kite'), title);
  await page.goto(`${place}/fit-up?setup=b`);
  await swept(page);
  await page.getByRole('button', { name: 'Start a fitting' }).click();
  const dialog = page.getByRole('dialog', { name: 'Start a fitting' });
  await dialog.getByText(kind, { exact: true }).click();
  await dialog.getByRole('button', { name: 'Start', exact: true }).click();
  await expect(page.getByRole('list', { name: 'Steps' })).toBeVisible();
  return place;
}

const step = (page: Page, words: string) => page.getByRole('listitem').filter({ hasText: words });
const tickOf = (page: Page, words: string) => step(page, words).getByRole('checkbox');
/** The fittings as the job's file has them. */
async function fittingsOf(page: Page, place: string): Promise<Fitting[]> {
  await saved(page);
  return ((await (await page.request.get(`${place}/file`)).json()) as Job).fittings ?? [];
}

test('a fitting from its start to its end: steps, readings against predictions, outcome, retorque', async ({
  page,
}) => {
  const place = await start(page, 'fitted from start to end');
  await type(page.getByLabel('Done by'), 'MR');
  await type(page.getByLabel('Odometer', { exact: false }).first(), '61240');
  await tickOf(page, 'Wheel off.').click();
  await expect(step(page, 'Wheel off.')).toContainText(/Done by MR, \d+ \w+ \d\d:\d\d/);
  await tickOf(page, 'Take off spring clips').click();
  await tickOf(page, 'Take off spring clips').click();
  await expect(tickOf(page, 'Take off spring clips')).not.toBeChecked();

  const film = step(page, 'anti-seize');
  await film.getByRole('button', { name: /^Not needed, a note or a photo/ }).click();
  await type(film.getByLabel('Not needed, because'), 'coated hub');
  await type(film.getByLabel('Note', { exact: true }), 'ask again next time');
  await film.getByRole('button', { name: /^Not needed, a note or a photo/ }).click();
  await expect(film).toContainText('Not needed: coated hub');

  // Read as predicted; then far off, which asks for another look, and at what.
  const poke = step(page, 'read the poke');
  await expect(poke).toContainText(/predicted 13\.\d mm tuck ±|predicted 13\.\d tuck ±/);
  await type(poke.getByRole('textbox', { name: /^Poke/ }), '-13.5');
  await expect(poke.getByRole('img', { name: 'within its ±' })).toBeVisible();
  await type(poke.getByRole('textbox', { name: /^Poke/ }), '-2');
  await expect(poke.getByRole('img', { name: 'beyond its ±' })).toBeVisible();
  await expect(poke).toContainText('Beyond its ±: read it again.');
  await expect(poke).toContainText('the prediction rests on it most');
  await expect(page.getByRole('region', { name: 'Measured on the car' })).toContainText('Poke');

  // The other corners are gone to on the car from above; each keeps its own.
  await page.getByRole('button', { name: /^Rear left/ }).click();
  await expect(tickOf(page, 'Wheel off.')).not.toBeChecked();
  await expect(page.getByRole('button', { name: /^Front right/ })).toContainText('2/16');

  await page.getByRole('button', { name: 'Close the fitting …' }).click();
  const dialog = page.getByRole('dialog', { name: 'Close the fitting' });
  await expect(dialog.getByRole('alert')).toContainText('joints have not had every stage of torque');
  await clean(page, 'dialog');
  await dialog.getByRole('button', { name: 'Close it' }).click();
  await expect(page.getByText(/^Closed .*: kept/)).toBeVisible();
  await expect(page.getByText(/Retorque due by .* or at 61340 km/)).toBeVisible();
  await expect(tickOf(page, 'Wheel off.')).toBeDisabled();

  // What cannot be read stays, and the dialog with it.
  await page.getByRole('button', { name: 'Torque checked …' }).click();
  const check = page.getByRole('dialog', { name: 'Torque checked' });
  await check.getByLabel('Odometer').fill('a few');
  await check.getByRole('button', { name: 'Keep it' }).click();
  await expect(check.getByLabel('Odometer')).toBeFocused();
  await expect(check.getByLabel('Odometer')).toHaveValue('a few');
  await check.getByLabel('Odometer').fill('61300');
  await page.getByRole('checkbox', { name: '3', exact: true }).check();
  await page.getByRole('button', { name: 'Keep it' }).click();
  await expect(page.getByText('moved: 3')).toBeVisible();
  const [fitting] = await fittingsOf(page, place);
  expect(fitting).toMatchObject({ kind: 'final', odometerKm: 61240, outcome: 'kept' });
  expect(fitting!.corners.frontRight!.steps!['anti-seize']).toEqual({
    notNeeded: 'coated hub',
    note: 'ask again next time',
  });
  expect(fitting!.corners.frontRight!.measured).toMatchObject([{ figure: 'pokeMm', valueMm: -2 }]);
  expect(fitting!.retorque).toMatchObject([{ joint: 'wheel', odometerKm: 61300, moved: [3] }]);

  // The bench says what it waits for, and a calendar is told.
  await page.goto('/?search=from+start+to+end');
  await expect(page.getByRole('row').nth(1)).toContainText('retorque');
  const calendar = await (await page.request.get('/reminders.ics')).text();
  expect(calendar).toContain('SUMMARY:Retorque: Brindle Kite 1.8 wagon');
  expect((await (await page.request.get(`${place}/reminders.ics`)).text()).match(/BEGIN:VEVENT/g)).toHaveLength(1);
});

test('torque by the simulated wrench: order, stage and tolerance are told; a script; unplugged; by hand', async ({
  page,
}) => {
  const place = await start(page, 'torqued');
  const torque = page.getByRole('region', { name: 'Torque' });
  await expect(torque).toContainText('Next: fastener 1 to 55 N·m');
  await torque.getByRole('button', { name: 'Wrench …' }).click();
  const wrench = page.getByRole('complementary', { name: 'Simulated wrench' });
  await wrench.getByRole('button', { name: 'Pull 1' }).click();
  await expect(wrench.getByRole('status')).toHaveText('Click: fastener 1, 55 N·m.');
  await expect(torque).toContainText('Next: fastener 3 to 55 N·m');

  // Too light; then another fastener than the star has next.
  await type(wrench.getByLabel(/^Clicks at/), '40');
  await wrench.getByRole('button', { name: 'Pull 3' }).click();
  await expect(wrench.getByRole('status')).toContainText('is short of 55 N·m. Pull again.');
  await torque.getByRole('button', { name: /^Fastener 2/ }).click();
  await wrench.getByRole('button', { name: 'Pull 2' }).click();
  await expect(wrench.getByRole('status')).toHaveText('Out of order: fastener 3 was next.');

  // A script that cannot be read says which line; one that can is played, unplugged on the way.
  await wrench.getByText('Play a script').click();
  const script = wrench.getByRole('textbox', { name: /a line/ });
  await script.fill('55\ntight');
  await wrench.getByRole('button', { name: 'Play' }).click();
  await expect(wrench.getByRole('alert')).toContainText('line 2');
  await script.fill('55\n55\n95\nunplug\n95\nplug\n110');
  // What it says on the way is soon said no more.
  const said = await wrench.evaluateHandle((panel) => {
    const texts: string[] = [];
    const look = () => texts.push(panel.querySelector('[role=status]')?.textContent ?? '');
    new MutationObserver(look).observe(panel, { childList: true, characterData: true, subtree: true });
    return texts;
  });
  await wrench.getByRole('button', { name: 'Play' }).click();
  await expect
    .poll(async () => (await said.jsonValue()).join(' / '))
    .toContain('Wrench unplugged at stage 2, fastener 3.');
  await expect(wrench.getByRole('status')).toContainText('is over 95 N·m by more than 10 %');
  await expect(torque.getByRole('alert')).toContainText('Over-torqued: fastener 3');
  await wrench.getByRole('button', { name: 'Put the wrench away' }).click();

  for (const stage of [2, 3, 4]) await torque.getByRole('button', { name: `Stage ${stage} is pulled by hand` }).click();
  await expect(torque).toContainText('Every stage is done.');
  await torque.getByRole('button', { name: 'Take back the last pull' }).click();
  await expect(torque).toContainText('Next: fastener 4 to 110 N·m');
  const rows = (await fittingsOf(page, place))[0]!.corners.frontRight!.torque!;
  expect(rows.filter(({ tool }) => tool === 'wrench').map(({ stage, fastener, nm }) => [stage, fastener, nm])).toEqual([
    [1, 1, 55],
    [1, 3, 40],
    [1, 2, 55],
    [1, 3, 55],
    [1, 4, 55],
    [2, 1, 95],
    [2, 3, 110],
  ]);
  await clean(page);
});

test('two at one car: steps at two corners, and one step ticked by both', async ({ page, context }) => {
  const place = await start(page, 'two at one car');
  await saved(page);
  const other = await context.newPage();
  await Promise.all([deafen(page), deafen(other)]);
  await page.reload();
  await other.goto(`${place}/fit-up`);
  await swept(page);
  await swept(other);
  await type(page.getByLabel('Done by'), 'MR');
  await type(other.getByLabel('Done by'), 'JT');
  await tickOf(page, 'Wheel off.').click();
  await saved(page);
  await other.getByRole('button', { name: /^Rear left/ }).click();
  await tickOf(other, 'Wheel off.').click();
  await tickOf(other, 'Level ground.').click();
  await saved(other);
  // The first one's stays; nobody is asked.
  await tickOf(page, 'Level ground.').click();
  await saved(page);
  await expect(step(page, 'Level ground.')).toContainText('Done by JT');
  await expect(page.getByRole('button', { name: /^Rear left/ })).toContainText('1/16');
  const [fitting] = await fittingsOf(page, place);
  expect(fitting!.corners.frontRight!.steps!['hub-clean']!.by).toBe('MR');
  expect(fitting!.corners.rearLeft!.steps!['hub-clean']!.by).toBe('JT');
  await other.close();
});

test('a mark: clicked on the wheel, the nearest part is named, one key corrects its reading', async ({ page }) => {
  const place = await start(page, 'marked');
  await page.keyboard.press('m');
  const behind = page
    .getByRole('group', { name: /^The front right/ })
    .locator('svg')
    .first();
  await expect(behind).toBeVisible();
  const form = page.getByRole('form', { name: 'Mark' });
  await refuseNonsense(form, 4, { except: /^Note/, texts: ['nonsense', '99999'] });
  await type(form.getByLabel('Clock position'), '-100');
  await type(form.getByLabel('Steering angle'), '-32');
  const { x, y, width, height } = (await behind.boundingBox())!;
  await page.mouse.click(x + 0.3 * width, y + 0.25 * height);
  const marks = page.getByRole('region', { name: 'Marks' });
  await expect(marks.getByRole('button', { pressed: true })).toContainText('−100°');
  await expect(marks).toContainText(/Nearest: .*, [\d.]+ mm from the mark/);
  const named = (await marks
    .getByText(/^Nearest: /)
    .locator('b')
    .textContent())!;
  await page.getByRole('heading', { level: 1 }).click();
  await page.keyboard.press('c');
  await expect(marks).toContainText('Kept as a touch of this part');
  await expect(marks).toContainText('As it is read now, it touches in this position.');
  await clean(page);
  await saved(page);
  const job = (await (await page.request.get(`${place}/file`)).json()) as Job;
  const [mark] = job.fittings![0]!.corners.frontRight!.marks!;
  const before = demoJob('brindle-kite').vehicle.front!.obstacles!.find(({ id }) => id === mark!.on)!;
  const after = job.vehicle.front!.obstacles!.find(({ id }) => id === mark!.on)!;
  expect([before.label, after.gap!.uncertaintyMm]).toEqual([named, 2]);
  expect(after.gap!.gapMm).not.toBe(before.gap!.gapMm);
});

test('by keyboard: the next open step, a tick, a fastener pulled', async ({ page }) => {
  await start(page, 'by keyboard');
  await page.keyboard.press('n');
  await expect(page.getByRole('checkbox', { name: /^1\. / })).toBeFocused();
  await page.keyboard.press('Space');
  await expect(page.getByRole('checkbox', { name: /^1\. / })).toBeChecked();
  await page.keyboard.press('n');
  await expect(page.getByRole('checkbox', { name: /^2\. / })).toBeFocused();
  await page.keyboard.press('l');
  await expect(page.getByRole('button', { name: /^Front left/ })).toHaveAttribute('aria-pressed', 'true');
  await page.getByRole('button', { name: 'Stage 1 is pulled by hand' }).focus();
  await page.keyboard.press('Enter');
  await expect(page.getByRole('region', { name: 'Torque' })).toContainText('to 95 N·m');
});

test('a mock-up with other setups left and right: nothing is torqued for the road', async ({ page }) => {
  const place = await start(page, 'mocked up', 'Mock-up');
  await expect(page.getByText('Balance', { exact: false })).toHaveCount(0);
  await expect(page.getByRole('list', { name: 'Stages' }).getByRole('listitem')).toHaveCount(1);
  await type(page.getByLabel('Further out by'), '-4');
  await type(page.getByLabel('It looks'), 'too much');
  expect((await fittingsOf(page, place))[0]!.corners.frontRight!.look).toEqual({ verdict: 'too much', byMm: -4 });
});

test.describe('on a phone', () => {
  test.use({ hasTouch: true, isMobile: true, viewport: { width: 390, height: 844 } });
  test('a step is ticked and a figure read with one thumb', async ({ page }) => {
    await start(page, 'on a phone');
    await tickOf(page, 'Wheel off.').tap();
    await expect(tickOf(page, 'Wheel off.')).toBeChecked();
    await step(page, 'Tighten in the order').getByRole('button', { name: 'To the fasteners' }).tap();
    await expect(page.getByRole('button', { name: 'Fastener 1: not pulled, next' })).toBeInViewport();
  });
});

test('what is asked of the papers is checked, and a fitted car closes its book', async ({ page }) => {
  const place = await openDemo(page, 'brindle-kite', 'fit-up');
  await swept(page);
  await expect(page.getByText('Torque checked, wheel:', { exact: false })).toBeVisible();
  for (const [asked, status] of [
    ['fitting=f2', 200],
    ['setup=a&kind=mock-up&paper=letter', 200],
    ['fitting=f9', 404],
    ['setup=zz', 404],
    ['', 400],
    ['setup=a&fitting=f1', 400],
    ['setup=a&paper=b5', 400],
  ] as const)
    expect([asked, (await page.request.get(`${place}/job-sheet.pdf?${asked}`)).status()]).toEqual([asked, status]);
  expect((await page.request.get('/jobs/nobody/reminders.ics')).status()).toBe(404);
});

test('how far off we were: every reading of finished fittings, by family, and the way to its fitting', async ({
  page,
}) => {
  await page.goto('/defaults');
  await page.getByRole('link', { name: 'How far off we were' }).click();
  await expect(page.getByText(/^\d+ readings of \d+ finished fittings/)).toBeVisible();
  await page.getByRole('button', { name: 'Parts around the wheel' }).click();
  await expect(page).toHaveURL(/figures=obstacle/);
  // The address is there before what it shows: until then a press picks a point of the plot that goes.
  await expect(page.getByRole('button', { name: 'Parts around the wheel', pressed: true })).toBeVisible();
  const plot = page.getByRole('figure', { name: 'Predicted against measured' }).locator('svg');
  await plot.click({ position: { x: 200, y: 150 } });
  await expect(page.getByRole('link', { name: /predicted .* ±.*, measured / })).toHaveCount(1);
  await page.getByText(/^All \d+ readings/).click();
  const points = page.getByRole('link', { name: /^Orrin Haul 4x4, front right, .*: predicted/ });
  await expect(points.first()).toBeVisible();
  await clean(page);
  await points.first().focus();
  await page.keyboard.press('Enter');
  await expect(page).toHaveURL(/fit-up\?fitting=f\d/);
  await expect(page.getByRole('heading', { name: 'Fit-up' })).toBeVisible();
});

test('the ± follow the shop’s own error where it is asked for, and say so in their working', async ({ page }) => {
  const folder = mkdtempSync(path.join(tmpdir(), 'scoval-server-'));
  const own = await startServer(folder);
  const from = addressOf(own.log);
  await page.goto(`${from}/`);
  await page.getByRole('button', { name: 'Add the demo cars' }).click();
  await page.getByRole('row', { name: /Brindle Kite/ }).waitFor();
  await page.goto(`${from}/how-far-off`);
  const column = page.getByRole('columnheader', { name: '± in use' });
  await expect(column).toBeHidden();
  await page.getByRole('checkbox', { name: 'The ± of predictions follow this' }).click();
  await expect(column).toBeVisible();
  await expect(page.getByRole('row', { name: /Poke/ })).toContainText(/× \d\.\d\d, from \d fittings/);
  await clean(page);
  await page.goto(`${from}/`);
  await page.getByRole('link', { name: /Brindle Kite/ }).click();
  await saved(page);
  await page.keyboard.press('6');
  await ledgerRow(page, 'fender').getByRole('button').first().click();
  await expect(ledgerRow(page, 'fender')).toContainText(/× \d\.\d\d by the shop’s own error in \d finished fittings/);
  await page.goto(`${from}/how-far-off`);
  await page.getByRole('checkbox', { name: 'The ± of predictions follow this' }).click();
  await expect(column).toBeHidden();
  own.child.kill('SIGTERM');
  expect(await own.ended).toBe(0);
  rmSync(folder, { recursive: true });
});
