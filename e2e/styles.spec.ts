import type { Page } from '@playwright/test';
import { demoJob, expect, putOnBench, stands, swept, test } from './bench';

const STATIONS = ['hub', 'room', 'brakes', 'brief', 'window', 'setups', 'compare', 'sweep', 'stance', 'fit-up', 'log'];

/** What is compared of an element: how it looks, not where it stands. */
const OF_LOOKS = [
  'font',
  'color',
  'background-color',
  'display',
  'padding',
  'margin',
  'border',
  'text-align',
  'stroke',
];

/** How everything on a page looks that has a class of its own: the looks that there are of each class. */
const looksOf = (page: Page): Promise<Record<string, string[]>> =>
  page.evaluate((properties) => {
    const looks: Record<string, string[]> = {};
    for (const element of document.querySelectorAll('[class]')) {
      const own = [...element.classList];
      const style = getComputedStyle(element);
      const look = properties.map((name) => `${name}: ${style.getPropertyValue(name)}`).join('; ');
      for (const name of own) if (!(looks[name] ??= []).includes(look)) looks[name].push(look);
    }
    return looks;
  }, OF_LOOKS);

/** Waits until a station is there, with its figures. */
async function settled(page: Page, station: string): Promise<void> {
  await expect(page.getByRole('link', { name: new RegExp(`^${station}`, 'i') })).toHaveAttribute(
    'aria-current',
    'page',
  );
  await stands(page);
  await swept(page);
  await expect(page.locator('.asked-status progress')).toHaveCount(0);
}

/** The sheets that a page has, in their order. */
const sheetsOf = (page: Page): Promise<(string | null)[]> =>
  page.evaluate(() => [...document.styleSheets].map(({ href }) => href));

test('every station looks the same opened directly and after all others', async ({ page, browser, baseURL }) => {
  const place = await putOnBench(page, demoJob('brindle-kite'), 'looks');
  await page.goto('/');
  await page.getByRole('link', { name: 'Shelf' }).click();
  await page.getByRole('link', { name: 'Shop defaults' }).click();
  await page.goto(`${place}/${STATIONS[0]}`);
  const sheets = await sheetsOf(page);
  expect(sheets).toHaveLength(1);
  // Controls lie below all other looks: what a station hides is hidden.
  await expect(page.locator('.strip-menu')).toBeHidden();
  // Once around, so that all there is has come; then each is looked at.
  for (const station of STATIONS) {
    await page.locator(`a[href="${place}/${station}"]`).first().click();
    await settled(page, station);
  }
  const context = await browser.newContext({ viewport: { width: 1280, height: 800 }, baseURL: baseURL! });
  for (const station of STATIONS) {
    await page.locator(`a[href="${place}/${station}"]`).first().click();
    await settled(page, station);
    const fresh = await context.newPage();
    await fresh.goto(`${place}/${station}`);
    await settled(fresh, station);
    // Whatever came meanwhile brought no looks of its own.
    expect([station, await sheetsOf(page), await sheetsOf(fresh)]).toEqual([station, sheets, sheets]);
    // Sweeps and draws arrive on either page when they will: both are looked at until both are at rest.
    await expect(async () => {
      const [after, direct] = [await looksOf(page), await looksOf(fresh)];
      // What shows progress comes and goes.
      const both = Object.keys(after).filter((name) => direct[name]);
      expect(both.length).toBeGreaterThan(20);
      for (const name of both) expect([station, name, after[name]]).toEqual([station, name, direct[name]]);
    }).toPass();
    await fresh.close();
  }
  await context.close();
});
