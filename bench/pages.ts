import { readFileSync } from 'node:fs';
import { gzipSync } from 'node:zlib';
import { serveFolder, type AtWork } from '../scripts/lib/serveFresh';
import { medianMicroseconds } from './measure';
import { makeLargeShop, type LargeShop } from './shop';

/** How often each page is asked for, and how often before any of it is measured. */
const TIMES = 60;
const WARM = 30;
const CLIENTS = 20;
const THROUGHPUT_SECONDS = 10;
/** After so many pages the memory is read. */
const PAGES = 2000;
const SAVES = 30;

const share = (values: readonly number[], of: number): number =>
  values.toSorted((one, other) => one - other)[Math.min(values.length - 1, Math.floor(values.length * of))]!;

/** What a process holds in memory, MB: now, and at most so far. */
const memoryMb = (pid: number, name: 'VmRSS' | 'VmHWM'): number =>
  Number(new RegExp(`${name}:\\s+(\\d+)`).exec(readFileSync(`/proc/${pid}/status`, 'utf8'))![1]) / 1024;

/** Pages of the shop; each call of one another address, as nobody asks for the same twice. */
const shopPages: Readonly<Record<string, (n: number) => string>> = {
  bench: (n) => `/?page=${1 + (n % 400)}`,
  'bench, by car': (n) => `/?sort=car&order=asc&page=${1 + (n % 400)}`,
  'bench, what waits for a setup': (n) => `/?waitsFor=decision&page=${1 + (n % 20)}`,
  'search, car': (n) => `/?search=${['kite', 'haul 19', 'pallas', 'coup', 'marl dart 2004'][n % 5]}`,
  'search, customer': (n) => `/?search=${['holt', 'ines', 'cora vale', 'kt 0042', 'zel'][n % 5]}`,
  'search, number': (n) => `/?search=${4000 + n}`,
  'search, nothing found': (n) => `/?search=zzyzx${n}`,
  shelf: (n) => `/shelf?page=1&n=${n}`,
  'shop defaults': () => '/defaults',
  // 'how far off': () => '/how-far-off',
};
const STATIONS = ['hub', 'room', 'brakes', 'brief', 'window', 'setups', 'compare', 'sweep', 'stance'];
const LATER = ['fit-up', 'log', 'measure'];

async function ask(address: string): Promise<{ ms: number; text: string }> {
  const began = performance.now();
  const answer = await fetch(address, { headers: { Accept: 'text/html' } });
  const text = await answer.text();
  if (!answer.ok) throw new Error(`${address} was answered with ${answer.status}`);
  return { ms: performance.now() - began, text };
}

/** The pages of a large shop one by one. */
async function onePage(server: AtWork, place: (n: number) => string) {
  const times: number[] = [];
  let page = '';
  for (let n = 0; n < WARM + TIMES; n++) {
    const { ms, text } = await ask(`${server.address}${place(n)}`);
    if (n >= WARM) times.push(ms);
    page = text;
  }
  return { median: share(times, 0.5), p95: share(times, 0.95), page };
}

/** So many clients, each asking for one page after the other. */
async function throughput(server: AtWork, places: readonly string[]) {
  const until = performance.now() + THROUGHPUT_SECONDS * 1000;
  const times: number[] = [];
  let errors = 0;
  const client = async (at: number) => {
    for (let n = at; performance.now() < until; n += 7)
      try {
        times.push((await ask(`${server.address}${places[n % places.length]}`)).ms);
      } catch {
        errors += 1;
      }
  };
  await Promise.all(Array.from({ length: CLIENTS }, (_, at) => client(at)));
  return { aSecond: times.length / THROUGHPUT_SECONDS, p95: share(times, 0.95), errors };
}

/** What a save takes, and what is sent back. */
async function saves(server: AtWork, id: string) {
  const times: number[] = [];
  let bytes = 0;
  let revision = 21;
  for (let n = 0; n < SAVES; n++) {
    const edits = [{ op: 'set', path: ['vehicle', 'front', 'room', 'archGapMm'], value: 60 + (n % 9) }];
    const began = performance.now();
    const answer = await fetch(`${server.address}/jobs/${id}.data`, {
      method: 'POST',
      headers: { 'Content-Type': 'application/json', 'Sec-Fetch-Site': 'same-origin' },
      body: JSON.stringify({ intent: 'edit', revision, edits }),
    });
    const text = await answer.text();
    if (!text.includes('"saved"')) throw new Error(`a save was not taken: ${text.slice(0, 200)}`);
    revision += 1;
    if (n >= SAVES / 3) times.push(performance.now() - began);
    bytes = text.length;
  }
  return { median: share(times, 0.5), bytes };
}

/** Pages of a shop with 10,000 jobs and the readings of twenty years. */
export async function measurePages(): Promise<void> {
  const shop: LargeShop = await makeLargeShop();
  const server = await serveFolder(shop.folder);
  const station = (name: string) => (n: number) => `/jobs/${shop.jobs[n % shop.jobs.length]}/${name}`;
  const all = { ...shopPages, ...Object.fromEntries([...STATIONS, ...LATER].map((name) => [name, station(name)])) };
  try {
    console.log(`\npages of a shop with 10,000 jobs (${TIMES} times each, built application): median, p95, kB`);
    let pages = 0;
    for (const [name, place] of Object.entries(all)) {
      const { median, p95, page } = await onePage(server, place);
      pages += TIMES + WARM;
      const packed = medianMicroseconds(() => gzipSync(page), { callsARound: 1, rounds: 15, warmUp: 5 }) / 1000;
      const kB = (page.length / 1024).toFixed(0);
      console.log(
        `  ${name.padEnd(38)}${median.toFixed(1).padStart(6)}${p95.toFixed(1).padStart(7)} ms ${kB.padStart(5)} kB  page / gzip ${(median / packed).toFixed(1)}`,
      );
    }
    const places = Object.values(all).flatMap((place) => [1, 2, 3].map(place));
    const { aSecond, p95, errors } = await throughput(server, places);
    console.log(
      `  ${CLIENTS} clients at once                    ${aSecond.toFixed(0)} pages a second, p95 ${p95.toFixed(0)} ms, ${errors} errors`,
    );
    for (; pages < PAGES; pages++) await ask(`${server.address}${places[pages % places.length]}`);
    console.log(
      `  memory after ${PAGES} pages and more, at most    ${memoryMb(server.pid, 'VmRSS').toFixed(0)}, ${memoryMb(server.pid, 'VmHWM').toFixed(0)} MB`,
    );
    const [few, many] = [await saves(server, shop.few), await saves(server, shop.many)];
    console.log(
      `  a save at 10 and at 10,000 readings   ${few.median.toFixed(1)}, ${many.median.toFixed(1)} ms; ${few.bytes}, ${many.bytes} bytes`,
    );
    const { longestHoldMs } = (await (await fetch(`${server.address}/health`)).json()) as { longestHoldMs: number };
    console.log(`  longest hold of the event loop        ${longestHoldMs} ms`);
  } finally {
    await server.stop();
    shop.drop();
  }
}
