import type { Page } from '@playwright/test';
import { clean, cleanInTheDark } from './axe';
import { demoJob, expect, openDemo, putOnBench, saved, test } from './bench';
import { expectLaidOut } from './layout';

/** Some millions of combinations take a while where others search as well. */
const found = (page: Page): Promise<void> =>
  expect(page.getByRole('region', { name: 'Tried' })).toContainText('combinations', { timeout: 100_000 });

const ROWS = '.find-rows tbody tr:has(td:nth-child(2))';

test('of shelf and price lists the best: ranked, counted, one of them seen in its room and made a setup', async ({
  page,
}) => {
  await openDemo(page, 'brindle-kite', 'window');
  await page.getByText('Find', { exact: true }).click();
  await expect(page).toHaveURL(/view=find/);
  const rows = page.locator(ROWS);
  await found(page);
  expect(await rows.count()).toBeGreaterThan(10);
  await expect(page.getByRole('table', { name: 'Why the rest fell out' })).toContainText('Bolt pattern');
  await expect(page.getByText(/in 4 price lists/)).toBeVisible();
  const section = page.getByRole('region', { name: 'Section' });
  const second = await rows.nth(1).locator('.find-name').textContent();
  await rows.nth(1).locator('.find-name').click();
  await expect(section.locator('header')).toContainText(second!);
  await expect(section.getByRole('img').first()).toHaveAccessibleName(/Section of .*poke/);
  await clean(page);
  await cleanInTheDark(page);
  await saved(page);
  await page.keyboard.press('n');
  await expect(page).toHaveURL(/setup=e/);
  await expect(page.getByRole('heading', { name: /Find around E/ })).toBeVisible();
  await saved(page);
});

test('what counts is set by keyboard, kept with the brief, and ranks anew; columns sort', async ({ page }) => {
  await openDemo(page, 'velder-two', 'window?view=find&corners=axle');
  const rows = page.locator(ROWS);
  await found(page);
  const costs = async () =>
    (await rows.locator('td:last-child').allTextContents()).map((text) => Number(text.replace(/[^\d.]/g, '')));
  await saved(page);
  const slider = page.getByRole('slider', { name: 'Near the poke target' });
  await slider.focus();
  await page.keyboard.press('Home');
  await expect(page.getByText('does not count')).toBeVisible();
  await page.getByRole('slider', { name: 'Low cost' }).focus();
  await page.keyboard.press('End');
  await expect(page.getByRole('slider', { name: 'Low cost' })).toHaveAttribute('aria-valuetext', 'counts most');
  await saved(page);
  await page.reload();
  await expect(page.getByRole('slider', { name: 'Low cost' })).toHaveAttribute('aria-valuetext', 'counts most');
  await found(page);
  await page.getByRole('columnheader', { name: 'Cost' }).click();
  const sorted = await costs();
  expect(sorted).toEqual([...sorted].sort((one, other) => one - other));
  await page.getByRole('button', { name: 'As usual' }).click();
  await expect(page.getByRole('slider', { name: 'Low cost' })).not.toHaveAttribute('aria-valuetext', 'counts most');
});

test('a brief that nothing meets says what holds most of it back', async ({ page }) => {
  const job = demoJob('brindle-kite');
  const brief = { ...job.brief, pokeMm: { min: -92, max: -90 } };
  const place = await putOnBench(page, { ...job, brief }, 'Find nothing');
  await page.goto(`${place}/window?view=find`);
  await expect(page.getByText('Nothing that there is fits.')).toBeVisible({ timeout: 100_000 });
  await expect(page.getByRole('table', { name: 'What would let most in' })).toContainText('Poke');
});

test.describe('where the search breaks off', () => {
  test.use({ allowed: [/Failed to load resource/, /find\.worker/] });
  test('it is said, and it can be begun again', async ({ page }) => {
    await page.route('**/find.worker-*', (route) => route.abort());
    await openDemo(page, 'velder-two', 'window?view=find');
    await expect(page.getByRole('alert').filter({ hasText: 'The search broke off.' })).toBeVisible();
    await page.unroute('**/find.worker-*');
    await page.getByRole('button', { name: 'Search again' }).click();
    await found(page);
  });
});

for (const touch of [true, false])
  test.describe(touch ? 'under a finger' : 'at a desk', () => {
    test.use({ hasTouch: touch, isMobile: touch });
    test('finds: nothing over anything, nothing cut, nothing out of reach', async ({ page }) => {
      await openDemo(page, 'orrin-haul', 'window?view=find&corners=axle');
      await found(page);
      for (const [width, height] of touch
        ? ([
            [390, 844],
            [820, 1180],
          ] as const)
        : ([
            [1024, 768],
            [1440, 900],
          ] as const)) {
        await page.setViewportSize({ width, height });
        await expectLaidOut(page, `${width} wide`, touch);
      }
    });
  });
