import { setTimeout as sleep } from 'node:timers/promises';
import { serveFolder, type AtWork } from '../scripts/lib/serveFresh';
import type { Bench, Figure } from './report';
import { makeLargeShop, type LargeShop } from './shop';

/** How often somebody else asks for something small meanwhile. */
const EVERY_MS = 4;
/** Each is asked for so many times: the least counts, as the machine has other work too. */
const TIMES = 3;
/** Half a minute each time: so long the machine itself stands still now and then, so nothing is asked as long. */
const ARCHIVE = '/archive';
const NOTHING_MS = 30_000;

/** What takes more than a page, of a large shop and of the job with most readings. */
const addresses = ({ jobs, many }: LargeShop): readonly string[] => [
  ARCHIVE,
  '/reminders.ics',
  '/shelf.csv',
  '/shelf.json',
  '/listed-parts.json',
  '/cars.json?like=kite',
  `/standings.json?ids=${jobs.slice(0, 25).join()}`,
  ...['setups', 'log', 'measure', 'setups.data', 'open.json?from=0', 'file', 'zip', 'log.csv', 'reminders.ics'].map(
    (place) => `/jobs/${many}/${place}`,
  ),
  ...[
    'job-sheet.pdf?setup=a',
    'customer.pdf?setups=a',
    'order.pdf?setup=a',
    'order.csv?setup=a',
    'stance.glb?setup=a',
  ].map((place) => `/jobs/${many}/${place}`),
];

/** What somebody else asks for: a small file, sent at once where nothing holds the server. */
async function smallFileMs(server: AtWork): Promise<number> {
  const began = performance.now();
  await (await fetch(`${server.address}/scoval.svg`)).arrayBuffer();
  return performance.now() - began;
}

/** What somebody else waits for at most while something goes on. */
async function waitBeside(server: AtWork, work: Promise<unknown>): Promise<number> {
  let [goesOn, longest] = [true, 0];
  const beside = (async () => {
    while (goesOn) {
      longest = Math.max(longest, await smallFileMs(server));
      await sleep(EVERY_MS);
    }
  })();
  await work.finally(() => (goesOn = false));
  await beside;
  return longest;
}

async function ask(server: AtWork, address: string): Promise<void> {
  const answer = await fetch(`${server.address}${address}`, { headers: { Accept: 'text/html' } });
  for await (const _ of answer.body!);
  if (!answer.ok) throw new Error(`${address} was answered with ${answer.status}`);
}

/** How long what takes more than a page keeps others waiting. */
export async function measureWaits(): Promise<Bench> {
  const shop = await makeLargeShop();
  const server = await serveFolder(shop.folder);
  try {
    const figures: Figure[] = [];
    // The first one takes 130 ms to learn how to ask.
    await smallFileMs(server);
    figures.push({ what: 'nothing, for 30 s', values: [await waitBeside(server, sleep(NOTHING_MS))], unit: 'ms' });
    for (const address of addresses(shop)) {
      const waits: number[] = [];
      const times = address === ARCHIVE ? 1 : TIMES;
      for (let time = 0; time < times; time++) waits.push(await waitBeside(server, ask(server, address)));
      const what = address.replace(/^\/jobs\/\w+/, '/jobs/:id').replace(/ids=.*/, 'ids=…');
      figures.push({ what, values: [Math.min(...waits)], unit: 'ms' });
    }
    return { title: 'what others wait at most while one asks (10,000 jobs, 10,000 readings of one)', figures };
  } finally {
    await server.stop();
    shop.drop();
  }
}
