import { AXLES } from '#core/job';
import { demoJob, demoJobFitted, expect, putOnBench, show, stands, test, VIEWS } from './bench';
import { expectLaidOut } from './layout';

/** The bench shows 25 on a page. */
const MORE_THAN_A_PAGE = 26;

const CARS = ['velder-two', 'brindle-kite', 'orrin-haul', 'pallas-tender', null] as const;

/** Walks a car through all views, front and rear, at some sizes; the page is the same all the way. */
function walk(sizes: readonly (readonly [number, number])[], touch: boolean) {
  for (const car of CARS)
    test(`${car ?? 'an empty job'}: nothing over anything, nothing cut, nothing out of reach`, async ({ page }) => {
      const job = car
        ? demoJobFitted(car)
        : { ...demoJob('velder-two'), vehicle: { label: 'Bare' }, brief: {}, setups: [] };
      const place = await putOnBench(page, job, 'walked through');
      await page.goto(`${place}/hub`);
      await stands(page);
      let order = sizes;
      for (const view of VIEWS)
        for (const axle of AXLES) {
          await show(page, `${place}/${view}${view.includes('?') ? '&' : '?'}axle=${axle}`);
          // A car in three dimensions takes its time where the processor draws it.
          if (view.startsWith('stance'))
            await expect(page.locator('.stance-picture[data-drawn=true], .empty-station')).toBeVisible();
          for (const [width, height] of order) {
            // To be told its size once more takes a page as long as to be told another.
            if (page.viewportSize()!.width !== width) await page.setViewportSize({ width, height });
            await expectLaidOut(page, `${view}, ${axle}, ${width} wide`, touch);
          }
          // The next one begins at the size that this one ended at.
          order = order.toReversed();
        }
    });
}

/** The pages of the shop, at some sizes. */
function shopWalk(sizes: readonly (readonly [number, number])[], touch: boolean) {
  test('the pages of the shop: nothing over anything, nothing cut, nothing out of reach', async ({ page }) => {
    await putOnBench(page, demoJob('velder-two'), 'a job of a name that takes more than one line on a phone');
    // More than a page of them.
    const bare = { ...demoJob('velder-two'), vehicle: { label: 'Paged' }, brief: {}, setups: [] };
    for (let job = 0; job < MORE_THAN_A_PAGE; job += 1) await putOnBench(page, bare, `paged ${job}`);
    for (const address of [
      '/?search=paged',
      '/',
      '/?search=no+such',
      '/shelf',
      '/shelf?kind=spacer',
      '/price-lists',
      '/defaults',
      '/how-far-off',
    ]) {
      await page.goto(address);
      await page.waitForLoadState('networkidle');
      for (const [width, height] of sizes) {
        await page.setViewportSize({ width, height });
        await expectLaidOut(page, `${address}, ${width} wide`, touch);
      }
    }
  });
}

test.describe('under a finger', () => {
  test.use({ hasTouch: true, isMobile: true, viewport: { width: 390, height: 844 } });
  shopWalk(
    [
      [390, 844],
      [820, 1180],
    ],
    true,
  );
  walk(
    [
      [390, 844],
      [820, 1180],
    ],
    true,
  );
});

// 640 is the width of 1280 at twice its size.
test.describe('at a desk', () => {
  const sizes = [
    [640, 400],
    [1024, 768],
    [1280, 800],
  ] as const;
  shopWalk(sizes, false);
  walk(sizes, false);
});
