import type { Page } from '@playwright/test';
import type { Job } from '#core/job';
import { clean } from './axe';
import { pick, demoJob, expect, openDemo, putOnBench, saved, send, swept, test, type } from './bench';

const tuck = /^Tuck/;
const panelOf = (page: Page) => page.getByRole('complementary', { name: 'Instruments' });
const readings = (page: Page) => page.getByRole('complementary', { name: 'Readings' });

const LINE = { baudRate: 9600, dataBits: 8, stopBits: 1, parity: 'none', pattern: null, unit: 'mm', port: null };
/** Adds an instrument past the page. */
const added = async (page: Page, name: string, more: object) => {
  const instrument = {
    name,
    kind: 'caliper',
    plusMinus: 0.02,
    calibratedOn: '2026-03-01',
    everyMonths: 12,
    connection: 'serial',
    line: LINE,
    ...more,
  };
  const answer = await send(page, '/instruments.json', { intent: 'save', id: null, instrument });
  expect(await answer.json()).toEqual({ intent: 'save', faults: [] });
};

test('the shop’s instruments: added, tried, changed, taken off; an overdue calibration says so', async ({ page }) => {
  await page.goto('/instruments');
  await page.getByRole('button', { name: 'Add an instrument' }).click();
  const dialog = page.getByRole('dialog', { name: 'Instrument, new' });
  await dialog.getByRole('button', { name: 'Add' }).click();
  await expect(dialog.getByText('needs a name')).toBeVisible();
  await dialog.getByRole('textbox', { name: 'Name' }).fill('bench caliper');
  await dialog.getByRole('textbox', { name: /^±/ }).fill('twenty');
  await dialog.getByRole('textbox', { name: 'Calibrate every, months' }).fill('6.5');
  await expect(dialog.getByText('“twenty” is not a number')).toBeVisible();
  await dialog.getByRole('textbox', { name: /^±/ }).fill('0.03');
  await expect(dialog.getByText('must be a whole number')).toBeVisible();
  await dialog.getByRole('textbox', { name: 'Calibrate every, months' }).fill('6');
  await dialog.getByLabel('Calibrated on').fill('2020-01-31');
  await pick(dialog.getByRole('combobox', { name: 'Readings come in' }), 'over a serial port');
  const tried = dialog.getByRole('textbox', { name: 'Try a line' });
  await tried.fill('01A+00012.34');
  await expect(dialog.getByText('reads 12.3 mm')).toBeVisible();
  await dialog.getByRole('textbox', { name: 'Line pattern' }).fill('02A{value}');
  await expect(dialog.getByText('“01A+00012.34” is no reading')).toBeVisible();
  await clean(page, 'dialog');
  await dialog.getByRole('button', { name: 'Add' }).click();
  const row = page.getByRole('row', { name: /bench caliper/ });
  await expect(row).toContainText('0.03 mm');
  await expect(row).toContainText('overdue since 31 Jul 2020');
  await clean(page);
  // Two of one name could not be told apart.
  await page.getByRole('button', { name: 'Add an instrument' }).click();
  await dialog.getByRole('textbox', { name: 'Name' }).fill('bench caliper');
  await dialog.getByRole('textbox', { name: 'Name' }).press('Enter');
  await expect(dialog.getByText('there is one of this name already')).toBeVisible();
  await dialog.getByRole('button', { name: 'Cancel' }).click();
  await page.goto('/defaults');
  await expect(page.getByText(/^Calibration overdue: .*bench caliper/)).toBeVisible();
  await page.getByRole('link', { name: 'Instruments' }).click();
  await page.getByRole('button', { name: 'Change bench caliper' }).click();
  const change = page.getByRole('dialog', { name: 'bench caliper' });
  await expect(change.getByRole('textbox', { name: 'Line pattern' })).toHaveValue('02A{value}');
  await change.getByLabel('Calibrated on').fill('2090-01-31');
  await change.getByRole('button', { name: 'Save' }).click();
  await expect(row).toContainText('31 Jul 2090');
  await page.getByRole('button', { name: 'Delete bench caliper' }).click();
  await expect(row).toHaveCount(0);
});

test('a simulated gauge writes into the field in hand, moved or by a script; nonsense is said', async ({ page }) => {
  await openDemo(page, 'brindle-kite', 'room');
  await saved(page);
  await page.getByRole('button', { name: 'Connect an instrument' }).click();
  const panel = panelOf(page);
  await panel.getByRole('button', { name: 'Connect simulated gauge' }).click();
  await expect(panel.getByText('Click the field to measure.')).toBeVisible();
  await clean(page, 'aside[aria-label=Instruments]');
  await page.getByRole('textbox', { name: tuck }).click();
  await expect(panel.getByText('Goes into: Tuck')).toBeVisible();
  await panel.getByRole('slider', { name: 'Jaws' }).focus();
  await panel.getByRole('textbox', { name: /^Jaws at/ }).fill('12.3');
  await panel.getByRole('textbox', { name: /^Jaws at/ }).press('Enter');
  await panel.getByRole('button', { name: 'Send' }).click();
  await expect(page.getByRole('textbox', { name: tuck })).toHaveValue('12.3');
  await expect(panel.getByText('12.30 mm: Tuck')).toBeVisible();
  await saved(page);
  await expect(readings(page).getByRole('button', { name: /^Tuck/ })).toContainText('simulated gauge, ±0.02 mm');
  await expect(page.getByLabel('Readings are taken with').locator(':checked')).toHaveText('simulated gauge, ±0.02 mm');

  // A script, as a real one sends: another unit, nonsense, unplugged in the middle.
  await page.getByRole('textbox', { name: tuck }).click();
  await panel.getByText('Play a script').click();
  const script = panel.getByRole('textbox', { name: 'A line as a gauge sends it; unplug and plug' });
  await script.fill('55 Nm');
  await panel.getByRole('button', { name: 'Play' }).click();
  await expect(panel.getByText('55 Nm: no field in hand takes a torque')).toBeVisible();
  await script.fill('Err 05');
  await panel.getByRole('button', { name: 'Play' }).click();
  await expect(panel.getByText('“Err 05” is no reading')).toBeVisible();
  await script.fill('99999 mm');
  await panel.getByRole('button', { name: 'Play' }).click();
  await expect(panel.getByText('99999 mm: Tuck does not take it')).toBeVisible();
  await expect(page.getByText(/is outside/)).toBeVisible();
  await script.fill('0.5 in\nunplug');
  await panel.getByRole('button', { name: 'Play' }).click();
  await expect(panel.getByText('Unplugged: type the reading, or plug it in and connect it again.')).toBeVisible();
  await expect(page.getByRole('textbox', { name: tuck })).toHaveValue('12.7');
  await expect(panel.getByRole('button', { name: 'Send' })).toBeDisabled();
  // The typed way stays.
  await type(page.getByRole('textbox', { name: tuck }), '14.0');
  await saved(page);
  await expect(page.getByRole('textbox', { name: tuck })).toHaveValue('14.0');
  await panel.getByRole('button', { name: 'Disconnect' }).click();
  await panel.getByRole('button', { name: 'Close the instruments' }).click();
  await expect(panel).toHaveCount(0);
});

/** A browser with a port whose device is told from outside what to send. */
const withPort = (page: Page) =>
  page.addInitScript(() => {
    let into: ReadableStreamDefaultController<Uint8Array> | undefined;
    const port = {
      readable: null as ReadableStream<Uint8Array> | null,
      open() {
        port.readable = new ReadableStream({ start: (controller) => void (into = controller) });
        return Promise.resolve();
      },
      close: () => Promise.resolve(),
      getInfo: () => ({ usbVendorId: 1, usbProductId: 2 }),
    };
    Object.assign(window, {
      sendPiece: (text: string) => into!.enqueue(new TextEncoder().encode(text)),
      unplug() {
        port.readable = null;
        into!.error(new Error('the device is lost'));
      },
    });
    let isKnown = false;
    const serial = {
      getPorts: () => Promise.resolve(isKnown ? [port] : []),
      requestPort() {
        isKnown = true;
        return Promise.resolve(port);
      },
    };
    Object.defineProperty(navigator, 'serial', { value: serial });
  });
const sendPiece = (page: Page, text: string) =>
  page.evaluate((piece) => (window as unknown as { sendPiece(text: string): void }).sendPiece(piece), text);

test('a gauge at a serial port: torn lines, its name and calibration with the reading, unplugged', async ({ page }) => {
  await withPort(page);
  await added(page, 'depth gauge 7', { calibratedOn: '2020-05-01' });
  const place = await openDemo(page, 'brindle-kite', 'room');
  await saved(page);
  await page.getByRole('button', { name: 'Connect an instrument' }).click();
  const panel = panelOf(page);
  await panel.getByRole('button', { name: 'Connect depth gauge 7' }).click();
  await expect(panel.getByText('Calibration overdue since 2021-05-01: its readings will say so.')).toBeVisible();
  await page.getByRole('textbox', { name: tuck }).click();
  for (const piece of ['01A+0', '0011', '.5', '0\r', '\n']) await sendPiece(page, piece);
  await expect(page.getByRole('textbox', { name: tuck })).toHaveValue('11.5');
  await saved(page);
  await expect(readings(page).getByRole('button', { name: /^Tuck/ })).toContainText(
    'depth gauge 7, calibration overdue since 2021-05-01, ±0.02 mm',
  );
  const job = (await (await page.request.get(`${place}/file`)).json()) as Job;
  expect(job.vehicle.front!.readings!.at(-1)).toMatchObject({
    key: 'room.outboardGapMm',
    value: 11.5,
    uncertaintyMm: 0.02,
    instrument: 'caliper',
    shopInstrument: { name: 'depth gauge 7', calibratedOn: '2020-05-01', dueOn: '2021-05-01' },
  });
  // Which port it has is kept with the instrument.
  const kept = (await (await page.request.get('/instruments.json')).json()) as { name: string; line: object }[];
  expect(kept.find(({ name }) => name === 'depth gauge 7')!.line).toMatchObject({
    port: { vendorId: 1, productId: 2 },
  });
  await panel.getByRole('button', { name: 'Close the instruments' }).click();
  await page.evaluate(() => (window as unknown as { unplug(): void }).unplug());
  await expect(panel.getByText('Unplugged: type the reading, or plug it in and connect it again.')).toBeVisible();
  await panel.getByRole('button', { name: 'Connect again' }).click();
  await expect(panel.getByText('Connected: press its button.')).toBeVisible();
  // With nowhere to go it is said, shown or not.
  await panel.getByRole('button', { name: 'Close the instruments' }).click();
  await expect(page.getByRole('textbox', { name: tuck })).toBeFocused();
  await page.keyboard.press('Escape');
  await sendPiece(page, '01A+00009.00\r\n');
  await expect(panel.getByText('01A+00009.00: no field in hand takes a length')).toBeVisible();
  await page.getByRole('textbox', { name: tuck }).click();
  await sendPiece(page, '01A+00009.00\r\n');
  await expect(page.getByRole('textbox', { name: tuck })).toHaveValue('9.0');
  // A part beside the wheel says what it was read with, too.
  await page.getByText('Nearby parts', { exact: true }).click();
  await page
    .getByRole('button', { name: /^Strut/ })
    .first()
    .click();
  await page.getByRole('textbox', { name: /^Gap/ }).click();
  await sendPiece(page, '01A+00017.25\r\n');
  await expect(page.getByText('depth gauge 7, calibrated 2020-05-01')).toBeVisible();
  await saved(page);
  const { vehicle } = (await (await page.request.get(`${place}/file`)).json()) as Job;
  const strut = vehicle.front!.obstacles!.find(({ kind }) => kind === 'strut')!;
  expect(strut.gap).toMatchObject({ gapMm: 17.25, uncertaintyMm: 0.02, shopInstrument: { name: 'depth gauge 7' } });
});

test('a browser without ports says so, and an instrument that types works there', async ({ page }) => {
  await page.addInitScript(() => Object.defineProperty(navigator, 'serial', { value: undefined }));
  await added(page, 'depth gauge 8', {});
  await added(page, 'typing gauge', { connection: 'keyboard', line: { ...LINE, pattern: 'D{value}' } });
  await openDemo(page, 'brindle-kite', 'room');
  await saved(page);
  await page.getByRole('button', { name: 'Connect an instrument' }).click();
  const panel = panelOf(page);
  await panel.getByRole('button', { name: 'Connect depth gauge 8' }).click();
  await expect(panel.getByRole('alert')).toHaveText(/reaches no serial port here/);
  await panel.getByRole('button', { name: 'Connect typing gauge' }).click();
  await page.getByRole('textbox', { name: tuck }).click();
  // As fast as such an instrument types.
  await page.evaluate(() => {
    const field = document.activeElement!;
    for (const key of [...'D0010.25', 'Enter'])
      field.dispatchEvent(new KeyboardEvent('keydown', { key, bubbles: true, cancelable: true }));
  });
  await expect(page.getByRole('textbox', { name: tuck })).toHaveValue('10.3');
  await saved(page);
  await expect(readings(page).getByRole('button', { name: /^Tuck/ })).toContainText('typing gauge, ±0.02 mm');
});

test.describe('a phone', () => {
  test.use({ hasTouch: true, isMobile: true, viewport: { width: 390, height: 844 } });
  test('what a gauge sends is the card’s reading, and the walk goes on', async ({ page }) => {
    const place = await openDemo(page, 'brindle-kite', 'measure');
    await page.goto(`${place}/measure?card=front.room.outboardGapMm`);
    await saved(page);
    await page.getByRole('button', { name: 'Menu' }).tap();
    await page.getByRole('button', { name: 'Connect an instrument' }).tap();
    const panel = panelOf(page);
    await panel.getByRole('button', { name: 'Connect simulated gauge' }).tap();
    await expect(panel.getByText('Goes into: Tuck')).toBeVisible();
    await panel.getByRole('button', { name: 'Send' }).tap();
    await expect(panel.getByText('25.00 mm: Tuck')).toBeVisible();
    await expect(
      page.getByRole('region', { name: 'Readings, front' }).getByRole('button', { name: /^Tuck, right/ }),
    ).toContainText('25.0');
    await expect(page.getByRole('heading', { level: 1 })).not.toHaveText('Tuck');
    await saved(page);
  });
});

test('a wrench of the shop goes with each pull, by hand and by cable', async ({ page }) => {
  await added(page, 'click wrench 1', { kind: 'torque-wrench', plusMinus: 3, connection: 'typed' });
  const place = await putOnBench(page, demoJob('brindle-kite'), 'pulled with a wrench of the shop');
  await page.goto(`${place}/fit-up?setup=b`);
  await swept(page);
  await page.getByRole('button', { name: 'Start a fitting' }).click();
  await page.getByRole('dialog').getByRole('button', { name: 'Start', exact: true }).click();
  const torque = page.getByRole('region', { name: 'Torque' });
  await pick(torque.getByRole('combobox', { name: 'Pulled with' }), 'click wrench 1, calibrated 2026-03-01');
  await torque.getByRole('button', { name: /^Stage 1 is pulled by hand/ }).click();
  await expect(torque.getByText('Pulled with click wrench 1, calibrated 2026-03-01.')).toBeVisible();
  await saved(page);
  await page.getByRole('button', { name: 'Connect an instrument' }).click();
  const panel = panelOf(page);
  await panel.getByRole('button', { name: 'Connect simulated gauge' }).click();
  await panel.getByText('Play a script').click();
  await panel.getByRole('textbox', { name: 'A line as a gauge sends it; unplug and plug' }).fill('#1 80 Nm');
  await panel.getByRole('button', { name: 'Play' }).click();
  await expect(panel.getByText(/^#1 80 Nm: fastener \d, stage 2$/)).toBeVisible();
  await saved(page);
  const job = (await (await page.request.get(`${place}/file`)).json()) as Job;
  const rows = Object.values(job.fittings!.at(-1)!.corners).flatMap(({ torque: pulls }) => pulls ?? []);
  expect(rows.at(0)).toMatchObject({ tool: 'hand', shopInstrument: { name: 'click wrench 1' } });
  expect(rows.at(-1)).toMatchObject({ nm: 80, tool: 'wrench', shopInstrument: { name: 'simulated gauge' } });
});
