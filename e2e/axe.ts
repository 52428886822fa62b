import axe, { type RunOptions } from 'axe-core';
import { expect, type Page } from '@playwright/test';

/** What another table changes: its colors, nothing else. */
const OF_COLOURS = ['color-contrast', 'link-in-text-block'];

/** Nothing fades or moves any more: in the midst of it a color is neither the one nor the other. */
const atRest = (page: Page): Promise<void> =>
  page.waitForFunction(() => document.getAnimations().every(({ playState }) => playState !== 'running')).then(() => {});

/** What axe finds, by rule. It is read into a page once, and stays as long as the page does. */
async function found(page: Page, include: string | undefined, options: RunOptions): Promise<[string, string[]][]> {
  if (!(await page.evaluate(() => 'axe' in window))) await page.evaluate(axe.source);
  return await page.evaluate(
    async ([within, how]) => {
      const { violations } = await (window as unknown as { axe: typeof axe }).axe.run(within ?? document, how);
      return violations.map(({ id, nodes }): [string, string[]] => [id, nodes.map(({ html }) => html)]);
    },
    [include, options] as const,
  );
}

/**
 * Axe finds nothing on the page, or on a part of it.
 * @param rules those that are asked; else all that axe asks by itself
 */
export async function clean(page: Page, include?: string, rules?: string[]): Promise<void> {
  await expect(page.getByRole('tooltip')).toBeHidden();
  await atRest(page);
  // There are no frames, and no styles from elsewhere; what passed is of no interest.
  const options: RunOptions = { resultTypes: ['violations'], iframes: false, preload: false };
  expect(await found(page, include, rules ? { ...options, runOnly: rules } : options)).toEqual([]);
}

/** The same on the dark table, which the page is turned to; the page was gone through on the light one before. */
export async function cleanInTheDark(page: Page): Promise<void> {
  await page.getByRole('button', { name: 'Switch to dark' }).click();
  await expect(page.locator('html')).toHaveAttribute('data-theme', 'dark');
  await page.mouse.move(0, 400);
  await clean(page, undefined, OF_COLOURS);
}
