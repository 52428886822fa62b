import type { Locator, Page } from '@playwright/test';
import { clean } from './axe';
import { demoJob, expect, holdBack, openSlowly, putOnBench, saved, swept, test } from './bench';

/** Goes on by Tab until a thing has the focus; nothing is ever clicked, nor focused from outside. */
async function tabTo(page: Page, thing: Locator, most = 60): Promise<void> {
  for (let stops = 0; stops < most; stops += 1) {
    await page.keyboard.press('Tab');
    if (await thing.evaluate((element) => element === document.activeElement)) return;
  }
  throw new Error(`not reached in ${most} stops of Tab`);
}

test('from the bench to a verdict by keyboard alone', async ({ page }) => {
  await page.goto('/');
  await page.keyboard.press('Tab');
  await expect(page.getByRole('link', { name: 'To the page' })).toBeFocused();
  await page.keyboard.press('Enter');
  await expect(page.getByRole('main')).toBeFocused();
  await tabTo(page, page.getByRole('button', { name: 'New job' }));
  await page.keyboard.press('Enter');
  const dialog = page.getByRole('dialog');
  await expect(dialog.getByLabel('Car')).toBeFocused();
  await page.keyboard.type('Keyboard wagon');
  await page.keyboard.press('Enter');
  await expect(page).toHaveURL(/\/room$/);
  await saved(page);
  await tabTo(page, page.getByRole('textbox', { name: 'Tire size' }));
  for (const value of ['205/55R16', '6.5', '45', '14', '26', '74']) {
    await page.keyboard.type(value);
    await page.keyboard.press('Enter');
  }
  await expect(page.getByRole('textbox', { name: /^Fender clearance/ })).toHaveValue('74.0');
  // A key of a station is text while a field has the focus: Escape leaves it.
  await page.keyboard.press('Escape');
  await page.keyboard.press('4');
  await expect(page).toHaveURL(/\/brief/);
  const target = page.getByRole('group', { name: 'Target, both axles' }).getByLabel(/^No further out than/);
  await tabTo(page, target);
  await page.keyboard.type('0');
  await page.keyboard.press('Enter');
  await page.keyboard.press('Escape');
  await page.keyboard.press('6');
  await expect(page).toHaveURL(/\/setups/);
  await tabTo(page, page.getByRole('button', { name: 'First setup' }));
  await page.keyboard.press('Enter');
  const ledger = page.getByRole('complementary', { name: 'Ledger' });
  await expect(ledger.getByText('room clears', { exact: false }).first()).toBeVisible();
  await page.keyboard.press('[');
  await saved(page);
  await swept(page);
});

test('the bench is filtered, sorted and searched by keyboard', async ({ page }) => {
  const job = { ...demoJob('velder-two'), vehicle: { label: 'Keyed coupé' } };
  await putOnBench(page, job, 'keyed one');
  await page.goto('/?search=keyed');
  const row = page.getByRole('row').filter({ hasText: 'Keyed coupé' });
  await expect(row).toHaveCount(1);
  const waits = page.getByRole('radiogroup', { name: 'Waits for' });
  await tabTo(page, waits.getByRole('radio', { name: 'all' }));
  await page.keyboard.press('ArrowRight');
  await expect(page).toHaveURL(/waitsFor=readings/);
  await expect(row).toHaveCount(1);
  await page.keyboard.press('ArrowRight');
  await expect(page).toHaveURL(/waitsFor=setups/);
  await expect(page.getByText('No job matches.')).toBeVisible();
  await page.keyboard.press('ArrowLeft');
  await expect(row).toHaveCount(1);
  await tabTo(page, page.getByRole('columnheader', { name: 'Car' }).getByRole('button'));
  await page.keyboard.press('Enter');
  await expect(page).toHaveURL(/sort=car&order=asc/);
  await tabTo(page, row.getByRole('link'));
  await page.keyboard.press('Enter');
  await expect(page).toHaveURL(/\/jobs\//);
});

for (const asked of ['a link', 'a key', 'Back'] as const)
  test(`keys pressed while ${asked} has a station on its way act there, in their order`, async ({ page }) => {
    const place = await putOnBench(page, demoJob('velder-two'), 'kept keys');
    const letCome = await holdBack(page, '**/assets/setups-*.js');
    const ways = {
      'a link': () => page.getByRole('link', { name: /^Setups/ }).click(),
      'a key': () => page.keyboard.press('6'),
      Back: () =>
        page.evaluate(() => {
          // A place to go back to that this page never was at.
          const hub = location.href;
          history.replaceState(null, '', 'setups');
          history.pushState(null, '', hub);
          history.back();
          return new Promise<void>((resolve) => addEventListener('popstate', () => resolve(), { once: true }));
        }),
    };
    await page.goto(`${place}/hub`);
    await saved(page);
    await ways[asked]();
    for (const key of ['a', 'h', 'c']) await page.keyboard.press(key);
    await expect(page.getByRole('heading', { level: 1 })).toHaveText(/^Front hub/);
    letCome();
    await expect(page.getByRole('heading', { level: 1 })).toHaveText(/^Whole car/);
    await expect(page).toHaveURL(/axle=rear/);
  });

test('what a thing would tell a mouse stands beside it on the focus of the keyboard', async ({ page }) => {
  // Gone to before the page is at work: it is told once it is.
  const brand = page.getByRole('link', { name: 'scoval' });
  await openSlowly(page, '/shelf', async () => {
    await brand.waitFor();
    await tabTo(page, brand);
  });
  await expect(page.locator('.title-shown')).toHaveText('Back to the bench');
  await page.keyboard.press('Tab');
  await expect(page.locator('.title-shown')).toHaveCount(0);
});

test.describe('under a finger', () => {
  test.use({ hasTouch: true, viewport: { width: 820, height: 1180 } });
  test('what a mouse is told at rest stands over what is tapped, and goes', async ({ page }) => {
    const place = await putOnBench(page, demoJob('velder-two'), 'told by a tap');
    await page.goto(`${place}/sweep`);
    await swept(page);
    const caption = page.locator('.view-side figcaption');
    await caption.tap();
    await expect(page.locator('.title-shown')).toContainText('clock: 0° top');
    await clean(page, '.title-shown', ['color-contrast']);
    await page.getByRole('heading', { level: 1 }).tap();
    await expect(page.locator('.title-shown')).toHaveCount(0);
  });
});
