import { readFileSync } from 'node:fs';
import { chromium, type Browser } from '@playwright/test';
import { serveFresh } from '../scripts/lib/serveFresh';
import { CHROMIUM } from '#support/chromium';
import type { Bench, Figure } from './report';
import { putOnBench } from './putOnBench';

/** A poor line: 1.6 Mbit/s each way, and so long until an answer begins. */
const LINE = { downloadThroughput: 200_000, uploadThroughput: 200_000, latency: 150, offline: false };
const STATIONS = 'hub room brakes brief window setups compare sweep stance fit-up log measure'.split(' ');
const ROUNDS = 3;

/** What came over the line for one sight of a page. */
interface Sight {
  /** Until the largest of its text and drawing is seen, and until its script answers, ms. */
  seenMs: number;
  answersMs: number;
  scripts: Fetched;
  faces: Fetched;
  twice: number;
}
interface Fetched {
  files: number;
  /** As they come compressed, without what the server says of them. */
  bytes: number;
}

const median = (values: number[]): number => values.sort((a, b) => a - b)[Math.floor(values.length / 2)]!;

/** Opens a page in a browser that has never seen the application. */
async function firstSight(browser: Browser, address: string): Promise<Sight> {
  const context = await browser.newContext({ viewport: { width: 1280, height: 800 } });
  try {
    const page = await context.newPage();
    await page.addInitScript(() => {
      new PerformanceObserver((seen) => {
        Object.assign(window, { seenMs: seen.getEntries().at(-1)!.startTime });
      }).observe({ type: 'largest-contentful-paint', buffered: true });
      // A page whose script is at work answers a key: this one is on every page of a job.
      const isAnswering = () => document.documentElement.dataset.keys !== undefined;
      new MutationObserver((_, watch) => {
        if (!isAnswering()) return;
        watch.disconnect();
        Object.assign(window, { answersAt: Date.now() });
      }).observe(document, { subtree: true, childList: true, attributes: true, attributeFilter: ['data-keys'] });
    });
    const session = await context.newCDPSession(page);
    await session.send('Network.enable');
    await session.send('Network.emulateNetworkConditions', LINE);
    const sent = new Map<string, { url: string; type: string; at: number }>();
    const bytes = new Map<string, number>();
    session.on('Network.requestWillBeSent', ({ requestId, request, type = '', wallTime }) => {
      sent.set(requestId, { url: request.url, type, at: wallTime * 1000 });
    });
    const heads = new Map<string, number>();
    session.on('Network.responseReceived', ({ requestId, response }) => {
      heads.set(requestId, response.encodedDataLength);
    });
    session.on('Network.loadingFinished', ({ requestId, encodedDataLength }) => {
      bytes.set(requestId, encodedDataLength - (heads.get(requestId) ?? 0));
    });
    const begun = Date.now();
    await page.goto(address, { waitUntil: 'commit' });
    await page.waitForFunction(() => 'answersAt' in window, null, { timeout: 60_000 });
    const { seenMs, answersAt } = await page.evaluate(() => {
      const { seenMs, answersAt } = window as unknown as { seenMs: number; answersAt: number };
      return { seenMs, answersAt };
    });
    const answersMs = answersAt - begun;
    // What is asked for later is for other pages, and for what is not in sight.
    const all = [...sent].filter(([, { at }]) => at <= answersAt);
    const of = (type: string): Fetched => {
      const found = all.filter(([, one]) => one.type === type);
      return { files: found.length, bytes: found.reduce((sum, [id]) => sum + (bytes.get(id) ?? 0), 0) };
    };
    const urls = all.map(([, { url }]) => url);
    const twice = urls.length - new Set(urls).size;
    return { seenMs, answersMs, scripts: of('Script'), faces: of('Font'), twice };
  } finally {
    await context.close();
  }
}

/** Opens every station in a fresh browser over a poor line, and tells when it is seen and what came for it. */
export async function measureFirstSight(): Promise<Bench> {
  const server = await serveFresh();
  const browser = await chromium.launch(CHROMIUM);
  try {
    const page = await browser.newPage();
    const place = await putOnBench(
      page,
      server.address,
      JSON.parse(readFileSync('demo/brindle-kite.scoval.json', 'utf8')) as object,
    );
    await page.close();
    const figures: Figure[] = [];
    const places = [['bench', server.address], ...STATIONS.map((name) => [name, `${place}/${name}`])] as const;
    for (const [name, address] of places) {
      const seen: Sight[] = [];
      for (let round = 0; round < ROUNDS; round++) seen.push(await firstSight(browser, address!));
      const [last] = seen.slice(-1);
      const { scripts, faces, twice } = last!;
      figures.push({
        what: name!,
        values: [median(seen.map(({ seenMs }) => seenMs)), median(seen.map(({ answersMs }) => answersMs))],
        unit: 'ms',
        note:
          `script ${Math.round(scripts.bytes / 1000)} kB in ${scripts.files}, ` +
          `faces ${Math.round(faces.bytes / 1000)} kB in ${faces.files}${twice > 0 ? `, ${twice} fetched twice` : ''}`,
      });
    }
    return { title: 'first sight in a fresh browser at 1.6 Mbit/s, 150 ms: seen, and answering', figures };
  } finally {
    await browser.close();
    await server.stop();
  }
}
