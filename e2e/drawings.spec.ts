import type { CDPSession, Page } from '@playwright/test';
import { clean } from './axe';
import { expect, openDemo, show, swept, test } from './bench';

/** Two fingers on a place of the page, moved apart by a factor. */
async function pinch(client: CDPSession, [x, y]: [number, number], from: number, to: number): Promise<void> {
  const fingers = (apart: number) => [
    { x: x - apart / 2, y, id: 1 },
    { x: x + apart / 2, y, id: 2 },
  ];
  await client.send('Input.dispatchTouchEvent', { type: 'touchStart', touchPoints: fingers(from) });
  for (let step = 1; step <= 5; step += 1)
    await client.send('Input.dispatchTouchEvent', {
      type: 'touchMove',
      touchPoints: fingers(from + ((to - from) * step) / 5),
    });
  await client.send('Input.dispatchTouchEvent', { type: 'touchEnd', touchPoints: [] });
}

async function drag(client: CDPSession, [x, y]: [number, number], [right, down]: [number, number]): Promise<void> {
  const finger = (share: number) => [{ x: x + right * share, y: y + down * share, id: 1 }];
  await client.send('Input.dispatchTouchEvent', { type: 'touchStart', touchPoints: finger(0) });
  for (const share of [0.3, 0.7, 1])
    await client.send('Input.dispatchTouchEvent', { type: 'touchMove', touchPoints: finger(share) });
  await client.send('Input.dispatchTouchEvent', { type: 'touchEnd', touchPoints: [] });
}

/** A place on the first drawing where nothing is that has a drag of its own. */
const freePlace = (page: Page): Promise<[number, number]> =>
  page
    .locator('.drawing')
    .first()
    .evaluate((svg) => {
      const { left, top, height } = svg.getBoundingClientRect();
      for (let share = 0.05; share < 1; share += 0.05) {
        const [x, y] = [left + 30, Math.min(top + height * share, innerHeight - 80)];
        const hit = document.elementFromPoint(x, y);
        if (hit && svg.contains(hit) && !hit.closest('[data-drag]')) return [x, y] as [number, number];
      }
      throw new Error('no free place on the drawing');
    });

const sight = (page: Page, nth = 0) => page.locator('.drawing [data-sight]').nth(nth);
/** How a drawing is enlarged and moved: factor, right, down. */
const seen = async (page: Page, nth = 0): Promise<[number, number, number]> => {
  const at = (await sight(page, nth).getAttribute('transform')) ?? 'translate(0 0) scale(1)';
  const [x, y, k] = at.match(/-?[\d.]+/g)!.map(Number) as [number, number, number];
  return [k, x, y];
};

test.describe('under two fingers', () => {
  test.use({ hasTouch: true, isMobile: true, viewport: { width: 390, height: 844 } });
  for (const view of ['hub', 'room', 'brakes', 'setups', 'setups?view=hardware', 'setups?view=tire', 'sweep', 'window'])
    test(`${view}: the drawing comes closer, is dragged, and is whole again`, async ({ page }) => {
      await openDemo(page, 'brindle-kite', view);
      await swept(page);
      const drawing = page.locator('.drawing').first();
      await drawing.scrollIntoViewIfNeeded();
      const client = await page.context().newCDPSession(page);
      const box = (await drawing.boundingBox())!;
      // Where nothing is that has a drag of its own.
      const middle: [number, number] = [box.x + box.width * 0.5, box.y + box.height * 0.08 + 30];
      const before = page.url();
      await expect(async () => {
        await pinch(client, middle, 60, 150);
        expect((await seen(page))[0]).toBeGreaterThan(1.5);
      }).toPass();
      const [k, x, y] = await seen(page);
      await drag(client, await freePlace(page), [40, 0]);
      const moved = await seen(page);
      expect(moved[0]).toBeCloseTo(k, 6);
      expect(moved[1]).toBeGreaterThan(x);
      expect(moved[2]).toBeCloseTo(y, 6);
      const tools = page.getByRole('group', { name: 'Size of the drawing' }).first();
      await tools.getByRole('button', { name: 'Whole drawing' }).tap();
      expect(await seen(page)).toEqual([1, 0, 0]);
      await expect(tools).toHaveCSS('opacity', '0');
      expect(page.url()).toBe(before);
    });
});

test('closer by keyboard: arrows move it, a field out of sight brings the whole back', async ({ page }) => {
  await openDemo(page, 'velder-two', 'room');
  const closer = page.getByRole('button', { name: 'Closer' });
  await closer.focus();
  await expect(async () => {
    await page.keyboard.press('Enter');
    expect((await seen(page))[0]).toBeGreaterThan(2);
  }).toPass();
  const [, x] = await seen(page);
  await page.keyboard.press('ArrowRight');
  expect((await seen(page))[1]).toBeLessThan(x);
  await page.keyboard.press('1');
  await expect(page).toHaveURL(/hub/);
  await page.keyboard.press('2');
  await expect(page).toHaveURL(/room/);
  await expect(page.getByRole('textbox', { name: /^Offset/ })).toBeVisible();
  await closer.focus();
  await expect(async () => {
    await page.keyboard.press('Enter');
    expect((await seen(page))[0]).toBeGreaterThan(4);
  }).toPass();
  await page.locator('.sheet-slot.is-off').first().getByRole('textbox').first().focus();
  await expect(sight(page)).not.toHaveAttribute('transform');
  await expect(page.locator('.sheet-slot.is-off')).toHaveCount(0);
});

test('the wheel with Ctrl enlarges at the pointer, and what is pointed at stays the place it was', async ({ page }) => {
  await openDemo(page, 'brindle-kite', 'room?view=parts');
  const side = page.locator('.view-side svg');
  const box = (await side.boundingBox())!;
  const [x, y] = [box.x + box.width * 0.7, box.y + box.height * 0.2];
  await page.mouse.move(x, y);
  await page.keyboard.down('Control');
  await expect(async () => {
    await page.mouse.wheel(0, -30);
    expect((await seen(page, 1))[0]).toBeGreaterThan(1.2);
  }).toPass();
  await page.keyboard.up('Control');
  const on = await side.evaluate(
    (svg, [clientX, clientY]) => {
      const at = (element: SVGGraphicsElement) =>
        new DOMPoint(clientX, clientY).matrixTransform(element.getScreenCTM()!.inverse());
      const [sheet, drawn] = [at(svg as SVGSVGElement), at(svg.querySelector('[data-sight]') as SVGGElement)];
      return [drawn.x - sheet.x, drawn.y - sheet.y];
    },
    [x, y] as const,
  );
  expect(Math.hypot(...on)).toBeLessThan(1);
  // Without Ctrl the wheel scrolls what it is over.
  const before = await seen(page, 1);
  await page.mouse.wheel(0, -120);
  expect(await seen(page, 1)).toEqual(before);
});

test.describe('colors of the system', () => {
  test.use({ contextOptions: { forcedColors: 'active' } });
  test('lines and letters stand out on its paper, and what is chosen has an edge', async ({ page }) => {
    const place = await openDemo(page, 'velder-two', 'setups');
    for (const view of ['setups', 'sweep', 'window']) {
      await show(page, `${place}/${view}`);
      await swept(page);
      const faint = await page.evaluate(() => {
        const canvas = getComputedStyle(document.documentElement).getPropertyValue('--sheet');
        const shade = (element: Element) => getComputedStyle(element).stroke;
        return [canvas, ...[...document.querySelectorAll('.drawing .tire, .map-limit, .window-span')].map(shade)];
      });
      expect(faint[0]).toBe('Canvas');
      expect(faint.slice(1)).not.toContain('rgb(255, 255, 255)');
      const chosen = page.locator('.segment:has(:checked)').first();
      await expect(chosen).toHaveCSS('outline-style', 'solid');
      await clean(page);
    }
  });
});
