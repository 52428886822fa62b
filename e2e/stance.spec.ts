import { readFileSync } from 'node:fs';
import { PDFDocument } from 'pdf-lib';
import sharp from 'sharp';
import type { Page } from '@playwright/test';
import { evaluateSetup } from '#core/evaluate';
import { setupTitle } from '#core/job';
import { lengthFigure } from '#core/units';
import { stanceScene, type ScenePlace } from '#core/stance';
import { cameraOf, type Camera } from '../app/ui/stance/cameras';
import { clean } from './axe';
import { choose, demoJob, expect, openDemo, saved, show, swept, test, type } from './bench';
import { expectLaidOut } from './layout';

const picture = (page: Page) => page.locator('.stance-picture');
const drawn = (page: Page) => expect(picture(page)).toHaveAttribute('data-drawn', 'true');
const mark = (page: Page, key: string) => page.locator(`[data-mark="${key}"]`);
/** Where a figure's line runs on the picture, px. */
const lineOf = (page: Page, key: string) =>
  mark(page, key)
    .locator('line')
    .evaluate((line) => ['x1', 'y1', 'x2', 'y2'].map((name) => Number(line.getAttribute(name))));
/** Open over the picture, so that nothing of it is seen. */
const row = (page: Page, name: string) => page.getByRole('table').getByRole('row', { name });

/** Where a camera sees a place, px: the pinhole worked out by hand, apart from what draws. */
function pinhole({ from, at }: Camera, place: ScenePlace, { width, height }: { width: number; height: number }) {
  const minus = (p: ScenePlace, q: ScenePlace) => p.map((value, n) => value - q[n]!) as unknown as ScenePlace;
  const dot = (p: ScenePlace, q: ScenePlace) => p.reduce((sum, value, n) => sum + value * q[n]!, 0);
  const cross = (p: ScenePlace, q: ScenePlace): ScenePlace => [
    p[1] * q[2] - p[2] * q[1],
    p[2] * q[0] - p[0] * q[2],
    p[0] * q[1] - p[1] * q[0],
  ];
  const unit = (p: ScenePlace) => p.map((value) => value / Math.hypot(...p)) as unknown as ScenePlace;
  const ahead = unit(minus(at, from));
  const right = unit(cross(ahead, [0, 1, 0]));
  const up = cross(right, ahead);
  const by = minus(place, from);
  const scale = height / 2 / Math.tan((15 * Math.PI) / 180) / dot(by, ahead);
  return [width / 2 + dot(by, right) * scale, height / 2 - dot(by, up) * scale] as const;
}

/** The picture as it is seen now. */
async function pixels(page: Page) {
  const { data, info } = await sharp(await picture(page).screenshot())
    .removeAlpha()
    .raw()
    .toBuffer({ resolveWithObject: true });
  return (x: number, y: number): [number, number, number] => {
    const at = (Math.round(y) * info.width + Math.round(x)) * 3;
    return [data[at]!, data[at + 1]!, data[at + 2]!];
  };
}
const brightness = (color: readonly number[]) => color.reduce((sum, value) => sum + value, 0) / 3;

test('the corners are those of evaluate, in figures and in sentences; two setups stand beside each other', async ({
  page,
}) => {
  await openDemo(page, 'brindle-kite', 'sweep');
  await page.getByRole('heading', { level: 1 }).click();
  await page.keyboard.press('v');
  await drawn(page);
  await expect(page.getByRole('heading', { level: 1 })).toContainText('Stance A ');
  const job = demoJob('brindle-kite');
  const poke = (id: string, axle: 'front' | 'rear') => {
    const { pokeMm } = evaluateSetup(
      job,
      job.setups.find((one) => one.id === id)!,
    )[axle];
    return `${lengthFigure(Math.abs(pokeMm!), 'mm')} ${pokeMm! > 0 ? 'poke' : 'tuck'}`;
  };
  await expect(row(page, 'Front right')).toContainText(poke('a', 'front'));
  await expect(row(page, 'Rear left')).toContainText(poke('a', 'rear'));
  await expect(picture(page)).toHaveAccessibleDescription(/Front right: the wheel stands .* inside the fender/);
  await expect(mark(page, 'front-right-poke')).toContainText('tuck');
  await choose(
    page,
    'Beside',
    `D ${setupTitle(
      job.setups.find(({ id }) => id === 'd')!,
      job.vehicle.flangeMm,
    )}`,
  );
  await expect(row(page, 'Front right')).toContainText(poke('d', 'front'));
  await expect(mark(page, 'front-right-poke')).toContainText('D ');
  const divider = page.getByRole('slider', { name: 'Divider between A and D' });
  // It goes through the wheel in hand until it is moved.
  const through = Number(await divider.getAttribute('aria-valuenow'));
  const [lipX] = await lineOf(page, 'front-right-poke');
  const { width } = (await picture(page).boundingBox())!;
  expect(Math.abs(through - (100 * lipX!) / width)).toBeLessThan(1);
  await divider.press('ArrowLeft');
  await divider.press('PageDown');
  await expect(divider).toHaveAttribute('aria-valuenow', String(through - 12));
  await divider.press('End');
  await expect(divider).toHaveAttribute('aria-valuenow', '100');
  const box = (await picture(page).boundingBox())!;
  const held = (await divider.boundingBox())!;
  await page.mouse.move(held.x + held.width / 2 - 12, box.y + 90);
  await page.mouse.down();
  await page.mouse.move(box.x + box.width / 4, box.y + 90);
  await page.mouse.up();
  await expect(divider).toHaveAttribute('aria-valuenow', /^2[345]$/);
  await page.getByRole('radiogroup', { name: 'Both' }).getByText('Laid over').click();
  await expect(divider).toBeHidden();
  await expect(picture(page)).toContainText('D laid over');
  await expect(page).toHaveURL(/beside=d/);
  await page.reload();
  await drawn(page);
  await expect(picture(page)).toContainText('D laid over');
  await page.getByRole('heading', { level: 1 }).click();
  await page.keyboard.press('j');
  await expect(page.getByRole('heading', { level: 1 })).toContainText('Stance B ');
});

test('turned, moved and brought nearer by keys; put back; steered, moved and played', async ({ page }) => {
  await openDemo(page, 'brindle-kite', 'stance');
  await drawn(page);
  const at = () => lineOf(page, 'front-right-poke');
  const first = await at();
  for (const key of ['ArrowLeft', 'ArrowUp', '+', 'Shift+ArrowRight', '-', 'Shift+ArrowUp']) {
    const before = await at();
    await picture(page).press(key);
    await expect.poll(at).not.toEqual(before);
  }
  await picture(page).press('Home');
  await expect.poll(at).toEqual(first);
  const box = (await picture(page).boundingBox())!;
  await page.mouse.move(box.x + 200, box.y + 300);
  await page.mouse.down();
  await page.mouse.move(box.x + 260, box.y + 300, { steps: 3 });
  await page.mouse.up();
  await expect.poll(at).not.toEqual(first);
  await page.getByRole('button', { name: 'Reset view' }).click();
  await expect.poll(at).toEqual(first);
  for (const name of ['Wheel', 'Down the side', 'Up the side', 'Behind', 'Above', 'Three-quarter']) {
    await page.getByRole('radiogroup', { name: 'Seen from' }).getByText(name, { exact: true }).click();
    await expect(picture(page)).toHaveAccessibleName(/Front right, A /);
  }
  await expect.poll(at).toEqual(first);
  // In bump the body comes down: the fender's height is said anew.
  const height = row(page, 'Front right').getByRole('cell').nth(2);
  const before = Number(await height.textContent());
  await page.getByRole('slider', { name: /^Travel/ }).press('End');
  await expect.poll(async () => Number(await height.textContent())).toBeLessThan(before - 50);
  await page.getByRole('button', { name: 'Straight, at rest' }).click();
  await expect(height).toHaveText(String(before));
  await page.emulateMedia({ reducedMotion: 'no-preference' });
  await page.getByRole('heading', { level: 1 }).click();
  await page.keyboard.press('y');
  await expect(page.getByRole('button', { name: 'Stop', exact: true })).toBeVisible();
  await expect(page.getByRole('button', { name: 'Lock to lock' })).toBeVisible();
  await expect(page).toHaveURL(/pose=-32/);
});

test('lip and tire are on the picture where a pinhole has them, and figures stand on them', async ({ page }) => {
  const job = demoJob('brindle-kite');
  const place = await openDemo(page, 'brindle-kite', 'stance?view=front&setup=d&body=off&figures=all');
  await drawn(page);
  const scene = stanceScene(
    job,
    job.setups.find(({ id }) => id === 'd')!,
  );
  const corner = scene.corners.find(({ axle, side }) => axle === 'front' && side === 'right')!;
  const size = (await picture(page).boundingBox())!;
  // The frame of the picture is not drawn on.
  const inner = { width: size.width, height: size.height - 2 };
  const [x, z] = [Math.round(corner.hub[0]), Math.round(corner.hub[2])];
  const camera = cameraOf(
    'front',
    { axle: 'front', side: 'right', x, z },
    { wheelbaseMm: scene.wheelbaseMm, aspect: inner.width / inner.height },
  );
  const see = (of: ScenePlace) => pinhole(camera, of, inner);
  const [lip, tire] = [corner.lip!, corner.outermost!];
  const line = await lineOf(page, 'front-right-poke');
  const seen = [...see(lip), ...see([lip[0], lip[1], tire[2]])];
  for (const [n, value] of line.entries()) expect(Math.abs(value - seen[n]!)).toBeLessThan(1);
  // From above the tire's upper shoulder is nearest: its outermost place over the hub is its edge on the picture.
  await show(page, `${place}/stance?view=above&axle=rear&setup=d&body=off&figures=off`);
  await expect(mark(page, 'front-right-poke')).toHaveCount(0);
  const rear = scene.corners.find(({ axle, side }) => axle === 'rear' && side === 'right')!;
  const above = cameraOf(
    'above',
    { axle: 'rear', side: 'right', x: Math.round(rear.hub[0]), z: Math.round(rear.hub[2]) },
    { wheelbaseMm: scene.wheelbaseMm, aspect: inner.width / inner.height },
  );
  const pixel = await pixels(page);
  const [tireX, tireY] = pinhole(above, rear.outermost!, inner);
  // Across its edge the picture turns from rubber to ground: the largest step is where the place is.
  const steps = Array.from({ length: 25 }, (_, n) => n - 12).map((dx) => {
    const [inner, outer] = [pixel(tireX + dx, tireY), pixel(tireX + dx + 1, tireY)].map(brightness);
    return { at: dx + 0.5, step: outer! - inner! };
  });
  const edge = steps.reduce((most, one) => (one.step > most.step ? one : most));
  expect(edge.step).toBeGreaterThan(30);
  expect(Math.abs(edge.at)).toBeLessThan(2.5);
  const blue = (color: readonly number[]) => color[2]! - color[0]! > 40;
  const [lipX, lipY] = pinhole(above, rear.lip!, inner);
  const around = (x: number) => [-3, -2, -1, 0, 1, 2, 3].map((dx) => pixel(x + dx, lipY + 1));
  expect(around(lipX).some(blue)).toBe(true);
  expect(around(lipX - 12).some(blue)).toBe(false);
});

test('into the log, onto the customer’s sheet, and out as a picture and as a file in three dimensions', async ({
  page,
}) => {
  const place = await openDemo(page, 'brindle-kite', 'stance?setup=b');
  await drawn(page);
  const size = (await picture(page).boundingBox())!;
  const [png] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Picture', exact: true }).click(),
  ]);
  expect(png.suggestedFilename()).toBe('stance-b.png');
  const { width, format } = await sharp(readFileSync(await png.path())).metadata();
  expect([width, format]).toEqual([2 * Math.round(size.width), 'png']);
  const sheet = async () =>
    (await page.request.get(`${place}/customer.pdf?setups=b`)).body().then((bytes) => PDFDocument.load(bytes));
  const images = async () =>
    (await sheet()).context
      .enumerateIndirectObjects()
      .filter(([, object]) => String(object).includes('/Subtype /Image')).length;
  const before = await images();
  await page.getByRole('button', { name: 'Picture to the log' }).click();
  await expect(page.getByText('The picture is in the log, and on the customer’s sheet with this setup.')).toBeVisible();
  await saved(page);
  expect(await images()).toBe(before + 1);
  const [glb] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('link', { name: '3-D file' }).click(),
  ]);
  expect(glb.suggestedFilename()).toBe('stance-b.glb');
  const bytes = readFileSync(await glb.path());
  expect(bytes.subarray(0, 4).toString()).toBe('glTF');
  const head = JSON.parse(bytes.subarray(20, 20 + bytes.readUInt32LE(12)).toString()) as { nodes: { name: string }[] };
  expect(head.nodes.map(({ name }) => name)).toEqual(
    expect.arrayContaining(['tire-front-right', 'lip-rear-left', 'stack-front-right', 'part:strut-front-left']),
  );
  await page.getByRole('link', { name: /^Log/ }).click();
  const kept = page.getByRole('link', { name: /^Stance: Front right, B .*three-quarter view \(1 photo\)/ });
  await expect(kept).toBeVisible();
  await expect(page.getByRole('button', { name: 'Photo stance-b.png' })).toBeVisible();
  await kept.click();
  await expect(page).toHaveURL(/stance\?.*setup=b/);
  for (const [query, status] of [
    ['setup=zz', 404],
    ['pose=1,2,3', 400],
    ['axle=middle', 400],
  ] as const)
    expect((await page.request.get(`${place}/stance.glb?${query}`)).status()).toBe(status);
});

test('what is assumed of the body is marked, entered in its place, and undone', async ({ page }) => {
  await openDemo(page, 'brindle-kite', 'stance');
  await drawn(page);
  const at = () => lineOf(page, 'front-right-poke');
  const first = await at();
  const body = page.getByRole('region', { name: 'The body and what is assumed' });
  await expect(body).toContainText('Wheelbase in mm assumed');
  await type(body.getByRole('textbox', { name: /^Front track/ }), '1400');
  await expect(body.getByRole('textbox', { name: /^Front track/ })).toHaveValue('1400.0');
  await expect.poll(at).not.toEqual(first);
  await type(body.getByRole('textbox', { name: /^Front track/ }), '9');
  await expect(body.getByRole('alert')).toContainText('is outside 700.0 to 3000.0 mm');
  await page.keyboard.press('Escape');
  await type(body.getByRole('textbox', { name: /^Front spokes/ }), '5');
  await choose(page, 'Front style', 'steel disc');
  await expect(body.getByRole('textbox', { name: /^Front holes/ })).toHaveValue('5');
  await saved(page);
  await page.getByRole('heading', { level: 1 }).click();
  for (let n = 0; n < 3; n++) await page.keyboard.press('Control+z');
  await expect.poll(at).toEqual(first);
});

test('a browser that draws nothing in three dimensions says so, and shows the three drawings', async ({ page }) => {
  await page.addInitScript(() => {
    const usual = HTMLCanvasElement.prototype.getContext;
    HTMLCanvasElement.prototype.getContext = function (this: HTMLCanvasElement, kind: string, ...more: unknown[]) {
      return kind.startsWith('webgl') ? null : (usual as (...all: unknown[]) => unknown).call(this, kind, ...more);
    } as typeof usual;
  });
  await openDemo(page, 'brindle-kite', 'stance');
  await expect(page.getByRole('status').filter({ hasText: 'does not draw in three dimensions' })).toBeVisible();
  await expect(page.getByRole('img', { name: 'The corner from behind' })).toBeVisible();
  await expect(row(page, 'Front right')).toContainText('tuck');
  await expect(page.getByRole('button', { name: 'Picture', exact: true })).toBeDisabled();
  await expect(page.getByRole('link', { name: '3-D file' })).toBeVisible();
  await swept(page);
  await clean(page);
});

test('what draws in three dimensions is fetched here alone', async ({ page }) => {
  const fetched: string[] = [];
  page.on('request', (request) => fetched.push(new URL(request.url()).pathname));
  await openDemo(page, 'brindle-kite', 'setups');
  // The other stations are fetched ahead; this is not.
  await expect.poll(() => fetched.some((path) => /\/stance-/.test(path))).toBe(true);
  expect(fetched.filter((path) => /\/SceneCanvas-/.test(path))).toEqual([]);
  await page.getByRole('link', { name: /^Stance/ }).click();
  await drawn(page);
  expect(fetched.filter((path) => /\/SceneCanvas-.*\.js$/.test(path))).toHaveLength(1);
});

test.describe('in the hand', () => {
  test.use({ viewport: { width: 390, height: 844 }, hasTouch: true, isMobile: true });
  test('a finger turns it, and nothing is cut off', async ({ page }) => {
    await openDemo(page, 'velder-two', 'stance?beside=.now');
    await drawn(page);
    await expectLaidOut(page, 'beside the car as it is');
    const at = () => lineOf(page, 'front-right-poke');
    const first = await at();
    const box = (await picture(page).boundingBox())!;
    const session = await page.context().newCDPSession(page);
    const touch = (type: 'touchStart' | 'touchMove' | 'touchEnd', x: number) =>
      session.send('Input.dispatchTouchEvent', {
        type,
        touchPoints: type === 'touchEnd' ? [] : [{ x, y: box.y + 60 }],
      });
    await touch('touchStart', box.x + 60);
    await touch('touchMove', box.x + 90);
    await touch('touchMove', box.x + 130);
    await touch('touchEnd', 0);
    await expect.poll(at).not.toEqual(first);
  });
});
