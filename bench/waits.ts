import { setTimeout as sleep } from 'node:timers/promises';
import { serveFolder, type AtWork } from '../scripts/lib/serveFresh';
import type { Bench, Figure } from './report';
import { makeLargeShop, type LargeShop } from './shop';

/** How often somebody else asks for something small meanwhile. */
const EVERY_MS = 4;
/** Each is asked for so many times: the least counts, as the machine has other work too. */
const TIMES = 3;
/** Half a minute each time. */
const ARCHIVE = '/archive';

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

/** What somebody else waits for meanwhile at most: a small file, sent at once where nothing holds the server. */
async function waitBeside(server: AtWork, address: string): Promise<number> {
  let [isAsked, longest] = [true, 0];
  const beside = (async () => {
    while (isAsked) {
      const began = performance.now();
      await (await fetch(`${server.address}/scoval.svg`)).arrayBuffer();
      longest = Math.max(longest, performance.now() - began);
      await sleep(EVERY_MS);
    }
  })();
  const answer = await fetch(`${server.address}${address}`, { headers: { Accept: 'text/html' } });
  for await (const _ of answer.body!);
  isAsked = false;
  await beside;
  if (!answer.ok) throw new Error(`${address} was answered with ${answer.status}`);
  return longest;
}

/** How long what takes more than a page keeps others waiting. */
export async function measureWaits(): Promise<Bench> {
  const shop = await makeLargeShop();
  const server = await serveFolder(shop.folder);
  try {
    const figures: Figure[] = [];
    for (const address of addresses(shop)) {
      const waits: number[] = [];
      const times = address === ARCHIVE ? 1 : TIMES;
      for (let time = 0; time < times; time++) waits.push(await waitBeside(server, address));
      const what = address.replace(/^\/jobs\/\w+/, '/jobs/:id').replace(/ids=.*/, 'ids=…');
      figures.push({ what, values: [Math.min(...waits)], unit: 'ms' });
    }
    return { title: 'what others wait at most while one asks (10,000 jobs, 10,000 readings of one)', figures };
  } finally {
    await server.stop();
    shop.drop();
  }
}
