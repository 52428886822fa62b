import type { Browser, BrowserContext, Page } from '@playwright/test';

/** Browsers at rest, by what they were opened with: whoever asks for the same is lent one. */
const atRest = new Map<string, BrowserContext>();

/**
 * Takes from a browser what was left in it: its pages, its cookies, the edits that wait to be saved. What it has
 * fetched and swept stays, as at a desk.
 */
async function tidyUp(context: BrowserContext, origins: Iterable<string>): Promise<void> {
  // A test may have closed its page.
  const [page = await context.newPage(), ...others] = context.pages();
  await Promise.all(others.map((other) => other.close()));
  // Nothing of it is at work any more that could keep an edit once more.
  await page.goto('about:blank');
  const session = await context.newCDPSession(page);
  for (const origin of origins)
    await session.send('Storage.clearDataForOrigin', { origin, storageTypes: 'local_storage' });
  await page.close();
  await context.clearCookies();
}

/**
 * Lends a browser that has seen the product, and tidies it up afterwards: to open one with all that it keeps takes
 * longer than many a test.
 * @param key what it is opened with; a new one takes that from the test in hand by itself
 * @param run what is done with it; says whether all went well: where something failed it is not lent again
 */
export async function lend(
  browser: Browser,
  key: string,
  run: (context: BrowserContext) => Promise<boolean>,
): Promise<void> {
  const context = atRest.get(key) ?? (await browser.newContext());
  atRest.delete(key);
  const origins = new Set<string>();
  const watch = (page: Page) => page.on('framenavigated', (frame) => origins.add(new URL(frame.url()).origin));
  context.on('page', watch);
  const isWell = await run(context);
  context.off('page', watch);
  if (!isWell) return await context.close();
  // That of an empty page.
  origins.delete('null');
  await tidyUp(context, origins);
  atRest.set(key, context);
}
