import { readFileSync, writeFileSync } from 'node:fs';
import type { Job } from '#core/job';
import { demoJob, expect, putOnBench, saved, sendFile, test, type } from './bench';

test('the bench lists the demo with what each job waits for, searches and sorts', async ({ page }) => {
  await page.goto('/');
  const rows = page.getByRole('row');
  for (const [car, waitsFor] of [
    ['Brindle Kite 1.8 wagon', 'nothing: fitted and torqued'],
    ['Orrin Haul 4x4', 'nothing: fitted and torqued'],
    ['Velder Two coupé', 'retorque, overdue by 12 Mar or 23970 km'],
    ['Pallas Tender 4.6 van', 'the end of its fit-up'],
  ] as const)
    await expect(rows.filter({ hasText: car }).filter({ hasText: /SK-00[1-4]/ })).toContainText(waitsFor);
  await page.getByRole('searchbox', { name: /Search/ }).fill('course-sweep truck');
  await expect(page).toHaveURL(/search=course/);
  await expect(rows.filter({ hasText: 'Brindle Kite' })).toHaveCount(0);
  await expect(rows.filter({ hasText: 'SK-002' })).toBeVisible();
  await page.getByRole('searchbox', { name: /Search/ }).fill('SK-003');
  await expect(rows.filter({ hasText: 'Pallas Tender' })).toBeVisible();
  await page.getByRole('searchbox', { name: /Search/ }).fill('');
  await page.getByRole('columnheader', { name: 'Car' }).click();
  await expect(page).toHaveURL(/sort=car/);
  await expect(rows.nth(1)).toContainText('Brindle Kite');
});

test('a new job needs a car and begins with its readings', async ({ page }) => {
  await page.goto('/');
  await page.getByRole('button', { name: 'New job' }).click();
  const dialog = page.getByRole('dialog');
  await dialog.getByRole('button', { name: 'Start with the readings' }).click();
  await expect(dialog.getByRole('alert')).toHaveText(/needs a name/);
  await dialog.getByLabel('Car').fill('Brindle Kite spare shell');
  await dialog.getByLabel('Title').fill('gravel set');
  await dialog.getByLabel('Title').press('Enter');
  await expect(page).toHaveURL(/\/room$/);
  await expect(page.getByText('7 readings to go')).toBeVisible();
  await page.goto('/?search=spare+shell');
  await expect(page.getByRole('row').filter({ hasText: 'spare shell' })).toContainText('14 readings');
  await page.getByRole('radiogroup', { name: 'Waits for' }).getByText('decision').click();
  await expect(page.getByText('No job matches.')).toBeVisible();
});

test('a new job is opened also while the bench looks again for what is being checked', async ({ page }) => {
  await putOnBench(page, longToJudge(), 'long to judge');
  let looked = 0;
  // However fast it is judged, the bench goes on looking.
  await page.route(/standings\.json/, async (route) => {
    const response = await route.fetch();
    const rows = (await response.json()) as object[];
    await route.fulfill({ response, json: rows.map((row) => ({ ...row, standing: 'judging' })) });
    looked += 1;
  });
  // The answer to the command comes when the bench has looked again meanwhile.
  await page.route(/_root\.data\?index/, async (route) => {
    const before = looked;
    await expect.poll(() => looked).toBeGreaterThan(before);
    await route.continue();
  });
  await page.goto('/?search=long+to+judge');
  await expect(page.getByRole('row').filter({ hasText: 'long to judge' })).toContainText('checking');
  await page.getByRole('button', { name: 'New job' }).click();
  await page.getByRole('dialog').getByLabel('Car').fill('Velder Two, opened meanwhile');
  await page.getByRole('button', { name: 'Start with the readings' }).click();
  await expect(page).toHaveURL(/\/room$/);
  await page.unrouteAll({ behavior: 'wait' });
  await page.goto('/?search=long+to+judge');
  await expect(page.getByRole('row').filter({ hasText: 'long to judge' })).toContainText('a decision');
});

test('a copy is opened also where a search was begun just before', async ({ page }) => {
  await putOnBench(page, demoJob('velder-two'), 'copied in haste');
  await page.goto('/?search=copied+in+haste');
  // The search rests 250 ms; the answer comes after that.
  await page.route(/_root\.data\?index/, async (route) => {
    await page.evaluate(() => new Promise((rested) => setTimeout(rested, 600)));
    await route.continue();
  });
  await page.getByRole('searchbox', { name: /Search/ }).fill('copied');
  await page.getByRole('button', { name: /^Duplicate/ }).dispatchEvent('click');
  await expect(page).toHaveURL(/\/setups$/);
});

test('a job is duplicated, put away and brought back', async ({ page }) => {
  await putOnBench(page, demoJob('velder-two'), 'away and back');
  await page.goto('/?search=away+and+back');
  await page.getByRole('button', { name: /^Duplicate/ }).click();
  await expect(page).toHaveURL(/\/setups$/);
  await page.goto('/?search=away+and+back');
  await expect(page.getByRole('row').filter({ hasText: 'away and back' })).toHaveCount(2);
  await page
    .getByRole('row')
    .filter({ hasText: 'away and back copy' })
    .getByRole('button', { name: /^Archive/ })
    .click();
  await expect(page.getByRole('row').filter({ hasText: 'away and back' })).toHaveCount(1);
  await page.getByText('Archived', { exact: true }).click();
  await page.getByRole('button', { name: /^Restore/ }).click();
  await expect(page.getByText('No job matches.')).toBeVisible();
  await page.getByText('On the bench').click();
  await expect(page.getByRole('row').filter({ hasText: 'away and back' })).toHaveCount(2);
});

test('a job goes out as a file and comes back as the same job', async ({ page }) => {
  await page.goto('/');
  const source = readFileSync('docs/example-job.json', 'utf8');
  await page.getByLabel('Job file', { exact: true }).setInputFiles('docs/example-job.json');
  await expect(page).toHaveURL(/\/setups$/);
  await saved(page);
  await page.getByRole('button', { name: 'Papers' }).click();
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('menuitem', { name: /Job file/ }).click(),
  ]);
  expect(download.suggestedFilename()).toMatch(/^sk-\d+-tarmac-set-for-the-hill-climb-wagon\.scoval\.json$/);
  const back = readFileSync((await download.path())!, 'utf8');
  expect(back).toBe(`${JSON.stringify(JSON.parse(source), null, 2)}\n`);
});

test('a broken file is refused with the place, and nothing is imported', async ({ page }) => {
  await page.goto('/');
  const source = readFileSync('docs/example-job.json', 'utf8').replace(/"title": "[^"]+"/, '"title": "never taken in"');
  const offer = (name: string, text: string) =>
    page
      .getByLabel('Job file', { exact: true })
      .setInputFiles({ name, mimeType: 'application/json', buffer: Buffer.from(text) });
  const alert = page.getByRole('alert');
  await offer('cut.json', source.slice(0, 2000));
  await expect(alert).toContainText('cut.json was not imported');
  await expect(alert).toContainText(/the file is cut short: it ends at line \d+, column \d+/);
  await offer('wide.json', source.replace('"rimWidthIn": 7.5', '"rimWidthIn": 300'));
  await expect(alert).toContainText('setups[0].front.wheel.rimWidthIn: must be between 3 and 16');
  await offer('odd.json', source.replace('"title"', '"tittle"'));
  await expect(alert).toContainText('tittle: is not a known field');
  const large = test.info().outputPath('large.json');
  writeFileSync(large, ' '.repeat(50 * 1024 * 1024));
  await page.getByLabel('Job file', { exact: true }).setInputFiles(large);
  await expect(alert).toContainText('the file has 50 MB; a job file has 12 MB at most');
  await page.goto('/?search=never+taken+in');
  await expect(page.getByText('No job matches.')).toBeVisible();
});

test('50 MB sent past the page are refused at the server', async ({ page }) => {
  const buffer = Buffer.alloc(50 * 1024 * 1024, ' ');
  const response = await sendFile(page, '/?index', { name: 'x', mimeType: 'application/json', buffer });
  expect(await response.text()).toContain('too large for a job file');
});

test('script in labels is shown as text and never run', async ({ page }) => {
  const script = '<img src=x onerror="window.ran=1"><script>window.ran=1</script>';
  const job = demoJob('brindle-kite');
  job.vehicle.label = script;
  job.setups[0]!.label = script;
  const place = await putOnBench(page, job, script);
  for (const station of ['room', 'setups', 'compare']) {
    await page.goto(`${place}/${station}`);
    await expect(page.getByText(script).first()).toBeVisible();
  }
  await page.goto('/?search=onerror');
  await expect(page.getByRole('link', { name: script })).toBeVisible();
  expect(await page.evaluate(() => 'ran' in window)).toBe(false);
});

test.describe(() => {
  test.use({ allowed: [/404/] });
  test('a place where nothing lies says so', async ({ page }) => {
    const response = await page.goto('/jobs/nobody/setups');
    expect(response!.status()).toBe(404);
    await expect(page.getByRole('heading', { name: 'Page not found' })).toBeVisible();
    await page.getByRole('link', { name: 'Back to the bench' }).click();
    await expect(page.getByRole('heading', { name: 'Bench' })).toBeVisible();
  });
  test('a job that is not there cannot be exported', async ({ page }) => {
    expect((await page.request.get('/jobs/nobody/file')).status()).toBe(404);
  });
});

test('typing in the search does not act as a key', async ({ page }) => {
  await page.goto('/');
  await type(page.getByRole('searchbox', { name: /Search/ }), 'u');
  await expect(page.getByRole('radio', { name: 'mm', exact: true })).toBeChecked();
});

/** A job that takes seconds to judge, and far less than it may: many setups, many parts. */
function longToJudge(): Job {
  const job = demoJob('orrin-haul');
  const copies = <T extends { id: string }>(one: T): T[] =>
    Array.from({ length: 14 }, (_, at) => ({ ...one, id: `${one.id}-${at}` }));
  job.setups = copies(job.setups[0]!);
  job.vehicle.front!.obstacles = copies(job.vehicle.front!.obstacles![0]!);
  return job;
}
