import type { Page } from '@playwright/test';
import { applyEdits } from '#core/job';
import { clean } from './axe';
import { choose, demoJob, expect, NOTHING_KEPT, openDemo, putOnBench, saved, show, swept, test, type } from './bench';

const rows = (page: Page) => page.getByRole('table', { name: 'Offsets that meet every limit' });
const point = (page: Page, id: string) => page.locator(`[data-setup=${id}]`);

test('the window names what holds each edge, a setup is made of a place in it; tire rules; stock', async ({ page }) => {
  await openDemo(page, 'brindle-kite', 'window');
  await expect(rows(page).getByRole('row', { name: /^7\.5/ })).toContainText('+31.3 to +45.2');
  await expect(rows(page).getByRole('row', { name: /^7\.5/ })).toContainText('Poke');
  await expect(page.locator('.window-edge-name').first()).toHaveText('Poke');
  await rows(page).getByRole('button', { name: '7.0' }).click();
  const place = page.getByRole('region', { name: 'Place' });
  await expect(place).toContainText('meets every limit');
  await place.getByRole('button', { name: /New setup here/ }).click();
  await saved(page);
  await expect(point(page, 'e')).toHaveAttribute('aria-label', /7 in, offset \+34/);
  await clean(page);
  await page.getByRole('radio', { name: 'best standard size' }).locator('..').click();
  await expect(rows(page).getByRole('row', { name: /^8\.0/ })).toBeVisible();
  const stock = page.getByRole('region', { name: 'Wheels on the shelf' });
  await expect(stock.getByRole('listitem').filter({ hasText: 'Tarn & Ledger Moor 17 x 9 -12' })).toContainText(
    'bolt pattern',
  );
  await stock.getByRole('button', { name: 'make a setup of Fenwold Gale 17 x 7.5 +40' }).click();
  await expect(page.getByRole('heading', { level: 1 })).toContainText('Fenwold');
});

test('a setup is dragged, and moved by the arrow keys, and undone', async ({ page }) => {
  await openDemo(page, 'brindle-kite', 'window');
  await expect(point(page, 'a')).toHaveAttribute('aria-label', /7\.5 in, offset \+40/);
  const box = (await point(page, 'a').locator('circle').last().boundingBox())!;
  await page.mouse.move(box.x + box.width / 2, box.y + box.height / 2);
  await page.mouse.down();
  await page.mouse.move(box.x + box.width / 2 - 51, box.y + box.height / 2, { steps: 6 });
  await page.mouse.up();
  await saved(page);
  await expect(point(page, 'a')).not.toHaveAttribute('aria-label', /offset \+40/);
  await point(page, 'a').focus();
  const before = await point(page, 'a').getAttribute('aria-label');
  await page.keyboard.press('ArrowRight');
  await page.keyboard.press('ArrowUp');
  await expect(point(page, 'a')).toHaveAttribute('aria-label', /8 in/);
  await saved(page);
  await page.keyboard.press('Control+z');
  await page.keyboard.press('Control+z');
  await expect(point(page, 'a')).toHaveAttribute('aria-label', before!);
});

test('every place of the window is reached by keyboard, and a setup made there', async ({ page }) => {
  await openDemo(page, 'brindle-kite', 'window');
  const place = page.getByRole('application', { name: /^Place in the window/ });
  await place.focus();
  await expect(place).toHaveAttribute('aria-description', '7.5 in, offset +40');
  for (const key of ['ArrowLeft', 'Shift+ArrowLeft', 'ArrowUp', 'ArrowUp']) await page.keyboard.press(key);
  await expect(place).toHaveAttribute('aria-description', '8.5 in, offset +34');
  await expect(page.getByRole('region', { name: 'Place' })).toContainText('8.5 in, +34 mm');
  await expect(page).toHaveURL(/place=34/);
  // The edges hold it.
  for (let press = 0; press < 30; press += 1) await page.keyboard.press('ArrowUp');
  for (let press = 0; press < 30; press += 1) await page.keyboard.press('ArrowDown');
  await page.keyboard.press('Enter');
  await expect(page.locator('.window-setup')).toHaveCount(5);
  await saved(page);
});

test('an empty window says what holds it shut and which single change opens it', async ({ page }) => {
  const job = applyEdits(demoJob('brindle-kite'), [
    { op: 'set', path: ['brief', 'pokeMm'], value: { min: 30, max: 32 } },
  ]);
  await page.goto(`${await putOnBench(page, job, 'shut window')}/window`);
  const note = page.getByRole('status').filter({ hasText: 'No wheel meets every limit' });
  await expect(note).toContainText('too far in');
  await expect(note.getByRole('listitem').first()).toContainText(/Too far in: .* mm more opens/);
});

test('what the brief allows to be done makes the window wider; missing readings are named', async ({ page }) => {
  const job = applyEdits(demoJob('orrin-haul'), [
    { op: 'set', path: ['brief', 'pokeMm'], value: { min: -60, max: 60 } },
    { op: 'clear', path: ['vehicle', 'rear', 'room', 'inboardGapMm'] },
  ]);
  await page.goto(`${await putOnBench(page, job, 'eased window')}/window`);
  await expect(rows(page)).toContainText('with modifications');
  await page.getByRole('checkbox', { name: /with the modifications the brief allows/ }).uncheck();
  await expect(rows(page)).not.toContainText('with modifications');
  // Letters do nothing on a tick: another place has the focus first.
  await page.keyboard.press('a');
  await expect(page.getByRole('radio', { name: 'Front' })).toBeChecked();
  await page.getByRole('heading', { level: 1 }).click();
  await page.keyboard.press('a');
  await expect(page.getByText('the inner clearance')).toBeVisible();
});

test('remedies: how much must go and where, the cheapest set, taken as a setup', async ({ page }) => {
  const place = await openDemo(page, 'brindle-kite', 'sweep');
  await swept(page);
  await page.getByRole('button', { name: 'B', exact: true }).click();
  await page.keyboard.press('r');
  const remedies = page.getByRole('region', { name: 'Remedies' });
  await expect(remedies).toContainText('Short: inner clearance, at rest, strut, brake to spokes.');
  await expect(remedies.getByRole('region', { name: 'Strut' })).toContainText('0.2 mm must go, at the top');
  // The brake lacks room in this wheel: another wheel, of which nobody knows the inside, is no answer.
  await expect(remedies).toContainText('the inside of another wheel is not known');
  await page.keyboard.press('a');
  await expect(remedies).toContainText('Short: inner wheelhouse.');
  await expect(remedies.getByRole('row', { name: /heat and push/ })).toContainText('not allowed by the brief');
  const set = remedies.getByRole('article').first();
  await expect(set).toContainText('3 mm less offset');
  await expect(set).toContainText('Less clearance at');
  await clean(page, '.remedies');
  await set.getByRole('button', { name: 'As a setup: rear' }).click();
  await saved(page);
  await show(page, `${place}/setups`);
  await expect(page.getByRole('region', { name: 'Setups' })).toContainText('3 mm less offset');
});

test('remedies by the brief: what is not allowed is shown, never proposed; the budget is heard', async ({ page }) => {
  const place = await openDemo(page, 'orrin-haul', 'brief');
  await choose(page, 'How it is lifted', 'strut spacer');
  await type(page.getByLabel(/^Budget for modifications/), '0');
  await saved(page);
  await show(page, `${place}/sweep`);
  await swept(page);
  await page.keyboard.press('j');
  await page.keyboard.press('j');
  await expect(page.getByText(/^C Tarn & Ledger 17 × 8\.5/)).toBeVisible();
  await page.getByRole('radio', { name: 'Remedies' }).locator('..').click();
  const lip = page.getByRole('region', { name: 'Remedies' }).getByRole('region', { name: 'Fender lip' });
  await expect(lip.getByRole('row', { name: /fold it over/ })).toContainText('not allowed by the brief');
  await expect(lip.getByRole('row', { name: /cut metal/ })).toContainText('not allowed by the brief');
});

test.describe(() => {
  test.use({ storageState: NOTHING_KEPT });

  test('how sure the sweep is comes in after it, with the reading that would help most', async ({ page }) => {
    await openDemo(page, 'brindle-kite', 'setups');
    await swept(page);
    await page.keyboard.press('j');
    const strut = page.locator('[data-row="obstacle:strut"]');
    await expect(strut).toContainText('±');
    await strut.getByRole('button').click();
    await expect(strut).toContainText('256 cars drawn');
    await expect(strut).toContainText('most helpful to measure: half the section');
  });
});
