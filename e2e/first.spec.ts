import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import type { Page } from '@playwright/test';
import { clean } from './axe';
import { demoJob, expect, openDemo, putOnBench, saved, swept, test } from './bench';
import { addressOf, start } from './ownServer';

/** A server of its own whose database has no job. The page leaves before it stops: a bench goes on asking. */
async function withEmptyBench(page: Page, run: (address: string) => Promise<void>): Promise<void> {
  const folder = mkdtempSync(path.join(tmpdir(), 'scoval-first-'));
  const { child, log, ended } = await start(folder);
  try {
    await run(addressOf(log));
  } finally {
    await page.goto('about:blank');
    child.kill('SIGTERM');
    await ended;
    rmSync(folder, { recursive: true, force: true });
  }
}

test('an empty bench offers demo cars, and a guide from the first reading to the first verdict', async ({ page }) => {
  await withEmptyBench(page, async (address) => {
    await page.goto(address);
    await clean(page);
    await page.getByRole('button', { name: 'Start with the guide' }).click();
    await page.getByRole('dialog').getByLabel('Car').fill('First wagon');
    await page.keyboard.press('Enter');
    await expect(page).toHaveURL(/\/room$/);
    const guide = page.getByRole('complementary', { name: 'Guide' });
    await expect(guide).toContainText('1 of 5');
    // Six values are typed; Enter leads from one to the next, and the size names the rim.
    await page.getByRole('textbox', { name: 'Tire size' }).focus();
    for (const value of ['205/55R16', '6.5', '45', '14', '26', '74']) {
      await page.keyboard.type(value);
      await page.keyboard.press('Enter');
    }
    await expect(page.getByRole('textbox', { name: /^Rim diameter/ })).toHaveValue('16');
    await expect(page.getByRole('textbox', { name: /^Fender clearance/ })).toHaveValue('74.0');
    await expect(guide).toContainText('kind of suspension');
    await guide.getByRole('link').click();
    // A list goes by its first letters.
    await page.getByLabel('Kind of suspension').focus();
    await page.keyboard.type('strut');
    await expect(page.getByLabel('Kind of suspension')).toHaveValue('strut');
    await expect(guide).toContainText('poke target');
    await guide.getByRole('link').click();
    await expect(page.getByRole('status').filter({ hasText: 'next: poke target' })).toBeVisible();
    await page
      .getByRole('group', { name: 'Target, both axles' })
      .getByLabel(/^No further out than/)
      .fill('0');
    await page.keyboard.press('Enter');
    await expect(guide).toContainText('Build a setup');
    await guide.getByRole('link').click();
    await page.getByRole('button', { name: 'First setup' }).click();
    await expect(guide).toContainText('Change its offset');
    const ledger = page.getByRole('complementary', { name: 'Ledger' });
    await expect(ledger.getByText('room clears, brake clears', { exact: true })).toBeVisible();
    await expect(ledger).toContainText('hub, tire and whole car not measured');
    await saved(page);
    await page.keyboard.press('[');
    await expect(guide).toContainText('That is a first verdict');
    await swept(page);
    await clean(page);
    // Dismissed for good.
    await guide.getByRole('button', { name: 'Done' }).click();
    await expect(guide).toHaveCount(0);
    await saved(page);
    await page.reload();
    await expect(page.getByRole('complementary', { name: 'Ledger' })).toBeVisible();
    await expect(guide).toHaveCount(0);
  });
});

test('an empty bench takes the demo cars, once; a guide that is never wanted is not offered again', async ({
  page,
}) => {
  await withEmptyBench(page, async (address) => {
    await page.goto(address);
    await page.getByRole('button', { name: 'Never show the guide' }).click();
    await page.reload();
    await expect(page.getByRole('button', { name: 'Add the demo cars' })).toBeVisible();
    await expect(page.getByRole('button', { name: 'Start with the guide' })).toHaveCount(0);
    await page.getByRole('button', { name: 'Add the demo cars' }).click();
    await expect(page.getByRole('link', { name: /Velder Two/ })).toBeVisible();
    const again = await page.request.post(`${address}/?index=`, {
      data: { intent: 'demo' },
      headers: { 'Sec-Fetch-Site': 'same-origin' },
    });
    expect(await again.text()).toContain('there are jobs already');
  });
});

test('rear as front in one key, hub included; left as right; what was given stays', async ({ page }) => {
  const job = demoJob('velder-two');
  const { hub, baseline } = job.vehicle.front!;
  job.vehicle.rear = { room: job.vehicle.rear!.room!, hub: { lipHeightMm: 4 } };
  await page.goto(`${await putOnBench(page, job, 'rear as front')}/hub?axle=rear`);
  await expect(page.getByRole('button', { name: 'Rear as front' })).toBeVisible();
  await page.getByRole('heading', { level: 1 }).click();
  await page.keyboard.press('=');
  await expect(page.getByRole('textbox', { name: /^Center bore/ })).toHaveValue(hub!.boreMm!.toFixed(1));
  await expect(page.getByRole('textbox', { name: /^Hub lip/ })).toHaveValue('4.0');
  await expect(page.getByRole('button', { name: 'Rear as front' })).toHaveCount(0);
  await page.keyboard.press('2');
  await expect(page.getByRole('textbox', { name: 'Tire size' })).toHaveValue(baseline!.tire!.size!);
  await page.keyboard.press('l');
  await page.getByRole('button', { name: 'Left as right' }).click();
  await saved(page);
  await expect(page.getByRole('textbox', { name: /^Tuck/ })).toHaveValue(/\d/);
  await page.keyboard.press('Control+z');
  await expect(page.getByRole('button', { name: 'Left as right' })).toBeVisible();
});

test('each of the measuring stations says its next step, and leads on where nothing is left', async ({ page }) => {
  const place = await openDemo(page, 'velder-two', 'hub');
  for (const [station, said] of [
    ['hub', 'All measured: go to the room'],
    ['room', 'All measured: go to the brief'],
    ['brakes', 'next: outline of the front brake'],
    ['brief', 'Target set: go to the setups'],
  ] as const) {
    await page.goto(`${place}/${station}`);
    await expect(page.getByRole('status').filter({ hasText: said })).toBeVisible();
  }
});
