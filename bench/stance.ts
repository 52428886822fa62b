import { chromium, type Page } from '@playwright/test';
import { serveFresh } from '../scripts/lib/serveFresh';
import { CHROMIUM } from '#support/chromium';
import type { Bench, Figure } from './report';

const SECONDS = 4;

/** What a page has drawn in three dimensions so far. */
interface Drawn {
  calls: number;
  triangles: number;
}

/** Counts what is drawn, before anything draws. */
const countDrawn = (page: Page) =>
  page.addInitScript(() => {
    const drawn: Drawn = { calls: 0, triangles: 0 };
    Object.assign(window, { drawn });
    const usual = WebGL2RenderingContext.prototype.drawElements;
    WebGL2RenderingContext.prototype.drawElements = function (...all) {
      drawn.calls += 1;
      drawn.triangles += all[1] / 3;
      usual.apply(this, all);
    };
  });
const drawnIn = (page: Page) => page.evaluate(() => ({ ...(window as unknown as { drawn: Drawn }).drawn }));

/** How many frames a page shows in some seconds. */
const framesIn = (page: Page) =>
  page.evaluate(
    (ms) =>
      new Promise<number>((counted) => {
        const begun = performance.now();
        let frames = 0;
        const tick = (now: number) => {
          frames += 1;
          if (now - begun < ms) requestAnimationFrame(tick);
          else counted(frames);
        };
        requestAnimationFrame(tick);
      }),
    SECONDS * 1000,
  );

/**
 * Plays a car in three dimensions from lock to lock, drawn by the processor alone at 1280 × 800, and counts what it
 * shows in a second. The reference is the same page at rest: how often the browser would show it.
 */
export async function measureStance(): Promise<Bench> {
  const server = await serveFresh();
  const browser = await chromium.launch(CHROMIUM);
  try {
    const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
    await countDrawn(page);
    await page.goto(`${server.address}/?search=brindle`);
    const job = await page.getByRole('link', { name: 'Brindle Kite 1.8 wagon' }).getAttribute('href');
    const figures: Figure[] = [];
    for (const [name, sight] of [
      ['one setup', 'setup=d'],
      ['two, divided', 'setup=d&beside=.now'],
      ['two, laid over', 'setup=d&beside=.now&pairing=over'],
    ] as const) {
      await page.goto(`${server.address}${job}/stance?${sight}`);
      await page.locator('.stance-picture[data-drawn=true] [data-mark]').first().waitFor();
      await page.locator('[data-swept=true]').waitFor();
      // What came in with the page is shown before it rests.
      await framesIn(page);
      const stillBefore = await drawnIn(page);
      const idle = (await framesIn(page)) / SECONDS;
      const still = (await drawnIn(page)).calls - stillBefore.calls;
      const before = await drawnIn(page);
      await page.getByRole('button', { name: 'Reset view' }).click();
      await page.evaluate(() => new Promise((shown) => requestAnimationFrame(() => requestAnimationFrame(shown))));
      const after = await drawnIn(page);
      await page.getByRole('button', { name: 'Lock to lock' }).click();
      const playing = (await framesIn(page)) / SECONDS;
      const [calls, triangles] = [after.calls - before.calls, after.triangles - before.triangles];
      figures.push(
        { what: name, values: [playing], unit: 'frames a second', digits: 1 },
        { what: '  ratio at rest / playing', values: [idle / playing], digits: 2 },
        {
          what: '  calls, thousand triangles a frame',
          values: [calls, triangles / 1000],
          note: `calls at rest ${still}`,
        },
      );
    }
    return { title: 'a car in three dimensions, lock to lock (software rendering, 1280 × 800)', figures };
  } finally {
    await browser.close();
    await server.stop();
  }
}
