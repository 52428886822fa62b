import { chromium, type CDPSession, type Page } from '@playwright/test';
import { serveFresh } from '../scripts/lib/serveFresh';
import { CHROMIUM } from '#support/chromium';
import type { Bench } from './report';

const NUDGES = 120;
const FRAME_MS = 1000 / 60;

/** Seconds the page has spent so far in script, style and layout. */
async function spent(session: CDPSession): Promise<{ script: number; layout: number }> {
  const { metrics } = await session.send('Performance.getMetrics');
  const of = (name: string) => metrics.find((metric) => metric.name === name)!.value * 1000;
  return { script: of('ScriptDuration'), layout: of('LayoutDuration') + of('RecalcStyleDuration') };
}

async function press(page: Page, keys: string[]): Promise<void> {
  for (let n = 0; n < NUDGES; n++) {
    await page.keyboard.press(keys[n % keys.length]!);
    await page.evaluate(() => new Promise((painted) => requestAnimationFrame(() => requestAnimationFrame(painted))));
  }
}

/**
 * Presses the nudge key on the built application, one press a frame, and reads from the browser's own counters
 * (Performance.getMetrics: ScriptDuration, LayoutDuration, RecalcStyleDuration) what a press cost. The reference is a
 * key that no station answers to, pressed as often in the same page: what keyboard and driver cost by themselves.
 */
export async function measureNudge(): Promise<Bench> {
  const server = await serveFresh();
  const browser = await chromium.launch(CHROMIUM);
  try {
    const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
    await page.goto(`${server.address}/?search=brindle`);
    const job = await page.getByRole('link', { name: 'Brindle Kite 1.8 wagon' }).getAttribute('href');
    // A job opens where its work waits, and that may be elsewhere.
    await page.goto(`${server.address}${job}/setups`);
    await page.getByRole('textbox', { name: /^Offset/ }).waitFor();
    const session = await page.context().newCDPSession(page);
    await session.send('Performance.enable');
    const cost = async (keys: string[]) => {
      await press(page, keys);
      const before = await spent(session);
      await press(page, keys);
      const after = await spent(session);
      return { script: (after.script - before.script) / NUDGES, layout: (after.layout - before.layout) / NUDGES };
    };
    const idle = await cost(['q']);
    const nudge = await cost(['[', ']']);
    return {
      title: `a nudge redraws section, ledger and tray (${NUDGES} presses, Chromium, 1280 × 800)`,
      figures: [
        { what: 'script a press', values: [nudge.script], unit: 'ms', digits: 2 },
        { what: 'style and layout a press', values: [nudge.layout], unit: 'ms', digits: 2 },
        { what: 'a key that nothing answers to', values: [idle.script], unit: 'ms script', digits: 2 },
        { what: 'ratio script / frame of 16.7 ms', values: [nudge.script / FRAME_MS], digits: 2 },
      ],
    };
  } finally {
    await browser.close();
    await server.stop();
  }
}
