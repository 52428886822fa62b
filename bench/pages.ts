import { readFileSync } from 'node:fs';
import { gzipSync } from 'node:zlib';
import { serveFolder, type AtWork } from '../scripts/lib/serveFresh';
import { medianMicroseconds } from './measure';
import type { Bench, Figure } from './report';
import { makeLargeShop } from './shop';

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
  'bench, what waits for a decision': (n) => `/?waitsFor=decision&page=${1 + (n % 20)}`,
  'search, car': (n) => `/?search=${['kite', 'haul 19', 'pallas', 'coup', 'marl dart 2004'][n % 5]}`,
  'search, customer': (n) => `/?search=${['holt', 'ines', 'cora vale', 'kt 0042', 'zel'][n % 5]}`,
  'search, number': (n) => `/?search=${4000 + n}`,
  'search, nothing found': (n) => `/?search=zzyzx${n}`,
  shelf: (n) => `/shelf?page=1&n=${n}`,
  'how far off we were': () => '/how-far-off',
  'shop defaults': () => '/defaults',
};
const STATIONS = 'hub room brakes brief window setups compare sweep stance fit-up log measure'.split(' ');

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
export async function measurePages(): Promise<Bench> {
  const shop = await makeLargeShop();
  const server = await serveFolder(shop.folder);
  const station = (name: string) => (n: number) => `/jobs/${shop.jobs[n % shop.jobs.length]}/${name}`;
  const all = { ...shopPages, ...Object.fromEntries(STATIONS.map((name) => [name, station(name)])) };
  const places = Object.values(all).flatMap((place) => [1, 2, 3].map(place));
  try {
    const figures: Figure[] = [];
    let [pages, made, packed] = [0, 0, 0];
    for (const [name, place] of Object.entries(all)) {
      const { median, p95, page } = await onePage(server, place);
      pages += WARM + TIMES;
      made += median;
      packed += medianMicroseconds(() => gzipSync(page), { callsARound: 1, rounds: 15, warmUp: 5 }) / 1000;
      figures.push({
        what: name,
        values: [median, p95],
        unit: 'ms',
        digits: 1,
        note: `${Math.round(page.length / 1024)} kB`,
      });
    }
    figures.push({ what: 'ratio all pages / packed by gzip', values: [made / packed], digits: 1 });
    const { aSecond, p95, errors } = await throughput(server, places);
    figures.push(
      { what: `${CLIENTS} clients at once`, values: [aSecond], unit: 'pages a second', digits: 1 },
      { what: `  p95 of them`, values: [p95], unit: 'ms', note: `${errors} errors` },
    );
    for (; pages < PAGES; pages++) await ask(`${server.address}${places[pages % places.length]}`);
    const memory = (['VmRSS', 'VmHWM'] as const).map((name) => memoryMb(server.pid, name));
    const [few, many] = [await saves(server, shop.few), await saves(server, shop.many)];
    const { longestHoldMs } = (await (await fetch(`${server.address}/health`)).json()) as { longestHoldMs: number };
    return {
      title: `pages of a shop with 10,000 jobs (${TIMES} of each, built application): median, p95`,
      figures: [
        ...figures,
        { what: `memory after ${PAGES} pages, and at most`, values: memory, unit: 'MB' },
        { what: 'a save at 10 and at 10,000 readings', values: [few.median, many.median], unit: 'ms', digits: 1 },
        { what: '  what comes back', values: [few.bytes, many.bytes], unit: 'bytes' },
        { what: 'ratio save at 10,000 / at 10', values: [many.median / few.median], digits: 2 },
        { what: 'longest hold of the event loop', values: [longestHoldMs], unit: 'ms' },
      ],
    };
  } finally {
    await server.stop();
    shop.drop();
  }
}
