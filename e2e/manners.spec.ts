import { NOTE_STATIONS } from '#core/note';
import { clean, cleanInTheDark } from './axe';
import { expect, openDemo, swept, test } from './bench';

for (const view of [...NOTE_STATIONS, 'measure'])
  test(`${view}: axe finds nothing on either table, and nothing runs off the side of a smaller one`, async ({
    page,
  }) => {
    await openDemo(page, 'brindle-kite', view);
    await swept(page);
    await clean(page);
    for (const [width, height] of [
      [1280, 800],
      [1024, 768],
      [820, 1180],
    ] as const) {
      await page.setViewportSize({ width, height });
      // What follows the size has followed it.
      await page.evaluate(() => new Promise((drawn) => requestAnimationFrame(() => requestAnimationFrame(drawn))));
      const over = await page.evaluate(
        () => document.documentElement.scrollWidth - document.documentElement.clientWidth,
      );
      expect([width, over]).toEqual([width, 0]);
    }
    await page.setViewportSize({ width: 1280, height: 800 });
    await cleanInTheDark(page);
  });

test('axe finds nothing at the list of setups, the hardware, the keys, the bench and a new job', async ({ page }) => {
  await openDemo(page, 'brindle-kite', 'setups');
  await expect(page.getByRole('region', { name: 'Section' })).toBeVisible();
  await page.keyboard.press('f');
  await page.keyboard.press('w');
  await expect(page.getByRole('form', { name: 'Setup A, front' })).toBeVisible();
  await clean(page);
  await page.keyboard.press('h');
  await expect(page.getByRole('form', { name: 'Hardware of setup A, front' })).toBeVisible();
  await clean(page);
  await page.keyboard.press('Shift+?');
  await expect(page.getByRole('dialog', { name: 'Keys' })).toBeVisible();
  await clean(page, 'dialog');
  await page.goto('/');
  await expect(page.getByRole('row').nth(1)).toBeVisible();
  await clean(page);
  await page.getByRole('button', { name: 'New job' }).click();
  await expect(page.getByRole('dialog', { name: 'New job' })).toBeVisible();
  await clean(page, 'dialog');
});

test('unit and theme are kept, and stand in the first HTML', async ({ page }) => {
  const place = await openDemo(page, 'brindle-kite', 'setups');
  await page.keyboard.press('u');
  await page.getByRole('button', { name: 'Switch to dark' }).click();
  await expect(page.getByRole('button', { name: 'Switch to light' })).toBeVisible();
  const html = await (await page.request.get(`${place}/setups`)).text();
  expect(html).toContain('data-theme="dark"');
  expect(html).toContain('0.34 tuck');
});

test('the first HTML is styled before any script runs', async ({ browser, baseURL }) => {
  const context = await browser.newContext({ javaScriptEnabled: false, ...(baseURL ? { baseURL } : {}) });
  const page = await context.newPage();
  await page.goto('/');
  const button = page.getByRole('button', { name: 'New job' });
  await expect(button).toHaveCSS('background-color', 'rgb(42, 63, 143)');
  await expect(button).toHaveCSS('border-radius', '2px');
  await expect(page.getByRole('link', { name: 'Brindle Kite 1.8 wagon' }).first()).toBeVisible();
  await context.close();
});

test.describe(() => {
  test.use({ allowed: [/Content Security Policy/] });
  test('the content security policy lets no foreign script run', async ({ page }) => {
    const response = await page.goto('/');
    const policy = response!.headers()['content-security-policy']!;
    expect(policy).toContain("default-src 'none'");
    expect(policy).not.toMatch(/script-src[^;]*unsafe/);
    const violated = page.evaluate(
      () =>
        new Promise<string>((resolve) =>
          document.addEventListener('securitypolicyviolation', (event) => resolve(event.effectiveDirective)),
        ),
    );
    await page.evaluate(() => {
      const script = document.createElement('script');
      script.textContent = 'window.ran = true';
      document.body.append(script);
    });
    expect(await violated).toBe('script-src-elem');
    expect(await page.evaluate(() => 'ran' in window)).toBe(false);
  });
});

test('stations answer to their digits, the skip link leads past them', async ({ page }) => {
  await openDemo(page, 'brindle-kite', 'hub');
  for (const [key, path] of [
    ['2', 'room'],
    ['3', 'brakes'],
    ['4', 'brief'],
    ['5', 'window'],
    ['6', 'setups'],
    ['7', 'compare'],
    ['8', 'sweep'],
    ['9', 'fit-up'],
    ['0', 'log'],
    ['1', 'hub'],
  ] as const) {
    await page.keyboard.press(key);
    await expect(page).toHaveURL(new RegExp(`/${path}$`));
  }
  await page.reload();
  await page.keyboard.press('Tab');
  await expect(page.getByRole('link', { name: 'To the station' })).toBeFocused();
  await page.keyboard.press('Enter');
  await expect(page.getByRole('main')).toBeFocused();
});
