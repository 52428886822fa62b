import type { Page } from '@playwright/test';
import type { Job } from '#core/job';
import { seededChance } from '#core/uncertainty';
import { clean } from './axe';
import { demoJob, expect, openDemo, putOnBench, saved, test, type } from './bench';

const jobOf = async (page: Page, place: string): Promise<Job> =>
  (await (await page.request.get(`${place}/file`)).json()) as Job;
const EMPTY: Job = { format: 'scoval.job', version: 1, vehicle: { label: 'Phone wagon' }, setups: [] };

test.describe('a phone in the hand', () => {
  test.use({ hasTouch: true, isMobile: true, viewport: { width: 390, height: 844 } });

  const keys = async (page: Page, text: string) => {
    const pad = page.getByRole('group', { name: 'Keypad' });
    for (const key of text)
      await pad.getByRole('button', { name: key === '.' ? 'Decimal point' : key, exact: true }).tap();
  };
  const title = (page: Page) => page.getByRole('heading', { level: 1 });

  test('a walk from an empty car to a corner that is drawn, by keypad alone, while the desk looks on', async ({
    page,
    browser,
    baseURL,
  }) => {
    const place = await putOnBench(page, EMPTY, 'walked');
    const desk = await (
      await browser.newContext({ viewport: { width: 1280, height: 800 }, baseURL: baseURL! })
    ).newPage();
    await desk.goto(`${place}/room`);
    await saved(desk);
    await page.goto(`${place}/measure`);
    await expect(title(page)).toHaveText(/tire size/i);
    await expect(page.getByText(/readings left before a verdict is whole/)).toBeVisible();
    await page.getByRole('textbox', { name: /tire size/i }).fill('205/55R16');
    await page.getByRole('button', { name: 'Take it' }).tap();
    // The size gives the rim's diameter: it is not asked for.
    await expect(title(page)).toHaveText(/rim width/i);
    await keys(page, '7');
    await page.getByRole('button', { name: 'Take it' }).tap();
    await expect(title(page)).toHaveText(/offset/i);
    await keys(page, '45');
    await page.getByRole('button', { name: 'Plus or minus' }).tap();
    await page.getByRole('button', { name: 'Plus or minus' }).tap();
    await page.getByRole('button', { name: 'Take it' }).tap();
    await expect(title(page)).toHaveText('Tuck');
    // Three takes: their mean, with what they differ by.
    for (const take of ['12', '13']) {
      await keys(page, take);
      await page.getByRole('button', { name: 'Take again' }).tap();
    }
    await expect(page.getByText('2 takes: mean 12.5 mm ±1.1 mm, spread 1.0')).toBeVisible();
    // What was begun is there again after a look elsewhere; takes can be dropped.
    await page.getByRole('button', { name: 'Back', exact: true }).tap();
    await expect(title(page)).toHaveText(/offset/i);
    await page
      .getByRole('region', { name: 'Readings, front' })
      .getByRole('button', { name: /^Tuck, right/ })
      .tap();
    await expect(page.getByText('2 takes: mean 12.5 mm ±1.1 mm, spread 1.0')).toBeVisible();
    await page.getByRole('button', { name: 'Drop the takes' }).tap();
    await expect(page.getByText('Not measured yet')).toBeVisible();
    for (const take of ['12', '13']) {
      await keys(page, take);
      await page.getByRole('button', { name: 'Take again' }).tap();
    }
    await keys(page, '12.5');
    await page.getByRole('button', { name: 'Take it' }).tap();
    await expect(title(page)).toHaveText('Inner clearance');
    await keys(page, '99999');
    await page.getByRole('button', { name: 'Take it' }).tap();
    await expect(page.getByRole('alert').first()).toContainText('must be between');
    for (let n = 0; n < 5; n++) await page.getByRole('button', { name: 'Delete the last key' }).tap();
    await keys(page, '24');
    await page.getByRole('button', { name: 'Take it' }).tap();
    await expect(title(page)).toHaveText('Fender clearance');
    await page.getByRole('button', { name: 'Skip …' }).tap();
    await page.getByRole('menuitem', { name: 'Skip: cannot reach' }).tap();
    await expect(title(page)).not.toHaveText('Fender clearance');
    await saved(page);

    await expect(desk.getByRole('textbox', { name: /^Tuck/ })).toHaveValue('12.5');
    await expect(desk.getByRole('textbox', { name: /^Inner clearance/ })).toHaveValue('24.0');
    const job = await jobOf(page, place);
    expect(job.vehicle.front!.baseline).toMatchObject({
      tire: { size: '205/55R16' },
      wheel: { rimDiameterIn: 16, rimWidthIn: 7, offsetMm: 45 },
    });
    const [tuck] = job.vehicle.front!.readings!.filter(({ key }) => key === 'room.outboardGapMm');
    expect(tuck).toMatchObject({ value: 12.5, instrument: 'steel-rule' });
    expect(tuck!.uncertaintyMm).toBeCloseTo(Math.hypot(0.5, (2 * 0.5) / Math.sqrt(3)), 6);
    expect(job.notes).toMatchObject([
      {
        text: 'Fender clearance, front: cannot reach',
        about: { station: 'room', axle: 'front', corner: 'frontRight' },
      },
    ]);
    await desk.context().close();
  });

  test('a card from the list, a part in its pose, a reading taken back; there again after a reload', async ({
    page,
  }) => {
    const place = await openDemo(page, 'brindle-kite', 'measure');
    await expect(page.getByText(/^Everything a verdict waits for is measured/)).toBeVisible();
    const list = page.getByRole('region', { name: 'Readings, front' });
    await list.getByRole('button', { name: /^Gap to the liner/ }).tap();
    await expect(title(page)).toHaveText('Gap to the liner');
    await expect(page.getByText('Steer to the lock at which the leading edge of this wheel turns in.')).toBeVisible();
    await expect(page.getByText('Now 19.0 mm')).toBeVisible();
    await keys(page, '18.5');
    await page.getByRole('button', { name: 'Take it' }).tap();
    await saved(page);
    const linerOf = async () =>
      (await jobOf(page, place)).vehicle.front!.obstacles!.find(({ kind }) => kind === 'liner')!.gap!.gapMm;
    expect(await linerOf()).toBe(18.5);
    await page.getByRole('button', { name: 'Undo' }).tap();
    await saved(page);
    expect(await linerOf()).toBe(19);
    await list.getByRole('button', { name: /^Center bore/ }).tap();
    await page.reload();
    await expect(title(page)).toHaveText(/center bore/i);
    await page.getByRole('link', { name: 'Done' }).tap();
    await expect(page).toHaveURL(/\/hub/);
  });

  test('in sunlight and gloves: contrast of 7 to 1, nothing to hit smaller than 56 px, in light and dark', async ({
    page,
  }) => {
    await openDemo(page, 'brindle-kite', 'measure');
    for (const scheme of ['light', 'dark'] as const) {
      await page.emulateMedia({ colorScheme: scheme });
      await clean(page, '.measure');
      await clean(page, '.measure', ['color-contrast-enhanced']);
    }
    const small = await page
      .locator('.measure :is(button, a, input, select)')
      .evaluateAll((all) =>
        all
          .filter((one) => one.getClientRects().length > 0 && one.getBoundingClientRect().height < 56)
          .map((one) => `${one.tagName} ${one.textContent} ${one.getBoundingClientRect().height}`),
      );
    expect(small).toEqual([]);
  });
});

test('at a desk the walk goes by keyboard: figures, Enter from reading to reading; inches in sixteenths', async ({
  page,
}) => {
  const job = demoJob('velder-two');
  const place = await putOnBench(
    page,
    { ...EMPTY, vehicle: { ...EMPTY.vehicle, front: { baseline: job.vehicle.front!.baseline! } } },
    'keys',
  );
  await page.goto(`${place}/measure`);
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Tuck');
  for (const text of ['14', '22', '70']) {
    await page.keyboard.type(text);
    await page.keyboard.press('Enter');
  }
  await saved(page);
  expect((await jobOf(page, place)).vehicle.front!.room).toEqual({
    outboardGapMm: 14,
    inboardGapMm: 22,
    archGapMm: 70,
  });
  await page.goto(`${place}/measure?card=front.room.archGapMm`);
  await page.getByRole('radiogroup', { name: 'Unit of all lengths' }).getByText('1⁄16').click();
  const pad = page.getByRole('group', { name: 'Keypad' });
  for (const key of ['2', '3/16', '5/8']) await pad.getByRole('button', { name: key, exact: true }).click();
  await expect(page.getByRole('textbox', { name: 'Fender clearance in' })).toHaveValue('2 5/8');
  await page.getByRole('button', { name: 'Take it' }).click();
  await saved(page);
  expect((await jobOf(page, place)).vehicle.front!.room!.archGapMm).toBeCloseTo(2.625 * 25.4, 9);
});

/** Every card of a walk with the value it has, as its list shows them. */
const listed = (page: Page): Promise<Record<string, string>> =>
  page.locator('.walk-list').evaluateAll((lists) =>
    Object.fromEntries(
      lists.flatMap((list, axle) =>
        [...list.querySelectorAll('button')].map((button) => {
          const [name, value] = [...button.querySelectorAll('span')].map((span) => span.textContent);
          return [`${axle} ${name}`, value!];
        }),
      ),
    ),
  );

for (const seed of [23])
  test(`a whole walk by touch with the network cut at random (seed ${seed}), and a desk that edits meanwhile`, async ({
    page: desk,
    browser,
    baseURL,
  }) => {
    const chance = seededChance(seed);
    const { vehicle } = demoJob('velder-two');
    const axle = (name: 'front' | 'rear') => ({ baseline: vehicle[name]!.baseline! });
    const car = { ...EMPTY, vehicle: { ...EMPTY.vehicle, front: axle('front'), rear: axle('rear') } };
    const place = await putOnBench(desk, car, `cut ${seed}`);
    await desk.goto(`${place}/room`);
    await saved(desk);
    const held = await browser.newContext({
      baseURL: baseURL!,
      hasTouch: true,
      isMobile: true,
      viewport: { width: 390, height: 844 },
    });
    const phone = await held.newPage();
    await phone.goto(`${place}/measure`);
    await saved(phone);
    const apply = phone.getByRole('button', { name: 'Apply my edits on top' });
    // Whatever the desk has saved meanwhile: what was read at the car goes on top of it.
    await phone.addLocatorHandler(apply, () => apply.tap());
    const pad = phone.getByRole('group', { name: 'Keypad' });
    const name = async () => {
      const [where, title] = await Promise.all([
        phone.locator('.measure-place').textContent(),
        phone.getByRole('heading', { level: 1 }).textContent(),
      ]);
      const [corner] = where!.split(' · ');
      const side = /left|right/.exec(corner!)?.[0];
      return `${corner!.startsWith('Front') ? 0 : 1} ${title}${side ? `, ${side}` : ''}`;
    };
    const typed: Record<string, string> = {};
    let isAway = true;
    await held.setOffline(isAway);
    for (let at = 0; at < 22; at++) {
      const card = await name();
      const value = /Lug count/.test(card)
        ? '5'
        : /Bolt circle/.test(card)
          ? '112'
          : /bore/.test(card)
            ? '66.5'
            : String(10 + at + Math.floor(chance() * 10) / 10);
      for (const key of value)
        await pad.getByRole('button', { name: key === '.' ? 'Decimal point' : key, exact: true }).tap();
      await phone.getByRole('button', { name: 'Take it' }).tap();
      await expect.poll(name).not.toBe(card);
      typed[card] = /Lug count/.test(card) ? value : Number(value).toFixed(1);
      // The same reading on the desk, while the phone is away; and one that nobody walks to.
      if (at === 0) {
        await type(desk.getByRole('textbox', { name: /^Tuck/ }), '5');
        await saved(desk);
      } else if (chance() < 0.2) {
        await type(desk.getByRole('textbox', { name: /^Ground clearance/ }), String(100 + at));
        await saved(desk);
        typed['0 Ground clearance, right'] = `${100 + at}.0`;
      }
      if (chance() < 0.4) {
        isAway = !isAway;
        await held.setOffline(isAway);
      }
      // Now and then somebody looks whether it has gone through.
      if (!isAway && chance() < 0.4) await saved(phone);
    }
    await held.setOffline(false);
    await saved(phone);
    const read = (all: Record<string, string>) =>
      Object.fromEntries(Object.keys(typed).map((card) => [card, all[card]]));
    expect(read(await listed(phone))).toEqual(typed);
    await desk.goto(`${place}/measure`);
    await saved(desk);
    expect(await listed(desk)).toEqual(await listed(phone));
    // Each once, in the order in which they were typed.
    const { vehicle: now } = await jobOf(desk, place);
    const tuck = now.front!.readings!.filter(({ key }) => key === 'room.outboardGapMm').map((one) => one.value);
    expect(tuck).toEqual([5, Number(Object.values(typed)[0])]);
    for (const corner of ['front', 'rear'] as const) {
      const history = (now[corner]!.readings ?? []).filter(({ key }) => key !== 'room.groundClearanceMm');
      const keys = history.map(({ key }) => key);
      expect(new Set(keys).size).toBe(corner === 'front' ? keys.length - 1 : keys.length);
    }
    await held.close();
  });
