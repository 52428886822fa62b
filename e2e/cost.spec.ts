import Papa from 'papaparse';
import type { Job } from '#core/job';
import { demoJob, expect, openDemo, putOnBench, saved, test, type } from './bench';

test('what a setup costs: line by line, a price typed, work added, the sum in the tray and beside the others', async ({
  page,
}) => {
  await openDemo(page, 'brindle-kite', 'setups?setup=b&view=cost');
  const table = page.getByRole('region', { name: 'Cost', exact: true }).getByRole('table');
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
  expect(data[0]).toEqual(['what', 'figures', 'count', 'fromShelf', 'toBuy', 'priceEach', 'currency']);
  expect(data[1]!.slice(2)).toEqual(['4', expect.any(String), expect.any(String), '225', 'EUR']);
  const ring = data.find(([, figures]) => figures === '72.6/63.4')!;
  expect(Number(ring[3]) + Number(ring[4])).toBe(4);
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
