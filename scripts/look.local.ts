// pictures of one station: tsx scripts/look.local.ts OUT CAR STATION WIDTH HEIGHT KEYS
import { chromium } from '@playwright/test';
import { serveFresh } from './lib/serveFresh';
const [out, car, station, w, h, keys = '', js = ''] = process.argv.slice(2);
const server = await serveFresh();
const browser = await chromium.launch({ executablePath: '/usr/bin/chromium', args: ['--no-sandbox'] });
const page = await browser.newPage({ viewport: { width: Number(w), height: Number(h) } });
await page.goto(server.address + '/');
await page.waitForLoadState('networkidle');
if (car && car !== '-') {
  

  await page.goto(server.address + (await page.getByRole('link', { name: new RegExp(car!) }).first().getAttribute('href')) + '/' + station);
} else await page.goto(`${server.address}${station}`);
await page.waitForLoadState('networkidle');
for (const key of keys.split(',').filter(Boolean)) await page.keyboard.press(key);
if (js) await (Object.getPrototypeOf(async () => {}).constructor)('page', js)(page);
await page.waitForTimeout(1200);
await page.screenshot({ path: out! });
await browser.close();
await server.stop?.();
process.exit(0);
