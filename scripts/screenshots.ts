// Takes the pictures of docs/screenshots from the demo, on the built application: all, or those that are named.
import { chromium, type Page } from '@playwright/test';
import { CHROMIUM } from '#support/chromium';
import { serveFresh } from './lib/serveFresh';

interface Shot {
  file: string;
  car: string | null;
  station: string;
  size?: { width: number; height: number };
  /** In the hand. */
  touch?: boolean;
  dark?: boolean;
  prepare?(page: Page): Promise<void>;
}

const press = (keys: string[]) => async (page: Page) => {
  for (const key of keys) await page.keyboard.press(key);
};

const PHONE = { width: 390, height: 844 };

const SHOTS: Shot[] = [
  { file: 'bench', car: null, station: '' },
  { file: 'hub', car: 'Pallas Tender', station: 'hub' },
  { file: 'hardware', car: 'Brindle Kite', station: 'setups', prepare: press(['j', 'h']) },
  {
    file: 'find',
    car: 'Brindle Kite',
    station: 'window?view=find',
    async prepare(page) {
      await page.getByRole('region', { name: 'Tried' }).waitFor();
    },
  },
  { file: 'room', car: 'Brindle Kite', station: 'room' },
  {
    file: 'room-parts',
    car: 'Orrin Haul',
    station: 'room',
    async prepare(page) {
      await page.keyboard.press('p');
      await page.getByRole('button', { name: /^Body mount/ }).click();
    },
  },
  { file: 'brakes', car: 'Brindle Kite', station: 'brakes', dark: true, prepare: press(['=', '=']) },
  { file: 'brief', car: 'Orrin Haul', station: 'brief' },
  { file: 'defaults', car: null, station: 'defaults' },
  {
    file: 'window',
    car: 'Orrin Haul',
    station: 'window',
    async prepare(page) {
      await page.getByRole('table', { name: 'Offsets that meet every limit' }).waitFor();
    },
  },
  {
    file: 'remedies',
    car: 'Orrin Haul',
    station: 'sweep',
    async prepare(page) {
      await press(['j', 'j', 'r'])(page);
      await page.locator('.remedies[aria-busy=false] .part-ladder').first().waitFor();
    },
  },
  { file: 'setups', car: 'Brindle Kite', station: 'setups', prepare: press(['j']) },
  { file: 'measure', car: 'Orrin Haul', station: 'measure', size: PHONE, touch: true },
  {
    file: 'sweep',
    car: 'Brindle Kite',
    station: 'sweep',
    async prepare(page) {
      await press(['j', 'j', 'j'])(page);
      await page.locator('[data-swept=true]').waitFor();
      await page.getByRole('application').focus();
      await page.keyboard.press('Home');
    },
  },
  {
    file: 'stance',
    car: 'Brindle Kite',
    station: 'stance?setup=d&beside=.now&view=quarter&figures=all',
    async prepare(page) {
      await page.locator('.stance-picture[data-drawn=true] [data-mark]').first().waitFor();
    },
  },
  { file: 'compare', car: 'Brindle Kite', station: 'compare' },
  { file: 'fit-up', car: 'Pallas Tender', station: 'fit-up' },
  { file: 'log', car: 'Brindle Kite', station: 'log?kind=note' },
  { file: 'how-far-off', car: null, station: 'how-far-off' },
];

const server = await serveFresh();
const browser = await chromium.launch(CHROMIUM);
const wanted = process.argv.slice(2);
for (const shot of SHOTS.filter(({ file }) => wanted.length === 0 || wanted.includes(file))) {
  const page = await browser.newPage({
    viewport: shot.size ?? { width: 1280, height: 800 },
    reducedMotion: 'reduce',
    hasTouch: shot.touch ?? false,
    isMobile: shot.touch ?? false,
  });
  await page.goto(`${server.address}/`);
  if (shot.dark) {
    await page.getByRole('button', { name: 'Switch to dark' }).click();
    await page.getByRole('button', { name: 'Switch to light' }).waitFor();
    await page.mouse.move(640, 600);
  }
  if (shot.car) {
    const place = await page.getByRole('link', { name: shot.car }).getAttribute('href');
    await page.goto(`${server.address}${place}/${shot.station}`);
    await page.getByText(/^Saved \d\d:\d\d$/).waitFor();
  }
  if (!shot.car && shot.station) await page.goto(`${server.address}/${shot.station}`);
  await shot.prepare?.(page);
  if (shot.car) await page.locator('[data-swept=true]').waitFor();
  await page.evaluate(() => document.fonts.ready);
  await page.screenshot({ path: `docs/screenshots/${shot.file}.png`, animations: 'disabled' });
  await page.close();
  console.log(`docs/screenshots/${shot.file}.png`);
}
await browser.close();
await server.stop();
