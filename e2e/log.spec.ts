import Papa from 'papaparse';
import { choose, expect, openDemo, saved, show, test, type } from './bench';

test('the log: found by kind, corner and words, led back to its place, taken out as CSV', async ({ page }) => {
  const place = await openDemo(page, 'orrin-haul', 'log');
  const entries = page.getByRole('listitem').filter({ has: page.getByRole('link') });
  const status = page.getByRole('main').getByRole('status');
  await expect(status).toHaveText(/^\d+ entries$/);
  await expect(page.getByRole('heading', { name: '26 February 2026' })).toBeVisible();
  await page.goto(`${place}/log?kind=nonsense&corner=roof`);
  await saved(page);
  await expect(status).toHaveText(/^\d+ entries$/);
  await choose(page, 'Kind', 'Marks');
  await expect(page).toHaveURL(/kind=mark/);
  await expect(status).toHaveText(/^1 of \d+ entries$/);
  await page.getByRole('link', { name: /^Mark on the outer shoulder/ }).click();
  await expect(page).toHaveURL(/fit-up\?.*view=marks/);
  await expect(page.getByRole('region', { name: 'Marks' }).getByRole('button', { pressed: true })).toBeVisible();
  await page.goBack();

  await choose(page, 'Kind', 'Torque');
  await choose(page, 'Corner', 'Rear left');
  await expect(entries.filter({ hasText: 'Torque, wheel, stage' })).toHaveCount(4);
  await choose(page, 'Kind', 'Everything');
  await choose(page, 'Corner', 'Whole car');
  await page.getByLabel('Search').fill('checked 118502');
  await expect(entries.filter({ hasText: 'Torque checked' })).toHaveText(/nothing moved/);
  await page.getByLabel('Search').fill('no such thing');
  await expect(status).toHaveText(/^0 of/);

  const answer = await page.request.get(`${place}/log.csv`);
  expect(answer.headers()['content-disposition']).toMatch(/SK-\d+-log\.csv/);
  const { data } = Papa.parse<string[]>((await answer.text()).replace('\ufeff', ''));
  expect(data[0]).toEqual(['at', 'kind', 'corner', 'what', 'by']);
  expect(data.length).toBeGreaterThan(100);
  expect((await page.request.get('/jobs/nobody/log.csv')).status()).toBe(404);
});

test('what is done at a station stands in the log at once, with what it replaced', async ({ page }) => {
  const place = await openDemo(page, 'brindle-kite', 'fit-up');
  await show(page, `${place}/room`);
  await type(page.getByLabel(/^Tuck/), '13');
  await saved(page);
  await page.keyboard.press('Escape');
  await page.keyboard.press('0');
  await expect(page.getByRole('link', { name: /^Tuck, front: 13\.0 mm.*; it was 14\.0 mm/ })).toBeVisible();
});

test.describe('behind a network that comes and goes', () => {
  test.use({ allowed: [/net::ERR_FAILED/] });
  test('the log is asked for once, and again only where it did not come', async ({ page }) => {
    const place = await openDemo(page, 'orrin-haul', 'fit-up');
    const asked: string[] = [];
    await page.route(/\/log\.data/, (route) => (asked.push(route.request().url()), route.abort()));
    await page.getByRole('navigation', { name: 'Stations' }).getByRole('link', { name: /^Log/ }).click();
    const missing = page.getByRole('alert').filter({ hasText: 'cannot be reached' });
    await expect(missing).toBeVisible();
    await page.unroute(/\/log\.data/);
    await page.route(/\/log\.data/, (route) => (asked.push(route.request().url()), route.continue()));
    await page.getByLabel('Search').fill('torque');
    await expect(missing).toBeHidden();
    const times = asked.length;
    await page.getByLabel('Search').fill('torque checked');
    await expect(page).toHaveURL(/words=torque\+checked/);
    await choose(page, 'Kind', 'Marks');
    await expect(page).toHaveURL(`${place}/log?words=torque+checked&kind=mark`);
    expect(asked.length).toBe(times);
  });
});
