import type { Job } from '#core/job';
import { pdfText } from '#support/pdfText';
import { clean } from './axe';
import { demoJob, expect, openDemo, putOnBench, saved, show, test, type } from './bench';

test('a setup is decided for: in the tray, on the bench, at the fit-up, in the log; and left open again', async ({
  page,
}) => {
  const place = await putOnBench(page, demoJob('velder-two'), 'to be decided');
  await page.goto(`${place}/compare?setup=b`);
  await saved(page);
  await page.getByRole('button', { name: 'Decide which goes on …' }).click();
  const dialog = page.getByRole('dialog', { name: 'Decide which goes on' });
  await expect(dialog.getByRole('radio', { name: /^B / })).toBeChecked();
  await dialog.getByLabel('Why this one').fill('holds and fits the class');
  await dialog.getByLabel('Why not').nth(1).fill('pokes too far');
  await clean(page, 'dialog');
  await dialog.getByRole('button', { name: 'Decide', exact: true }).click();
  const panel = page.getByRole('region', { name: 'Decision' });
  await expect(panel).toContainText(/^Decision.*B .* goes on the car: holds and fits the class/);
  await expect(panel).toContainText(/Not C .*: pokes too far/);
  await saved(page);
  await expect(page.getByRole('link', { name: /^Compare/ })).toContainText('B chosen');

  await page.keyboard.press('6');
  await expect(page.getByRole('region', { name: 'Setups' }).getByRole('button', { name: /^.*chosen/ })).toContainText(
    'B',
  );
  await page.goto('/?waitsFor=parts');
  await expect(page.getByRole('row', { name: /to be decided/ })).toContainText('its parts, then fit-up');
  await page.goto(`${place}/fit-up?setup=a`);
  await saved(page);
  await page.getByRole('button', { name: 'Start a fitting' }).click();
  await expect(page.getByRole('dialog')).toContainText('B Fenwold 13 × 6 +16');
  await page.keyboard.press('Escape');

  await show(page, `${place}/compare`);
  await saved(page);
  await panel.getByRole('button', { name: 'Leave it open' }).click();
  await expect(panel.getByRole('button', { name: 'Decide which goes on …' })).toBeVisible();
  await saved(page);
  await show(page, `${place}/log?kind=decision`);
  await expect(
    page.getByRole('link', { name: 'B chosen: holds and fits the class; not C: pokes too far' }),
  ).toBeVisible();
  await expect(page.getByRole('link', { name: 'Decision left open again' })).toBeVisible();
});

test('a setup that goes takes its decision along; undo brings both back', async ({ page }) => {
  const job: Job = { ...demoJob('velder-two'), decision: { setup: 'b', decidedAt: '2026-03-02T09:00:00Z' } };
  const place = await putOnBench(page, job, 'decided and gone');
  await page.goto(`${place}/setups?setup=b`);
  await saved(page);
  await page.getByRole('button', { name: 'Delete', exact: true }).click();
  await saved(page);
  expect(((await (await page.request.get(`${place}/file`)).json()) as Job).decision).toBeUndefined();
  await page.keyboard.press('Control+z');
  await expect(page.getByRole('link', { name: /^Compare/ })).toContainText('B chosen');
});

test('options for the customer: up to three setups, by keyboard, as one paper', async ({ page }) => {
  const job: Job = { ...demoJob('velder-two'), decision: { setup: 'b', decidedAt: '2026-03-02T09:00:00Z' } };
  const place = await putOnBench(page, job, 'to be shown');
  await page.goto(`${place}/compare`);
  await saved(page);
  await page.getByRole('button', { name: 'Options for the customer …' }).press('Enter');
  const dialog = page.getByRole('dialog', { name: 'Options for the customer' });
  const shown = dialog.getByRole('group', { name: 'Setups shown' });
  const box = (letter: string) => shown.getByRole('checkbox', { name: new RegExp(`^${letter} `) });
  const open = dialog.getByRole('link', { name: 'Open the PDF' });
  await expect(box('B')).toBeChecked();
  await expect(box('C')).not.toBeChecked();
  await clean(page, 'dialog');
  await box('C').press('Space');
  await expect(open).toHaveAttribute('href', `${place}/customer.pdf?setups=b%2Ca%2Cc&paper=a4`);
  for (const letter of ['A', 'B', 'C']) await box(letter).press('Space');
  await expect(dialog.getByRole('button', { name: 'Open the PDF' })).toBeDisabled();
  await box('A').press('Space');
  await box('B').press('Space');
  const paper = await page.request.get((await open.getAttribute('href'))!);
  expect(paper.headers()['content-type']).toBe('application/pdf');
  const [text] = pdfText(await paper.body());
  expect(text).toMatch(/Velder Two.*A Fenwold 13 × 6 \+24.*B Fenwold 13 × 6 \+16.*chosen.*I choose.*A.*B/);
  for (const [asked, status] of [
    ['setups=nobody', 404],
    ['setups=a,b,c,d', 400],
    ['paper=a4', 400],
    ['setups=a&paper=b5', 400],
  ] as const)
    expect([asked, (await page.request.get(`${place}/customer.pdf?${asked}`)).status()]).toEqual([asked, status]);
});

test('a customer is found on the bench, and stays out of a file unless it is asked for', async ({ page }) => {
  const place = await openDemo(page, 'velder-two', 'brief');
  const form = page.getByRole('main');
  await type(form.getByLabel('Name', { exact: true }), 'Ada Holt');
  await type(form.getByLabel('Plate'), 'AB 12 CD');
  await type(form.getByLabel('VIN'), 'TESTVIN0123456789');
  await saved(page);
  const file = async (asked = '') => (await (await page.request.get(`${place}/file${asked}`)).json()) as Job;
  expect((await file()).customer).toBeUndefined();
  expect((await file('?customer=yes')).customer).toEqual({
    name: 'Ada Holt',
    plate: 'AB 12 CD',
    vin: 'TESTVIN0123456789',
  });
  await page.getByRole('button', { name: 'Papers' }).click();
  await expect(page.getByRole('menuitem', { name: 'With the customer in it (.json)' })).toBeVisible();
  await page.keyboard.press('Escape');
  for (const words of ['holt ab', 'TESTVIN012']) {
    await page.goto(`/?search=${encodeURIComponent(words)}`);
    await expect(page.getByRole('row', { name: /Velder Two/ }).first()).toBeVisible();
    await expect(page.getByRole('row')).toHaveCount(2);
  }
});
