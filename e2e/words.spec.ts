import { neverIn } from '../support/neverWords';
import { demoJob, expect, putOnBench, test, VIEWS } from './bench';

for (const name of ['velder-two', 'pallas-tender'] as const)
  test(`no station of ${name} says a word that the trade does not`, async ({ page }) => {
    const place = await putOnBench(page, demoJob(name), `${name} in words`);
    for (const at of [...VIEWS.map((one) => `${place}/${one}`), '/?search=in+words', '/shelf', '/defaults']) {
      await page.goto(at);
      await page.waitForLoadState('networkidle');
      // Every working is shown.
      if (at.startsWith(place)) await page.keyboard.press('w');
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
