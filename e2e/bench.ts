import { readFileSync } from 'node:fs';
import { test as base, expect, type APIResponse, type Locator, type Page } from '@playwright/test';
import type { Job } from '#core/job';
import { KEPT } from '../playwright.config';
import { lend } from './seenBrowser';

export { expect };

/** Where the processor draws, the browser itself tells that reading a picture back is slow. No fault of the page. */
const OF_THE_BROWSER = /GPU stall due to ReadPixels|Automatic fallback to software WebGL/;

/** For tests of sweeping itself: a browser that keeps none. */
export const NOTHING_KEPT = { cookies: [], origins: [] };

/**
 * Every test fails when the page logs an error, a warning of the framework or a breach of the content security policy.
 */
export const test = base.extend<{ quiet: void; allowed: RegExp[] }>({
  allowed: [[], { option: true }],
  context: async ({ browser, viewport, hasTouch, isMobile, colorScheme, contextOptions, storageState }, lent, info) => {
    const key = JSON.stringify({ viewport, hasTouch, isMobile, colorScheme, contextOptions });
    const isWell = () => info.status === info.expectedStatus;
    if (storageState === KEPT) return await lend(browser, key, (context) => lent(context).then(isWell));
    const context = await browser.newContext();
    await lent(context);
    await context.close();
  },
  quiet: [
    async ({ page, allowed }, use) => {
      const heard: string[] = [];
      page.on('console', (message) => {
        if (['error', 'warning'].includes(message.type())) heard.push(message.text());
      });
      page.on('pageerror', (error) => heard.push(String(error)));
      await use();
      expect(heard.filter((text) => ![OF_THE_BROWSER, ...allowed].some((known) => known.test(text)))).toEqual([]);
    },
    { auto: true },
  ],
});

/** A car of the demo with its past: what was fitted, read and found. */
export const demoJobFitted = (name: string): Job => JSON.parse(readFileSync(`demo/${name}.scoval.json`, 'utf8')) as Job;

/** The same before anything was fitted. */
export function demoJob(name: string): Job {
  const { fittings: _, notes: __, photos: ___, decision: ____, ...job } = demoJobFitted(name);
  return job;
}

/** Every station with its inner views. */
export const VIEWS = [
  'hub',
  'hub?view=tightening',
  'room',
  'room?view=parts',
  'brakes',
  'brakes?view=ranking',
  'brief',
  'window',
  'setups',
  'setups?view=hardware',
  'setups?view=tire',
  'setups?view=car',
  'setups?view=cost',
  'compare',
  'sweep',
  'sweep?beside=remedies',
  'stance',
  'stance?beside=.now',
  'fit-up',
  'fit-up?view=marks',
  'log',
  'measure',
];

/** Nothing is on its way any more: what is drawn is what the address says. */
export const stands = (page: Page): Promise<unknown> =>
  page.waitForFunction(() => {
    const frame = document.querySelector<HTMLElement>('.frame');
    return frame?.dataset['going'] === 'false' && frame.dataset['at'] === location.pathname + location.search;
  });

/** Goes to a view of the job within the page, as its links do. */
export async function show(page: Page, address: string): Promise<void> {
  await page.evaluate((to) => {
    history.pushState(null, '', to);
    dispatchEvent(new PopStateEvent('popstate'));
  }, address);
  await page.waitForURL(address, { waitUntil: 'commit' });
  await stands(page);
}

/** Sends a command past the page, as one of this address would. */
export const send = (page: Page, place: string, data: object): Promise<APIResponse> =>
  page.request.post(place, { data, maxRedirects: 0, headers: { 'Sec-Fetch-Site': 'same-origin' } });

/** Sends a file past the page. */
export const sendFile = (
  page: Page,
  place: string,
  file: { name: string; mimeType: string; buffer: Buffer },
): Promise<APIResponse> =>
  page.request.post(place, { multipart: { file }, maxRedirects: 0, headers: { 'Sec-Fetch-Site': 'same-origin' } });

/** Puts a job on the bench and says where it stands. */
export async function putOnBench(page: Page, job: Job, title: string): Promise<string> {
  const buffer = Buffer.from(JSON.stringify({ ...job, title }));
  const response = await sendFile(page, '/?index', { name: 'job.json', mimeType: 'application/json', buffer });
  const place = response.headers()['location'];
  if (!place) throw new Error(`not taken in: ${await response.text()}`);
  return place;
}

/** Opens a fresh copy of a demo job at a station; at fit-up and log with its past. */
export async function openDemo(page: Page, name: string, station: string): Promise<string> {
  const job = /^(fit-up|log)/.test(station) ? demoJobFitted(name) : demoJob(name);
  const place = await putOnBench(page, job, test.info().title.slice(0, 100));
  await page.goto(`${place}/${station}`);
  await saved(page);
  return place;
}

/** Holds back scripts until they are let come. */
export async function holdBack(page: Page, scripts: string): Promise<() => void> {
  let letCome = () => {};
  const come = new Promise<void>((resolve) => (letCome = resolve));
  await page.route(scripts, async (route) => {
    await come;
    await route.continue();
  });
  return letCome;
}

/** Opens a page whose scripts come once a hand has been on it. */
export async function openSlowly(page: Page, address: string, hand: () => Promise<void>): Promise<void> {
  const letCome = await holdBack(page, '**/assets/*.js');
  await page.goto(address, { waitUntil: 'commit' });
  await hand();
  letCome();
}

/**
 * The page is at work, and everything is kept. Waited for and not expected: what is expected and not there yet has the
 * whole page read out at each look, for the words of a failure.
 */
export const saved = (page: Page): Promise<void> =>
  page
    .locator('.saved')
    .filter({ hasText: /^Saved \d\d:\d\d$/ })
    .waitFor();

/** A screen that hears nothing of others, as behind a network that cuts lines: it finds out when it saves. */
export const deafen = (page: Page): Promise<unknown> =>
  page.route(/\/(events|open\.json)\?/, (route) => route.fulfill({ status: 204 }));

/** A figure of the ledger by the name of its row. */
export const ledgerRow = (page: Page, key: string): Locator => page.locator(`[data-row="${key}"]`);

/** Chooses a usual set of units, as a reader does it once. */
export async function useUnits(page: Page, name: 'Metric' | 'UK' | 'US'): Promise<void> {
  await page.getByRole('button', { name: 'Units of weight, pressure, speed and torque' }).click();
  await page.getByRole('radiogroup', { name: 'A usual set of units' }).getByText(name, { exact: true }).click();
  await page.keyboard.press('Escape');
}

/** Types into a field the way a person does: in, over, Enter. */
export async function type(field: Locator, text: string): Promise<void> {
  await field.click();
  await field.fill(text);
  await field.press('Enter');
}

/**
 * Types nonsense into every field of a form: each says beside it what is wrong, keeps the text, and gives it back on
 * Escape.
 * @param except labels of fields for which any text is a value
 * @param texts what no field of the form takes
 */
export async function refuseNonsense(
  form: Locator,
  least: number,
  { except = /^(Make and model|Its offset|Front raised|Rear raised)/, texts = ['nonsense', '99999'] } = {},
): Promise<void> {
  const fields = form.getByRole('textbox');
  const all = await fields.count();
  expect(all).toBeGreaterThanOrEqual(least);
  for (let n = 0; n < all; n++) {
    const field = fields.nth(n);
    const [label, before] = await field.evaluate((input: HTMLInputElement) => [
      input.labels?.[0]?.textContent ?? '',
      input.value,
    ]);
    if (except.test(label!)) continue;
    for (const nonsense of texts) {
      await field.fill(nonsense);
      await field.press('Enter');
      await expect(form.getByRole('alert')).toHaveCount(1);
      const shown = await field.evaluate((input: HTMLInputElement) => [input.ariaInvalid, input.value]);
      expect([label, ...shown]).toEqual([label, 'true', nonsense]);
    }
    await field.press('Escape');
    await expect(field).toHaveValue(before!);
  }
}

/** Every sweep of the job is made. */
export const swept = (page: Page): Promise<void> => page.locator('.frame[data-swept=true]').waitFor();

/** The poke target of both axles, at the Brief. */
export const bothAxles = (page: Page): Locator => page.getByRole('group', { name: 'Target, both axles' });

/** Chooses the line of a list that says this, or the first that says such a thing, once it is there. */
export async function pick(list: Locator, words: string | RegExp): Promise<void> {
  const line = list.getByRole('option', { name: words, exact: true }).first();
  await line.waitFor({ state: 'attached' });
  await list.selectOption({ label: (await line.textContent())! });
}

/** Chooses a word of a list of the page. */
export const choose = (page: Page, field: string, word: string | RegExp): Promise<void> =>
  pick(page.getByRole('combobox', { name: field }), word);
