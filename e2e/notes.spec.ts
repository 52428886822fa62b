import sharp from 'sharp';
import type { Job } from '#core/job';
import { clean } from './axe';
import { demoJob, demoJobFitted, expect, openDemo, putOnBench, saved, swept, test } from './bench';

/** A photo as a phone hands it over: stored lying, with the place it was taken at. */
const fromPhone = (color: string) =>
  sharp({ create: { width: 400, height: 300, channels: 3, background: color } })
    .withExif({ IFD3: { GPSLatitude: '51/1 30/1 0/1' } })
    .withMetadata({ orientation: 6 })
    .jpeg()
    .toBuffer();
const file = (name: string, buffer: Buffer, mimeType = 'image/jpeg') => ({ name, mimeType, buffer });

test('a note with a photo from any station: one key, one field; in the log, large, changed, undone', async ({
  page,
}) => {
  const place = await putOnBench(page, demoJob('brindle-kite'), 'noted from the room');
  await page.goto(`${place}/room?side=left`);
  await saved(page);
  await page.keyboard.press('o');
  const dialog = page.getByRole('dialog', { name: 'Note' });
  await expect(dialog.getByLabel('Note', { exact: true })).toBeFocused();
  await dialog.getByRole('button', { name: 'Save note' }).click();
  await expect(dialog.getByRole('alert')).toHaveText('Write something, or add a photo.');
  await page.keyboard.type('Liner clip is loose');
  await dialog.getByLabel('Photos', { exact: true }).setInputFiles([file('IMG_1.jpg', await fromPhone('teal'))]);
  await expect(dialog.getByRole('img', { name: 'Photo IMG_1.jpg' })).toBeVisible();
  // What is not finished waits.
  await page.keyboard.press('Escape');
  await expect(dialog).toBeHidden();
  await page.getByRole('button', { name: 'Note or photo' }).click();
  await expect(dialog.getByLabel('Note', { exact: true })).toHaveValue('Liner clip is loose');
  await expect(dialog.getByRole('img', { name: 'Photo IMG_1.jpg' })).toBeVisible();
  await clean(page, 'dialog');
  await page.keyboard.press('Control+Enter');
  await expect(dialog).toBeHidden();
  await saved(page);

  const job = (await (await page.request.get(`${place}/file`)).json()) as Job;
  expect(job.notes).toMatchObject([
    { text: 'Liner clip is loose', photos: [job.photos![0]!.id], about: { station: 'room', corner: 'frontLeft' } },
  ]);
  expect(job.photos).toMatchObject([{ name: 'IMG_1.jpg', widthPx: 300, heightPx: 400 }]);
  const { exif } = await sharp(await (await page.request.get(`/photos/${job.photos![0]!.id}.jpg`)).body()).metadata();
  expect(exif).toBeUndefined();

  await page.keyboard.press('0');
  const line = page.getByRole('listitem').filter({ hasText: 'Liner clip is loose (1 photo)' });
  await expect(line).toContainText('Front left');
  await line.getByRole('button', { name: 'Photo IMG_1.jpg' }).click();
  const large = page.getByRole('dialog', { name: 'IMG_1.jpg' });
  await expect(large.getByRole('img', { name: 'Photo IMG_1.jpg' })).toHaveJSProperty('naturalWidth', 300);
  await page.keyboard.press('Escape');
  await line.getByRole('button', { name: 'Change the note' }).click();
  const change = page.getByRole('dialog', { name: 'Change the note' });
  await change.getByLabel('Note', { exact: true }).fill('Liner clip is new');
  await change.getByRole('button', { name: 'Leave out photo IMG_1.jpg' }).click();
  await change.getByRole('button', { name: 'Save note' }).click();
  await expect(page.getByRole('link', { name: 'Liner clip is new' })).toBeVisible();
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByRole('link', { name: 'Liner clip is loose (1 photo)' })).toBeVisible();
  await page.getByRole('link', { name: 'Liner clip is loose (1 photo)' }).click();
  await expect(page).toHaveURL(/room\?side=left/);
});

test.describe('where something is missing', () => {
  // The browser says so too.
  test.use({ allowed: [/Failed to load resource/] });
  test('what is no photo is refused in words, and the rest of the note stays', async ({ page }) => {
    const place = await putOnBench(page, demoJob('velder-two'), 'refused photos');
    await page.goto(`${place}/hub`);
    await saved(page);
    await page.keyboard.press('o');
    const dialog = page.getByRole('dialog', { name: 'Note' });
    const choose = dialog.getByLabel('Photos', { exact: true });
    const broken = (await fromPhone('gray')).subarray(0, 700);
    await choose.setInputFiles([
      file('drawing.jpg', Buffer.from('<svg xmlns="http://www.w3.org/2000/svg"/>')),
      file('torn.jpg', broken),
      file('huge.jpg', Buffer.alloc(21 * 1024 * 1024, 0xff)),
    ]);
    await expect(dialog.getByText('drawing.jpg is an SVG drawing, whatever it is called: JPEG or PNG')).toBeVisible();
    await expect(dialog.getByText('torn.jpg is broken: it cannot be read to its end')).toBeVisible();
    await expect(dialog.getByText('huge.jpg has 21 MB; a photo may have 20 MB')).toBeVisible();
    for (let left = 3; left > 0; left -= 1) await dialog.getByRole('button', { name: 'Leave it out' }).first().click();
    // The server goes away in the middle: said beside the photo, and tried again.
    await page.route('**/photos', (route) => route.abort());
    await choose.setInputFiles([
      file(
        'IMG_2.png',
        await sharp(await fromPhone('red'))
          .png()
          .toBuffer(),
        'image/png',
      ),
    ]);
    await expect(dialog.getByText('IMG_2.png is not saved: no answer from Scoval, try again')).toBeVisible();
    await page.unroute('**/photos');
    await dialog.getByRole('button', { name: 'Try again' }).click();
    await expect(dialog.getByRole('img', { name: 'Photo IMG_2.png' })).toBeVisible();
    await dialog.getByText('Whole job').click();
    await dialog.getByRole('button', { name: 'Save note' }).click();
    await saved(page);
    const job = (await (await page.request.get(`${place}/file`)).json()) as Job;
    expect(job.notes).toHaveLength(1);
    expect(job.notes![0]).not.toHaveProperty('about');
  });

  test('photos of a step and of a mark; a file that is missing is named', async ({ page }) => {
    await openDemo(page, 'brindle-kite', 'fit-up');
    const step = page.getByRole('listitem').filter({ hasText: 'Dry fit: spacer on hub' });
    await expect(step.getByRole('button', { name: 'Photo spacer-on-hub.jpg' })).toBeVisible();
    await openDemo(page, 'orrin-haul', 'fit-up?fitting=f1&view=marks&mark=m1');
    await expect(page.getByRole('button', { name: 'Photo shoulder-mark.jpg' })).toBeVisible();

    const job: Job = {
      ...demoJob('velder-two'),
      notes: [{ id: 'n1', at: '2026-02-03T10:00:00Z', text: 'Taken elsewhere', photos: ['p00000000000000000000'] }],
      photos: [{ id: 'p00000000000000000000', name: 'IMG_9.jpg' }],
    };
    const place = await putOnBench(page, job, 'a photo is missing');
    await page.goto(`${place}/log`);
    await expect(page.getByText('The file of photo IMG_9.jpg is missing on the server.')).toBeVisible();
  });
});

test('a step gets a note with a photo, a mark its photo', async ({ page }) => {
  const job = demoJobFitted('orrin-haul');
  job.fittings = [{ ...job.fittings![0]!, finishedAt: null, outcome: null }];
  delete job.fittings[0]!.corners.frontRight!.marks![0]!.photo;
  delete job.photos;
  const place = await putOnBench(page, job, 'photos while it is fitted');
  await page.goto(`${place}/fit-up`);
  await swept(page);
  const step = page.getByRole('listitem').filter({ hasText: 'Wheel off.' });
  await step.getByRole('button', { name: /^Not needed, a note or a photo/ }).click();
  await step.getByRole('button', { name: 'Note with photos' }).click();
  const dialog = page.getByRole('dialog', { name: 'Note' });
  await expect(dialog.getByText(/^Fit-up, front right, /)).toBeVisible();
  await dialog.getByLabel('Photos', { exact: true }).setInputFiles([file('IMG_3.jpg', await fromPhone('olive'))]);
  await expect(dialog.getByRole('img', { name: 'Photo IMG_3.jpg' })).toBeVisible();
  await dialog.getByRole('button', { name: 'Save note' }).click();
  await expect(step.getByRole('button', { name: 'Photo IMG_3.jpg' })).toBeVisible();

  await page.getByText('Marks', { exact: true }).first().click();
  const marks = page.getByRole('region', { name: 'Marks' });
  await marks.getByRole('button', { name: /^Outer shoulder/ }).click();
  await marks.getByLabel('Photos', { exact: true }).setInputFiles([file('IMG_4.jpg', await fromPhone('navy'))]);
  await expect(marks.getByRole('button', { name: 'Photo IMG_4.jpg' })).toBeVisible();
  await marks.getByRole('button', { name: 'Take the photo off' }).click();
  await expect(marks.getByRole('button', { name: 'Photo IMG_4.jpg' })).toBeHidden();
});

test('a job leaves as a zip with its photos, and comes back from it; a torn one says why not', async ({ page }) => {
  const place = await openDemo(page, 'velder-two', 'log');
  await page.getByRole('button', { name: 'Papers' }).click();
  await expect(page.getByRole('menuitem', { name: 'Job with 1 photo (.zip)' })).toBeVisible();
  const answer = await page.request.get(`${place}/zip`);
  expect(answer.headers()['content-disposition']).toMatch(/SK-\d+.*\.scoval\.zip/i);
  const zip = await answer.body();
  await page.goto('/');
  await page.getByLabel('Job file').setInputFiles([file('torn.zip', zip.subarray(0, 4000), 'application/zip')]);
  await expect(page.getByRole('alert')).toContainText('the zip is no zip, or a broken one');
  await page.getByLabel('Job file').setInputFiles([file('job.zip', zip, 'application/zip')]);
  await expect(page).toHaveURL(/\/jobs\/[\w-]+\//);
  await saved(page);
  await page.keyboard.press('0');
  await expect(page.getByRole('button', { name: 'Photo painted-bolts.jpg' })).toBeVisible();
});
