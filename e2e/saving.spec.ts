import type { Job } from '#core/job';
import { clean } from './axe';
import { deafen, demoJob, expect, openDemo, putOnBench, saved, send, test, type } from './bench';

test('two tabs: the second is told what changed and puts its edit on top', async ({ page, context }) => {
  const place = await openDemo(page, 'brindle-kite', 'room');
  const other = await context.newPage();
  await Promise.all([deafen(page), deafen(other)]);
  await page.reload();
  await other.goto(`${place}/room`);
  await saved(page);
  await saved(other);
  await type(page.getByRole('textbox', { name: /^Tuck/ }), '12');
  await type(page.getByRole('textbox', { name: /^Fender clearance/ }), '66');
  await saved(page);
  await expect(page.getByRole('button', { name: 'Undo' })).toBeEnabled();
  await type(other.getByRole('textbox', { name: /^Tuck/ }), '11');
  const dialog = other.getByRole('dialog');
  await expect(dialog).toContainText('front · tuck: 14.0 mm → 12.0 mm you changed this too');
  await expect(dialog).toContainText('front · fender clearance: 70.0 mm → 66.0 mm');
  await expect(dialog).toContainText('front · tuck: 11.0 mm');
  await dialog.getByRole('button', { name: 'Apply my edits on top' }).click();
  await saved(other);
  await expect(other.getByRole('textbox', { name: /^Tuck/ })).toHaveValue('11.0');
  await expect(other.getByRole('textbox', { name: /^Fender clearance/ })).toHaveValue('66.0');
  // Now the first tab is the one behind: at a place of its own nobody is asked.
  await type(page.getByRole('textbox', { name: /^Inner clearance/ }), '30');
  await saved(page);
  await expect(page.getByRole('textbox', { name: /^Tuck/ })).toHaveValue('11.0');
  await expect(page.getByRole('textbox', { name: /^Inner clearance/ })).toHaveValue('30.0');
  // And the second one, at the same place, lets its own edit go.
  await type(other.getByRole('textbox', { name: /^Inner clearance/ }), '25');
  await dialog.getByRole('button', { name: 'Discard my edits' }).click();
  await expect(other.getByRole('textbox', { name: /^Inner clearance/ })).toHaveValue('30.0');
  await saved(page);
});

test.describe(() => {
  test.use({ hasTouch: true });

  for (const [by, mine] of [
    ['mouse', '11'],
    ['finger', '12'],
    ['key', '13'],
  ] as const)
    test(`what was changed elsewhere waits for the hand: a figure that is begun by ${by} is typed to its end`, async ({
      page,
      context,
    }) => {
      const place = await openDemo(page, 'brindle-kite', 'room');
      const other = await context.newPage();
      await other.goto(`${place}/room`);
      await page.goto(`${place}/measure?card=front.room.outboardGapMm`);
      await Promise.all([saved(page), saved(other)]);
      const entry = page.locator('.measure-entry input');
      const pad = page.getByRole('group', { name: 'Keypad' });
      let send = () => {};
      const held = new Promise<void>((resolve) => (send = resolve));
      await page.route('**/jobs/*.data*', async (route) => {
        if (route.request().method() === 'POST') await held;
        await route.continue();
      });
      await entry.fill(mine);
      await entry.press('Enter');
      await expect(page.getByText('Saving', { exact: true })).toBeVisible();
      await type(other.getByRole('textbox', { name: /^Tuck/ }), '20');
      await saved(other);

      const [point, six] = await Promise.all(
        ['Decimal point', '6'].map(
          async (name) => (await pad.getByRole('button', { name, exact: true }).boundingBox())!,
        ),
      );
      const touch = await context.newCDPSession(page);
      const press = async ({ x, y }: { x: number; y: number }) => {
        if (by === 'mouse') {
          await page.mouse.move(x + 9, y + 9);
          await page.mouse.down();
        } else
          await touch.send('Input.dispatchTouchEvent', { type: 'touchStart', touchPoints: [{ x: x + 9, y: y + 9 }] });
      };
      const lift = () =>
        by === 'mouse'
          ? page.mouse.up()
          : touch.send('Input.dispatchTouchEvent', { type: 'touchEnd', touchPoints: [] });
      const said = page.getByText('Not saved: changed elsewhere');
      if (by === 'key') {
        await entry.press('1');
        send();
        for (let last = Date.now(); !(await said.isVisible()) && Date.now() - last < 60_000;)
          await entry.press('Shift');
        await entry.press('.');
        await entry.press('6');
      } else {
        await pad.getByRole('button', { name: '1', exact: true }).click();
        await press(point!);
        send();
        await expect(said).toBeVisible();
        // It waits as long as something is held.
        await page.evaluate(() => new Promise((resolve) => setTimeout(resolve, 1500)));
        await lift();
        await press(six!);
        await expect(entry).toHaveValue('1.');
        await lift();
      }
      await expect(entry).toHaveValue('1.6');
      await page.getByRole('button', { name: 'Apply my edits on top' }).click();
      await saved(page);
      await expect(entry).toHaveValue('1.6');
    });

  test('a finger that is lifted over a dialog has pressed what it touched', async ({ page, context }) => {
    await openDemo(page, 'brindle-kite', 'measure');
    await saved(page);
    const { x, y } = (await page.getByRole('button', { name: '7', exact: true }).boundingBox())!;
    const touch = await context.newCDPSession(page);
    await touch.send('Input.dispatchTouchEvent', { type: 'touchStart', touchPoints: [{ x: x + 9, y: y + 9 }] });
    await page.evaluate(() => {
      const dialog = document.body.appendChild(document.createElement('dialog'));
      dialog.showModal();
    });
    await touch.send('Input.dispatchTouchEvent', { type: 'touchEnd', touchPoints: [] });
    await expect(page.locator('.measure-entry input')).toHaveValue('7');
  });
});

test.describe(() => {
  test.use({ allowed: [/Failed to load resource|net::ERR/] });

  test('a save that fails keeps what was typed and goes through later', async ({ page }) => {
    await openDemo(page, 'brindle-kite', 'room');
    // A press lets it through: it tries again by itself meanwhile, and the button would be gone.
    let pressed = false;
    await page.exposeFunction('pressed', () => (pressed = true));
    await page.route('**/jobs/*.data*', (route) =>
      route.request().method() === 'POST' && !pressed ? route.abort() : route.continue(),
    );
    const gap = page.getByRole('textbox', { name: /^Tuck/ });
    await type(gap, '11.5');
    await expect(page.getByText(/Not saved: no answer/)).toBeVisible();
    await expect(gap).toHaveValue('11.5');
    await page.getByRole('link', { name: /Setups/ }).click();
    await expect(page.locator('[data-row="fender"]')).toContainText('6.2 tuck');
    await page.evaluate(() => document.addEventListener('click', () => Reflect.get(window, 'pressed')(), true));
    await page.getByRole('button', { name: 'Try now' }).click();
    await saved(page);
    await page.reload();
    await expect(page.locator('[data-row="fender"]')).toContainText('6.2 tuck');
  });

  test('edits that could not be saved outlive a reload', async ({ page }) => {
    await openDemo(page, 'brindle-kite', 'room');
    await page.route('**/jobs/*.data*', (route) =>
      route.request().method() === 'POST' ? route.abort() : route.continue(),
    );
    await type(page.getByRole('textbox', { name: /^Tuck/ }), '10.5');
    await expect(page.getByText(/Not saved: no answer/)).toBeVisible();
    await page.unroute('**/jobs/*.data*');
    await page.reload();
    await expect(page.getByRole('textbox', { name: /^Tuck/ })).toHaveValue('10.5');
    await saved(page);
    await expect(page.getByRole('button', { name: 'Undo' })).toBeEnabled();
  });

  test('ten readings away from the network, a reload, and back: all ten are there once, in their order', async ({
    page,
    context,
  }) => {
    const place = await openDemo(page, 'brindle-kite', 'room');
    const readings = async () => {
      const job = (await (await page.request.get(`${place}/file`)).json()) as Job;
      return (job.vehicle.front!.readings ?? []).slice(before.length).map(({ key, value }) => [key, value]);
    };
    const before = ((await (await page.request.get(`${place}/file`)).json()) as Job).vehicle.front!.readings ?? [];
    await context.setOffline(true);
    const fields = { outboardGapMm: /^Tuck/, inboardGapMm: /^Inner clearance/, archGapMm: /^Fender clearance/ };
    const taken: [string, number][] = [];
    for (let at = 0; at < 10; at++) {
      const [key, name] = Object.entries(fields)[at % 3]!;
      await type(page.getByRole('textbox', { name }), String(20 + at));
      taken.push([`room.${key}`, 20 + at]);
      await expect(page.getByText(/^Saving$|^Not saved/)).toBeVisible();
    }
    await expect(page.getByText(/Not saved: no answer/)).toBeVisible();
    expect(await readings()).toEqual([]);
    // A reload fetches the page; saves still find no way.
    await page.route('**/jobs/*.data*', (route) => (route.request().method() === 'POST' ? route.abort() : undefined));
    await context.setOffline(false);
    await page.reload();
    await expect(page.getByRole('textbox', { name: /^Tuck/ })).toHaveValue('29.0');
    await page.unroute('**/jobs/*.data*');
    await saved(page);
    expect(await readings()).toEqual(taken);
  });

  test('a browser without room says so before anything is typed', async ({ page }) => {
    await page.addInitScript(() => {
      Storage.prototype.setItem = () => {
        throw new DOMException('no room', 'QuotaExceededError');
      };
    });
    await openDemo(page, 'brindle-kite', 'room');
    await expect(page.getByText('This browser has no room for unsaved readings')).toBeVisible();
    await type(page.getByRole('textbox', { name: /^Tuck/ }), '10.5');
    await saved(page);
    await clean(page, '.strip');
  });
});

test('a reading counts with its tool before the save is answered; the answer stays small', async ({ page }) => {
  const job = demoJob('brindle-kite');
  for (const corner of ['front', 'rear'] as const)
    job.vehicle[corner]!.readings = Array.from({ length: 5000 }, (_, at) => ({
      key: 'room.archGapMm',
      value: 60 + (at % 10),
      instrument: 'steel-rule',
      uncertaintyMm: 0.5,
      takenAt: '2026-03-01T09:30:00.000Z',
    }));
  await page.goto(`${await putOnBench(page, job, 'ten thousand readings')}/room`);
  await saved(page);
  let answer = () => {};
  const held = new Promise<void>((resolve) => (answer = resolve));
  let told = (_answer: string) => {};
  const answered = new Promise<string>((resolve) => (told = resolve));
  await page.route('**/jobs/*.data*', async (route) => {
    if (route.request().method() !== 'POST') return route.continue();
    await held;
    const response = await route.fetch();
    told(await response.text());
    await route.fulfill({ response });
  });
  const row = page.getByRole('complementary', { name: 'Readings' }).getByRole('button', { name: /Tuck/ });
  await type(page.getByRole('textbox', { name: /^Tuck/ }), '13');
  await expect(row).toContainText('steel rule, ±0.5 mm');
  answer();
  expect((await answered).length).toBeLessThan(1000);
  await saved(page);
  await expect(row).toContainText('steel rule, ±0.5 mm');
});

test('nonsense sent past the page is refused and changes nothing', async ({ page }) => {
  const place = await openDemo(page, 'brindle-kite', 'room');
  const sent = async (data: unknown) => (await send(page, `${place}.data`, data as object)).text();
  expect(
    await sent({ intent: 'edit', revision: 1, edits: [{ op: 'set', path: ['vehicle', 'wings'], value: 2 }] }),
  ).toContain('is not a known field');
  expect(await sent({ intent: 'edit', revision: 1, edits: 'all' })).toContain('must be a list');
  expect(await sent({ intent: 'paint', revision: 1 })).toContain('must be one of');
  expect(await sent([])).toContain('must be an object');
  await page.reload();
  await expect(page.getByRole('button', { name: 'Undo' })).toBeDisabled();
});
