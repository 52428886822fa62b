import { neverIn } from '../support/neverWords';
import { demoJobFitted, expect, putOnBench, saved, show, swept, test, VIEWS } from './bench';

for (const name of ['velder-two', 'pallas-tender'] as const)
  test(`no station of ${name} says a word that the trade does not`, async ({ page }) => {
    const place = await putOnBench(page, demoJobFitted(name), `${name} in words`);
    await page.goto(`${place}/hub`);
    await saved(page);
    // Every working is shown, at each station.
    await page.keyboard.press('w');
    for (const at of [
      ...VIEWS.map((one) => `${place}/${one}`),
      '/?search=in+words',
      '/shelf',
      '/defaults',
      '/how-far-off',
    ]) {
      if (at.startsWith(place)) {
        await show(page, at);
        await swept(page);
      } else {
        await page.goto(at);
        await page.waitForLoadState('networkidle');
      }
      const said = await page.evaluate(() => [
        document.body.innerText,
        ...[...document.querySelectorAll('[aria-label], [title], [placeholder]')].flatMap((element) =>
          ['aria-label', 'title', 'placeholder'].map((key) => element.getAttribute(key) ?? ''),
        ),
        ...[...document.querySelectorAll('svg text')].map((text) => text.textContent ?? ''),
      ]);
      expect(said.length).toBeGreaterThan(20);
      expect([at, ...said.flatMap((text) => text.split('\n')).flatMap(neverIn)]).toEqual([at]);
    }
  });
