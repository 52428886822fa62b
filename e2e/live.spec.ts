import { clean } from './axe';
import { deafen, expect, openDemo, saved, test, type } from './bench';

const tuck = /^Tuck/;

test('what a phone saves shows on the desk at every station, and the other way round', async ({
  page,
  browser,
  baseURL,
}) => {
  const place = await openDemo(page, 'brindle-kite', 'room');
  await saved(page);
  const held = await browser.newContext({ viewport: { width: 390, height: 844 }, hasTouch: true, baseURL: baseURL! });
  const phone = await held.newPage();
  await phone.goto(`${place}/room`);
  await saved(phone);
  await expect(page.getByText('also open here: another screen')).toBeAttached();
  await expect(phone.getByText('also open here: another screen')).toBeAttached();
  await clean(page, '.strip');

  await phone.getByRole('textbox', { name: tuck }).tap();
  await type(phone.getByRole('textbox', { name: tuck }), '11');
  await expect(phone.getByText(/^Saving$/)).toHaveCount(0);
  await saved(phone);
  await expect(page.getByRole('textbox', { name: tuck })).toHaveValue('11.0');
  await expect(page.getByRole('button', { name: 'Undo' })).toBeEnabled();

  await page.getByRole('link', { name: /^Setups/ }).click();
  await page.getByRole('button', { name: 'Undo' }).click();
  await saved(page);
  await expect(phone.getByRole('textbox', { name: tuck })).toHaveValue('14.0');
  await page.keyboard.press(']');
  await saved(page);
  await phone.goto(`${place}/setups`);
  await saved(phone);
  await page.keyboard.press(']');
  await saved(page);
  const offset = await page.getByRole('textbox', { name: /^Offset/ }).inputValue();
  await expect(phone.getByRole('textbox', { name: /^Offset/ })).toHaveValue(offset);
  await held.close();
  await expect(page.getByText(/also open here/)).toHaveCount(0);
});

test('what is being typed stays, with what it became elsewhere beside it', async ({ page, context }) => {
  const place = await openDemo(page, 'brindle-kite', 'room');
  const other = await context.newPage();
  await other.goto(`${place}/room`);
  await saved(other);
  const mine = page.getByRole('textbox', { name: tuck });
  await mine.fill('12.5');
  await type(other.getByRole('textbox', { name: tuck }), '10');
  await saved(other);
  await expect(page.getByText('changed elsewhere to 10.0: Enter keeps yours, Escape takes it')).toBeVisible();
  await expect(mine).toHaveValue('12.5');
  await mine.press('Escape');
  await expect(mine).toHaveValue('10.0');
  await mine.fill('9');
  await type(other.getByRole('textbox', { name: tuck }), '8');
  await expect(page.getByText(/^changed elsewhere to 8\.0/)).toBeVisible();
  await mine.press('Enter');
  await saved(page);
  await expect(other.getByRole('textbox', { name: tuck })).toHaveValue('9.0');
  await expect(mine).toHaveValue('9.0');
  await expect(page.getByRole('dialog')).toHaveCount(0);
});

test('where no line holds it is asked; a screen that was deaf catches up when the line is back', async ({
  page,
  context,
}) => {
  const place = await openDemo(page, 'brindle-kite', 'room');
  const other = await context.newPage();
  await other.route(/\/events\?/, (route) => route.fulfill({ status: 204 }));
  await other.goto(`${place}/room`);
  await saved(other);
  await type(page.getByRole('textbox', { name: tuck }), '12');
  await expect(other.getByRole('textbox', { name: tuck })).toHaveValue('12.0');
  await deafen(other);
  await type(page.getByRole('textbox', { name: tuck }), '13');
  await saved(page);
  await other.unrouteAll();
  await expect(other.getByRole('textbox', { name: tuck })).toHaveValue('13.0');
});
