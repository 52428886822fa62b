import Papa from 'papaparse';
import type { Job } from '#core/job';
import { clean } from './axe';
import { demoJob, expect, openDemo, putOnBench, saved, show, test, type } from './bench';

test('what a setup costs: line by line, a price typed, work added, the sum in the tray and beside the others', async ({
  page,
}) => {
  await openDemo(page, 'brindle-kite', 'setups?setup=b&view=cost');
  const table = page.getByRole('region', { name: 'Cost', exact: true }).getByRole('table').first();
  const line = (name: string | RegExp) => table.getByRole('row', { name });
  await expect(line(/^Wheel 17 × 7.5 \+51/)).toHaveText(/4.*€225\.00.*€900\.00.*shelf/);
  await expect(line(/^Pressure sensor/)).toContainText('no price yet');
  await expect(table).toContainText('At least: no price for sensors.');
  // A price that is typed is nobody else's.
  const prices = page.getByRole('form', { name: 'Prices of setup B' });
  const front = prices.getByRole('region', { name: 'Prices, front axle' });
  await type(front.getByLabel(/^Wheel/), '200,50');
  await expect(line(/^Wheel 17 × 7.5 \+51 2 €200\.50 €401\.00 typed/)).toBeVisible();
  await expect(line(/^Wheel 17 × 7.5 \+51 2 €225\.00 €450\.00 shelf/)).toBeVisible();
  await front.getByLabel(/^Tire/).fill('cheap');
  await front.getByLabel(/^Tire/).press('Enter');
  await expect(front.getByRole('alert')).toBeVisible();
  await front.getByLabel(/^Tire/).press('Escape');
  await prices.getByRole('button', { name: 'Add work or a part' }).click();
  await type(prices.getByLabel('What'), 'Roll the lips');
  await type(prices.getByLabel(/^Time/), '45');
  // 45 minutes at 62 an hour.
  await expect(line(/^Roll the lips/)).toHaveText(/€46\.50.*brief/);
  const total = table.getByRole('row', { name: /^Total, at least/ });
  const said = (await total.textContent())!.replace('Total, at least', '');
  await saved(page);
  await expect(page.getByRole('region', { name: 'Setups' }).getByRole('button', { pressed: true })).toContainText(
    `≥ ${said}`,
  );
  await page.keyboard.press('Escape');
  await page.keyboard.press('7');
  const cost = page.getByRole('region', { name: 'Differences' }).getByRole('link', { name: `≥ ${said}` });
  await cost.click();
  await expect(page).toHaveURL(/setups\?.*view=cost/);
  await expect(prices).toBeVisible();
  await page.keyboard.press('m');
  await expect(page).not.toHaveURL(/view=cost/);
});

test('an order list of a setup: on paper, and for a spreadsheet, with what lies on the shelf', async ({ page }) => {
  const place = await openDemo(page, 'brindle-kite', 'setups?setup=b&view=cost');
  await expect(page.getByRole('link', { name: 'Order list' })).toHaveAttribute(
    'href',
    `${place}/order.pdf?setup=b&paper=a4`,
  );
  const answer = await page.request.get(`${place}/order.csv?setup=b`);
  expect(answer.headers()['content-disposition']).toMatch(/SK-\d+-order-b\.csv/);
  const { data } = Papa.parse<string[]>((await answer.text()).replace('\ufeff', ''));
  expect(data[0]).toEqual([
    'what',
    'figures',
    'count',
    'fromShelf',
    'reserved',
    'used',
    'toBuy',
    'priceEach',
    'currency',
  ]);
  expect([data[1]![2], ...data[1]!.slice(7)]).toEqual(['4', '225', 'EUR']);
  const ring = data.find(([, figures]) => figures === '72.6/63.4')!;
  expect(Number(ring[3]) + Number(ring[6])).toBe(4);
  for (const [asked, status] of [
    ['order.pdf?setup=b', 200],
    ['order.pdf?setup=b&paper=letter', 200],
    ['order.pdf?setup=b&paper=b5', 400],
    ['order.pdf?setup=nobody', 404],
    ['order.csv?setup=nobody', 404],
    ['order.csv', 400],
  ] as const)
    expect([asked, (await page.request.get(`${place}/${asked}`)).status()]).toEqual([asked, status]);
});

test('parts of the shelf: put by for a setup, taken off when they go on, and back on the shelf', async ({ page }) => {
  const place = await openDemo(page, 'brindle-kite', 'setups?setup=b&view=cost');
  const stock = page.getByRole('region', { name: 'Shelf', exact: true });
  const ring = stock.getByRole('row', { name: /^72\.6\/63\.4/ });
  const cells = async () => (await ring.getByRole('cell').allTextContents()).map((text) => Number(text) || 0);
  await expect(ring).toBeVisible();
  const [count, onShelf] = (await cells()) as [number, number];
  expect([count, onShelf >= 4]).toEqual([4, true]);
  await clean(page, '.stock');
  await stock.getByRole('button', { name: /^Reserve \d+ on the shelf$/ }).press('Enter');
  await expect.poll(cells).toEqual([4, onShelf - 4, 4, 0, 0]);
  const asked = await page.request.get(`${place}/order.csv?setup=b`);
  expect(await asked.text()).toContain('72.6/63.4,4,4,4,0,0');
  const number = /SK-\d+/.exec(asked.headers()['content-disposition']!)![0];

  await stock.getByRole('button', { name: /^Take \d+ off the shelf$/ }).click();
  await expect.poll(cells).toEqual([4, onShelf - 4, 0, 4, 0]);
  await page.goto('/shelf?kind=ring');
  const kept = page.getByRole('row', { name: new RegExp(`ring 72\\.6 / 63\\.4.*4 taken for ${number} B`) });
  await expect(kept.getByRole('cell').nth(2)).toHaveText(String(onShelf - 4));
  await clean(page, 'main');
  await kept.getByRole('button', { name: /^Put back/ }).click();
  await expect(page.getByText(`taken for ${number} B`)).toHaveCount(0);
  await show(page, `${place}/setups?setup=b&view=cost`);
  await expect.poll(cells).toEqual([4, onShelf, 0, 0, 0]);
  for (const [body, status] of [
    [{ intent: 'reserve', setup: 'nobody' }, 'there is no such setup any more'],
    [{ intent: 'steal', setup: 'b' }, 'must be one of'],
    [{ intent: 'use', setup: '../b' }, 'is not a setup'],
  ] as const) {
    const answer = await page.request.post(`${place}/stock`, {
      data: body,
      headers: { 'Sec-Fetch-Site': 'same-origin' },
    });
    expect(await answer.text()).toContain(status);
  }
});

test('what is on the car costs nothing', async ({ page }) => {
  const job = demoJob('velder-two');
  delete job.brief!.prices;
  const place = await putOnBench(page, { ...job, setups: [{ id: 'a', label: 'as it is', ...presentOf(job) }] }, 'kept');
  await page.goto(`${place}/setups?view=cost`);
  await expect(page.getByText('Nothing is bought for this setup: it is what is on the car.')).toBeVisible();
  const file = await page.request.get(`${place}/file`);
  expect(((await file.json()) as Job).setups).toHaveLength(1);
});

function presentOf({ vehicle }: ReturnType<typeof demoJob>) {
  const { wheel, tire } = vehicle.front!.baseline!;
  return { front: { wheel: wheel!, tire: tire! } };
}
