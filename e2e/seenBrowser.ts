import type { Browser, BrowserContext, CDPSession, Page } from '@playwright/test';

/** A browser that is lent. */
interface Seen {
  context: BrowserContext;
  /** Of an empty page that stays, through which what is kept is cleared. */
  keeper: CDPSession;
}

/** Browsers at rest, by what they were opened with: whoever asks for the same is lent one. */
const atRest = new Map<string, Seen>();

async function opened(browser: Browser): Promise<Seen> {
  const context = await browser.newContext();
  return { context, keeper: await context.newCDPSession(await context.newPage()) };
}

/**
 * Takes from a browser what was left in it: its pages, its cookies, the edits that wait to be saved. What it has
 * fetched and swept stays, as at a desk.
 */
async function tidyUp({ context, keeper }: Seen, origins: Iterable<string>): Promise<void> {
  const [, ...left] = context.pages();
  // Nothing of them is at work any more that could keep an edit once more.
  await Promise.all(left.map((page) => page.close()));
  await Promise.all(
    [...origins].map((origin) => keeper.send('Storage.clearDataForOrigin', { origin, storageTypes: 'local_storage' })),
  );
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
  const seen = atRest.get(key) ?? (await opened(browser));
  atRest.delete(key);
  const { context } = seen;
  const origins = new Set<string>();
  const watch = (page: Page) => page.on('framenavigated', (frame) => origins.add(new URL(frame.url()).origin));
  context.on('page', watch);
  const isWell = await run(context);
  context.off('page', watch);
  if (!isWell) return await context.close();
  // That of an empty page.
  origins.delete('null');
  await tidyUp(seen, origins);
  atRest.set(key, seen);
}
