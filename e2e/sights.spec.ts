import { expect, openDemo, saved, swept, test } from './bench';

test('what is looked at stands in the address: a link opens the same sight, so does a reload', async ({
  page,
  context,
}) => {
  await openDemo(page, 'brindle-kite', 'setups');
  await page.keyboard.press('j');
  await page.keyboard.press('a');
  await page.keyboard.press('t');
  await expect(page).toHaveURL(/\/setups\?axle=rear&setup=b&view=tire$/);
  await page.keyboard.press('s');
  await expect(page.getByRole('dialog', { name: /^Other tire sizes/ })).toBeVisible();
  await expect(page).toHaveURL(/&open=sizes$/);

  const colleague = await context.newPage();
  await colleague.goto(page.url());
  await expect(colleague.getByRole('dialog', { name: /^Other tire sizes .*, rear$/ })).toBeVisible();
  await colleague.keyboard.press('Escape');
  await expect(colleague.getByRole('heading', { level: 1 })).toContainText('Rear right on its rim');
  await expect(colleague.getByRole('button', { name: /\bB\b/, pressed: true })).toBeVisible();
  await colleague.reload();
  await expect(colleague.getByRole('heading', { level: 1 })).toContainText('Rear right on its rim');
  await colleague.close();
});

test('back and forward go from sight to sight; a run of the same change is one step', async ({ page }) => {
  await openDemo(page, 'brindle-kite', 'setups');
  const raised = (letter: string) =>
    expect(page.getByRole('region', { name: 'Setups' }).getByRole('button', { pressed: true })).toContainText(letter);
  await raised('A');
  for (const key of ['j', 'j', 'k', 'j']) await page.keyboard.press(key);
  await raised('C');
  await expect(page).toHaveURL(/\/setups\?setup=c$/);
  await page.keyboard.press('h');
  await expect(page.getByRole('form', { name: 'Hardware of setup C, front' })).toBeVisible();
  await expect(page).toHaveURL(/view=hardware$/);
  await page.keyboard.press('3');
  await expect(page.getByRole('heading', { level: 1 })).toContainText('Front brake');
  await page.goBack();
  await expect(page.getByRole('form', { name: 'Hardware of setup C, front' })).toBeVisible();
  await page.goBack();
  await expect(page.getByRole('form', { name: 'Hardware of setup C, front' })).toBeHidden();
  await raised('C');
  await page.goBack();
  await raised('A');
  await page.goForward();
  await raised('C');
  await page.goForward();
  await expect(page.getByRole('form', { name: 'Hardware of setup C, front' })).toBeVisible();
});

test('a station is found as it was left, with the axle, side and setup of now', async ({ page }) => {
  await openDemo(page, 'brindle-kite', 'room');
  await page.keyboard.press('p');
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Front right parts near the present wheel');
  await page.getByRole('link', { name: /^Setups/ }).click();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Front right from behind, at rest');
  await page.keyboard.press('c');
  await page.keyboard.press('j');
  await page.keyboard.press('2');
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Front right parts near the present wheel');
  await page.keyboard.press('a');
  await page.keyboard.press('l');
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Rear left parts near the present wheel');
  await page.keyboard.press('6');
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Whole car speeds, spare, sensors');
  await expect(page).toHaveURL(/\/setups\?axle=rear&side=left&setup=b&view=car$/);
});

test('the pose and the part of the sweep are in the link, and no step back', async ({ page, context }) => {
  await openDemo(page, 'brindle-kite', 'sweep');
  await swept(page);
  await page.getByRole('table', { name: 'Parts' }).locator('[data-part="bumper-corner"]').getByRole('button').click();
  await expect(page).toHaveURL(/part=bumper-corner&pose=38%2C/);
  const map = (of: typeof page) => of.getByRole('application', { name: /^Clearance of Bumper corner/ });
  const pose = (await map(page).getAttribute('aria-description'))!;
  const colleague = await context.newPage();
  await colleague.goto(page.url());
  await expect(map(colleague)).toHaveAttribute('aria-description', pose);
  await colleague.close();
  await page.goBack();
  const worst = page.getByRole('application', { name: /^Clearance of the worst part/ });
  await expect(worst).toHaveAttribute('aria-description', 'steer 0.0 degrees, travel 0.0 mm');
  // Each setup has its own pose in the history, also where both began at the same one.
  await worst.focus();
  await page.keyboard.press('ArrowRight');
  await expect(page).toHaveURL(/pose=1%2C0$/);
  await page.keyboard.press('j');
  await expect(page).toHaveURL(/setup=b&pose=1%2C0$/);
  await worst.focus();
  await page.keyboard.press('ArrowRight');
  await expect(page).toHaveURL(/setup=b&pose=2%2C0$/);
  await page.goBack();
  await expect(worst).toHaveAttribute('aria-description', 'steer 1.0 degrees, travel 0.0 mm');
});

test('a setup the job has not, or has no more: the first is shown, and it is said', async ({ page }) => {
  const place = await openDemo(page, 'brindle-kite', 'setups?setup=zz&axle=middle&view=nothing');
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Front right from behind, at rest');
  await expect(page.getByText('Setup ZZ is not in this job')).toBeVisible();
  await page.keyboard.press('j');
  await expect(page.getByText('Setup ZZ is not in this job')).toBeHidden();
  await page.goto(`${place}/setups?setup=%3Cb%3E`);
  await expect(page.getByText('Setup <B> is not in this job')).toBeVisible();
});

test('a dialog closes with the step back, and what it made is raised', async ({ page }) => {
  await openDemo(page, 'brindle-kite', 'setups?view=tire');
  await page.keyboard.press('s');
  const sizes = page.getByRole('dialog', { name: /^Other tire sizes/ });
  await expect(sizes).toBeVisible();
  await page.goBack();
  await expect(sizes).toBeHidden();
  await page.keyboard.press('s');
  await sizes
    .getByRole('button', { name: /^Make a setup with/ })
    .first()
    .click();
  await expect(sizes).toBeHidden();
  await expect(page.getByRole('button', { name: /\bE\b/, pressed: true })).toBeVisible();
  await saved(page);
});

test('the first keys on a page wait for nothing that the server must tell', async ({ page }) => {
  const place = await openDemo(page, 'brindle-kite', 'setups');
  await page.route(/__manifest/, (route) => route.abort());
  await page.goto(`${place}/setups`);
  await page.getByRole('button', { name: 'List' }).click();
  await expect(page).toHaveURL(/fields=list$/);
  await page.goBack();
  await expect(page).toHaveURL(/\/setups$/);
});

test('every dialog opens by its link, and the page finds what the server sent', async ({ page }) => {
  const place = await openDemo(page, 'velder-two', 'setups');
  for (const [at, name] of [
    ['setups?view=tire&open=sizes', /^Other tire sizes/],
    ['setups?view=hardware&open=trial', /^Spacer to wheel/],
    ['setups?view=hardware&setup=e&open=options', /^Different bolt pattern/],
    ['hub?open=gauge-card', /^Gauge card/],
    ['hub?open=threads', /^Threads/],
    ['room?open=new-wheel', /^Space for a new wheel/],
    ['brakes?open=template', /^Template/],
    ['brakes?panel=room&open=washers', /^Washer trial/],
    ['compare?open=keys', /^Keys/],
  ] as const) {
    await page.goto(`${place}/${at}`);
    await expect(page.getByRole('dialog', { name })).toBeVisible();
  }
});
