import { applyEdits } from '#core/job';
import type { Page } from '@playwright/test';
import {
  demoJob,
  expect,
  ledgerRow,
  NOTHING_KEPT,
  openDemo,
  putOnBench,
  refuseNonsense,
  saved,
  show,
  swept,
  test,
  type,
} from './bench';

test.use({ storageState: NOTHING_KEPT });

const sweepPart = (page: Page, id: string) => page.getByRole('table', { name: 'Parts' }).locator(`[data-part="${id}"]`);
const map = (page: Page) => page.getByRole('application', { name: /^Clearance of/ });

test('the map: keys and pointer move the drawings, a part leads to its worst pose, J raises the next setup', async ({
  page,
}) => {
  await openDemo(page, 'brindle-kite', 'sweep');
  await swept(page);
  await expect(map(page)).toBeVisible();
  await expect(sweepPart(page, 'liner')).toContainText('13.6');
  await map(page).focus();
  await page.keyboard.press('ArrowRight');
  await page.keyboard.press('Shift+ArrowUp');
  await expect(map(page)).toHaveAttribute('aria-description', 'steer 1.0 degrees, travel 10.0 mm');
  await page.keyboard.press('Home');
  await expect(map(page)).toHaveAttribute('aria-description', /^steer −32\.0 degrees/);
  await expect(sweepPart(page, 'liner').locator('td').nth(1)).toHaveText('13.6');
  await sweepPart(page, 'bumper-corner').getByRole('button').click();
  await expect(map(page)).toHaveAccessibleName(/^Clearance of Bumper corner/);
  await expect(map(page)).toHaveAttribute('aria-description', /^steer 38\.0 degrees/);
  await page.getByRole('button', { name: 'Worst of all' }).click();
  const box = (await map(page).boundingBox())!;
  await page.mouse.move(box.x + 46 + (box.width - 58) / 2, box.y + 8);
  await expect(map(page)).toHaveAttribute('aria-description', /^steer 38\.0 degrees/);
  await page.mouse.down();
  await expect(map(page)).toHaveAttribute('aria-description', /travel 70\.0 mm$/);
  await page.mouse.up();
  await page.keyboard.press('j');
  await expect(page.getByRole('heading', { level: 1 })).toContainText('B ');
  await page.getByRole('table', { name: 'Setups side by side' }).getByRole('button', { name: 'D' }).click();
  await expect(page.getByRole('heading', { level: 1 })).toContainText('D ');
  await expect(sweepPart(page, 'liner')).toContainText('touches');
  await page.getByRole('slider', { name: /^Travel/ }).press('ArrowLeft');
  await page.getByRole('button', { name: 'Straight, at rest' }).click();
  await expect(map(page)).toHaveAttribute('aria-description', 'steer 0.0 degrees, travel 0.0 mm');
});

test('lock to lock plays through and ends by itself; allowances take room', async ({ page }) => {
  await openDemo(page, 'brindle-kite', 'sweep');
  await swept(page);
  await page.getByRole('heading', { level: 1 }).click();
  // It is at a lock for a moment only: every pose that the map says is written down.
  await map(page).evaluate((element) => {
    const poses: string[] = [];
    Object.assign(window, { poses });
    new MutationObserver(() => poses.push(element.getAttribute('aria-description')!)).observe(element, {
      attributes: true,
    });
  });
  const poses = () => page.evaluate(() => (window as unknown as { poses: string[] }).poses.join('; '));
  await page.keyboard.press('y');
  await expect.poll(poses).toMatch(/steer −3\d\.\d degrees.*steer 3\d/);
  await expect(page.getByRole('button', { name: 'Lock to lock' })).toBeVisible();
  await page.getByRole('checkbox', { name: /^Grown in service/ }).check();
  await type(page.getByRole('textbox', { name: /^Bulge under load/ }), '3');
  await expect(sweepPart(page, 'liner')).not.toContainText('13.6');
  await expect(sweepPart(page, 'liner').locator('td').nth(2)).toHaveText(/^([0-9]|10)\.\d$/);
  await saved(page);
});

test('what matters most among the assumed values', async ({ page }) => {
  await openDemo(page, 'velder-two', 'sweep');
  await swept(page);
  await page.getByRole('button', { name: 'Try them' }).click();
  const table = page.getByRole('table', { name: /^Assumed values/ });
  await expect(table).toBeVisible();
  await expect(table.getByRole('row')).not.toHaveCount(1);
  await expect(table).toContainText(/±/);
});

test('a worker that dies is told, and started again', async ({ page }) => {
  await openDemo(page, 'brindle-kite', 'sweep');
  await swept(page);
  await page.workers()[0]!.evaluate(() => self.close());
  await type(page.getByRole('textbox', { name: /^Bulge under load/ }), '5');
  await expect(page.getByRole('alert').filter({ hasText: 'The sweep stopped' })).toBeVisible();
  await page.getByRole('button', { name: 'Sweep again' }).click();
  await swept(page);
  await expect(sweepPart(page, 'liner')).not.toContainText('13.6');
  await expect(sweepPart(page, 'liner')).toContainText('clears');
});

test('a long sweep shows its progress, stops when asked, and goes on', async ({ page }) => {
  const edge = (n: number) => ({
    id: `edge-${n}`,
    kind: 'liner' as const,
    label: `Edge ${n}`,
    points: Array.from({ length: 200 }, (_, i) => ({ out: -60 + 40 * Math.sin(i), fwd: -420 - n, up: -200 + 2 * i })),
  });
  const job = applyEdits(demoJob('brindle-kite'), [
    { op: 'set', path: ['vehicle', 'front', 'obstacles'], value: Array.from({ length: 24 }, (_, n) => edge(n)) },
  ]);
  const place = await putOnBench(page, job, 'many edges');
  await page.goto(`${place}/sweep`);
  await page.getByRole('button', { name: 'Stop', exact: true }).click();
  await expect(page.getByText(/sweeps left/)).toBeVisible();
  await page.getByRole('button', { name: 'Go on' }).click();
  await expect(page.getByRole('progressbar')).toBeVisible();
  await page.getByRole('button', { name: 'Stop', exact: true }).click();
  await expect(page.getByText(/sweeps? left/)).toBeVisible();
});

test('nothing placed, no setup: each says what to do first', async ({ page }) => {
  const bare = applyEdits(demoJob('brindle-kite'), [
    { op: 'set', path: ['vehicle', 'rear'], value: { suspension: { kind: 'rear' } } },
  ]);
  const place = await putOnBench(page, bare, 'nothing at the rear');
  await page.goto(`${place}/sweep`);
  await saved(page);
  await page.keyboard.press('a');
  await expect(page.getByText('No parts near this wheel yet')).toBeVisible();
  await page.getByRole('link', { name: 'Room, Nearby parts' }).click();
  await expect(page.getByText('The wheel is drawn once tire, rim and offset are known')).toBeVisible();
});

test('nonsense among the allowances is told beside its field', async ({ page }) => {
  await openDemo(page, 'brindle-kite', 'sweep');
  await refuseNonsense(page.getByRole('region', { name: 'Allowances' }), 1);
});

test('limits of the sweep are set in the brief and hold in the sweep', async ({ page }) => {
  const place = await openDemo(page, 'brindle-kite', 'brief');
  await type(page.getByRole('textbox', { name: /^Parts of the body/ }), '15');
  await type(page.getByRole('textbox', { name: /^Fender lip at bump/ }), '20');
  await saved(page);
  await show(page, `${place}/sweep`);
  await swept(page);
  await expect(sweepPart(page, 'liner')).toContainText('tight');
  await expect(sweepPart(page, 'liner').locator('td').nth(3)).toHaveText('1.4');
  await expect(sweepPart(page, 'assumed-lip')).toContainText('tight');
  await expect(sweepPart(page, 'strut')).toContainText('clears');
});

test('a lowered setup stands where it rests; an axle that does not steer plays from stop to stop', async ({ page }) => {
  const job = applyEdits(demoJob('brindle-kite'), [
    { op: 'set', path: ['setups', 'a', 'suspensionChange'], value: { front: { kind: 'spring', mm: -20 } } },
  ]);
  const place = await putOnBench(page, job, 'lowered');
  await page.goto(`${place}/sweep`);
  await swept(page);
  await expect(map(page)).toHaveAttribute('aria-description', 'steer 0.0 degrees, travel 0.0 mm');
  await sweepPart(page, 'assumed-lip').getByRole('button').click();
  await expect(sweepPart(page, 'assumed-lip')).toContainText('50.0 mm up (bump)');
  await expect(map(page)).toHaveAttribute('aria-description', /travel 50\.0 mm$/);
  await page.getByRole('button', { name: 'Straight, at rest' }).click();
  await expect(map(page)).toHaveAttribute('aria-description', 'steer 0.0 degrees, travel 0.0 mm');
  await page.getByRole('heading', { level: 1 }).click();
  await page.keyboard.press('a');
  await expect(page.getByRole('button', { name: 'Stop to stop' })).toBeVisible();
  await page.keyboard.press('y');
  await expect(map(page)).toHaveAttribute('aria-description', /travel [1-6]\d\.\d mm$/);
});

test('what was swept is kept: opened anew, nothing is swept again, until something changes', async ({ page }) => {
  await openDemo(page, 'brindle-kite', 'setups');
  await swept(page);
  const sweeping = () => page.workers().length;
  // What is kept last is kept a moment after it is shown.
  await expect(async () => {
    await page.reload();
    await swept(page);
    expect(sweeping()).toBe(0);
  }).toPass();
  await expect(ledgerRow(page, 'obstacle:strut')).toContainText('clears');
  await page.keyboard.press('[');
  await expect.poll(sweeping).toBeGreaterThan(0);
  await swept(page);
  await saved(page);
});
