import { clean } from './axe';
import {
  bothAxles,
  choose,
  demoJob,
  expect,
  ledgerRow,
  openDemo,
  putOnBench,
  refuseNonsense,
  saved,
  send,
  show,
  test,
  type,
} from './bench';

test('the brief asks for cover, chains and a rub, and each is heard in the ledger with its origin', async ({
  page,
}) => {
  const place = await openDemo(page, 'brindle-kite', 'brief');
  await choose(page, 'Cover by the fender', 'full width, 30° ahead to 50° behind');
  await choose(page, 'Winter traction', 'class S: 37 mm tread, 15 mm side');
  await choose(page, 'Rub', 'plastic only');
  await saved(page);
  await show(page, `${place}/setups`);
  await expect(ledgerRow(page, 'coverage')).toContainText('covered');
  await ledgerRow(page, 'coverage').getByRole('button').click();
  await expect(ledgerRow(page, 'coverage')).toContainText('check your local code');
  await ledgerRow(page, 'inboard').getByRole('button').click();
  await expect(ledgerRow(page, 'inboard')).toContainText('limit 15.0 mm, for winter traction, SAE J1232 (from memory)');
  await ledgerRow(page, 'obstacle:liner').getByRole('button').click();
  await expect(ledgerRow(page, 'obstacle:liner')).toContainText('rub accepted by the brief');
});

test('poke and cover contradict each other, and it is said beside both; an axle has a target of its own', async ({
  page,
}) => {
  const place = await openDemo(page, 'brindle-kite', 'brief');
  await type(bothAxles(page).getByLabel(/^No further out than/), '12');
  await type(bothAxles(page).getByLabel(/^No further in than/), '4');
  await choose(page, 'Cover by the fender', 'full width, 30° ahead to 50° behind');
  await expect(bothAxles(page)).toContainText('poke past a fender that must cover it');
  await expect(page.getByRole('alert')).toContainText('no wheel does both');
  await type(bothAxles(page).getByLabel(/^No further in than/), '-14');
  await expect(page.getByRole('alert')).toHaveCount(0);
  await type(bothAxles(page).getByLabel(/^No further out than/), '0');
  const rear = page.getByRole('group', { name: 'Target, rear only' });
  await type(rear.getByLabel(/^No further out than/), '-20');
  await type(rear.getByLabel(/^No further in than/), '-10');
  await expect(page.getByRole('alert')).toHaveText(/is beyond the outer end/);
  await rear.getByLabel(/^No further in than/).press('Escape');
  await saved(page);
  await show(page, `${place}/setups`);
  await expect(ledgerRow(page, 'fender')).toContainText('in place');
  await page.keyboard.press('a');
  await expect(ledgerRow(page, 'fender')).toContainText('too far out');
});

test('modifications, by keyboard; a budget of nothing; nonsense is refused beside its field', async ({ page }) => {
  await openDemo(page, 'orrin-haul', 'brief');
  const heat = page.locator('[data-work=heat]');
  await expect(heat.getByRole('radio', { name: 'allowed', exact: true })).toBeChecked();
  await heat.getByRole('radio', { name: 'allowed', exact: true }).focus();
  await page.keyboard.press('ArrowRight');
  await expect(heat.getByRole('radio', { name: 'not allowed', exact: true })).toBeChecked();
  await type(page.getByLabel(/^Budget for modifications/), '0');
  await expect(page.getByText('Budget is zero')).toBeVisible();
  await refuseNonsense(page.locator('.terms-page'), 12, {
    except: /Anything else|Currency|No further|^Name|Contact|Plate|VIN|Odometer/,
    texts: ['nonsense', '999999'],
  });
  await clean(page);
});

test('shop defaults: a limit and a price are set, reach the briefs, and go back to what is usual', async ({ page }) => {
  await page.goto('/defaults');
  const edge = page.locator('[data-limit=edgeMm]');
  await expect(edge).toContainText('usual');
  await type(edge.getByRole('textbox'), '-3');
  await expect(page.getByRole('alert')).toContainText('is outside');
  await type(edge.getByRole('textbox'), '7.5');
  await expect(edge).toContainText('shop default');
  await type(page.getByRole('textbox', { name: /^Other hub, each/ }), '212');
  await page.reload();
  await expect(edge.getByRole('textbox')).toHaveValue('7.5');
  const place = await putOnBench(page, demoJob('velder-two'), 'house prices');
  await page.goto(`${place}/setups`);
  await saved(page);
  await page.goto(`${place}/file`).catch(() => undefined);
  const file = (await (await page.request.get(`${place}/file`)).json()) as {
    house: { limits: object; prices: object };
  };
  expect(file.house).toMatchObject({ limits: { edgeMm: 7.5 }, prices: { hubSwapEach: 212 } });
  const post = async (data: unknown) => (await send(page, '/defaults', data as object)).status();
  for (const data of [
    { path: ['limits', 'inboardMm'], value: 1e9 },
    { path: ['limits', 'nothing'], value: 1 },
    { path: ['limits'], value: {} },
    { path: 'limits', value: 1 },
    {},
  ])
    expect(await post(data)).toBeLessThan(500);
  await page.goto('/defaults');
  await page.getByRole('button', { name: 'Between hole and edge: reset to 6.0 mm' }).click();
  await expect(edge).toContainText('usual');
  await type(page.getByRole('textbox', { name: /^Other hub, each/ }), '');
  await clean(page);
});

test('a backspacing that is asked for is a check of its own, by the convention that it is meant by', async ({
  page,
}) => {
  const place = await openDemo(page, 'brindle-kite', 'brief');
  await type(page.getByRole('textbox', { name: /^Most backspacing, front/ }), '100');
  await saved(page);
  await show(page, `${place}/setups`);
  await expect(ledgerRow(page, 'backspacing')).toContainText('does not fit');
  await ledgerRow(page, 'backspacing').getByRole('button').click();
  await expect(ledgerRow(page, 'backspacing')).toContainText('overall');
  await show(page, `${place}/brief`);
  await type(page.getByRole('textbox', { name: /^Most backspacing, front/ }), '180');
  await saved(page);
  await show(page, `${place}/setups`);
  await expect(ledgerRow(page, 'backspacing')).not.toContainText('does not fit');
});

test('the shop says who it is; its papers carry it', async ({ page }) => {
  await page.goto('/defaults');
  const name = page.getByLabel('Name of the shop');
  await type(name, 'Harrow Wheel Works');
  await type(page.getByLabel('Address and contact'), '3 Mill Lane');
  await page.reload();
  await expect(name).toHaveValue('Harrow Wheel Works');
  await type(name, '');
  await type(page.getByLabel('Address and contact'), '');
  await page.reload();
  await expect(name).toHaveValue('');
});

test('a logo with a script in it becomes a picture, stands on the papers, and is taken away', async ({ page }) => {
  const place = await openDemo(page, 'brindle-kite', 'setups?view=cost');
  const pictures = async () => {
    const paper = await page.request.get(`${place}/order.pdf?setup=b`);
    return (await paper.body()).toString('latin1').includes('/Subtype /Image');
  };
  expect(await pictures()).toBe(false);
  await page.goto('/defaults');
  const input = page.getByLabel('Logo, PNG or SVG');
  const picture = page.getByRole('img', { name: "The shop's logo" });
  const svg = (inside: string) =>
    Buffer.from(
      `<svg xmlns="http://www.w3.org/2000/svg" width="300" height="90"><rect width="300" height="90"/>${inside}</svg>`,
    );
  await input.setInputFiles({ name: 'torn.svg', mimeType: 'image/svg+xml', buffer: svg('').subarray(0, 70) });
  const refused = page.getByRole('alert').filter({ hasText: 'torn.svg cannot be read as PNG or SVG' });
  await expect(refused).toBeVisible();
  await input.setInputFiles({
    name: 'logo.svg',
    mimeType: 'image/svg+xml',
    buffer: svg('<script>alert(1)</script>'),
  });
  await expect(picture).toBeVisible();
  // A picture is there before its bytes are.
  await expect
    .poll(() => picture.evaluate((image: HTMLImageElement) => image.naturalWidth / image.naturalHeight))
    .toBeCloseTo(300 / 90, 1);
  const kept = await page.request.get((await picture.getAttribute('src'))!);
  expect(kept.headers()['content-type']).toBe('image/png');
  expect(await pictures()).toBe(true);
  await clean(page);
  await page.getByRole('button', { name: 'Take the logo away' }).click();
  await expect(picture).toHaveCount(0);
  expect(await pictures()).toBe(false);
});
