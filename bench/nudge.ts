import { readFileSync } from 'node:fs';
import { chromium, type CDPSession, type Page } from '@playwright/test';
import { serveFresh } from '../scripts/lib/serveFresh';
import { CHROMIUM } from '#support/chromium';
import { putOnBench } from './putOnBench';
import type { Bench, Figure } from './report';

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

const SETUPS = 40;
const PARTS = 30;

type Demo = {
  setups: { id: string }[];
  vehicle: { front: { obstacles: { id: string; gap: { clockDeg: number } }[] } };
};

/** The demo's car with very many setups, and very many parts around a wheel. */
function fullJob(job: Demo): Demo {
  const { setups, vehicle } = job;
  const parts = vehicle.front.obstacles;
  const obstacles = Array.from({ length: PARTS }, (_, n) => {
    const part = parts[n % parts.length]!;
    return { ...part, id: `part-${n}`, gap: { ...part.gap, clockDeg: -170 + (340 * n) / PARTS } };
  });
  return {
    ...job,
    setups: Array.from({ length: SETUPS }, (_, n) => ({ ...setups[n % setups.length]!, id: `s${n}` })),
    vehicle: { ...vehicle, front: { ...vehicle.front, obstacles } },
  };
}

/**
 * Presses the nudge key on the built application, one press a frame, and reads from the browser's own counters
 * (Performance.getMetrics: ScriptDuration, LayoutDuration, RecalcStyleDuration) what a press cost; the same with a job
 * of very many setups and parts, and for what is typed into a field. The reference is a key that no station answers to,
 * pressed as often in the same page: what keyboard and driver cost by themselves.
 */
export async function measureNudge(): Promise<Bench> {
  const server = await serveFresh();
  const browser = await chromium.launch(CHROMIUM);
  try {
    const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
    const {
      fittings: _,
      notes: __,
      photos: ___,
      decision: ____,
      ...usual
    } = JSON.parse(readFileSync('demo/brindle-kite.scoval.json', 'utf8')) as Demo & Record<string, unknown>;
    const figures: Figure[] = [];
    for (const [name, job] of [
      ['of the demo', usual],
      [`with ${SETUPS} setups and ${PARTS} parts`, fullJob(usual)],
    ] as const) {
      await page.goto(`${await putOnBench(page, server.address, job)}/setups`);
      await page.locator('[data-swept=true]').waitFor({ timeout: 120_000 });
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
      await page.getByRole('textbox', { name: /^Offset/ }).focus();
      const typed = await cost(['4', '5', 'Backspace', 'Backspace']);
      figures.push(
        { what: `a nudge ${name}`, values: [nudge.script, nudge.layout], unit: 'ms script, layout', digits: 2 },
        { what: '  a sign typed into a field', values: [typed.script, typed.layout], unit: 'ms', digits: 2 },
        { what: '  a key that nothing answers to', values: [idle.script, idle.layout], unit: 'ms', digits: 2 },
        { what: '  ratio script / frame of 16.7 ms', values: [nudge.script / FRAME_MS], digits: 2 },
      );
    }
    return { title: `a nudge redraws section, ledger and tray (${NUDGES} presses, Chromium, 1280 × 800)`, figures };
  } finally {
    await browser.close();
    await server.stop();
  }
}
