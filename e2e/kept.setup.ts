import { mkdirSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import { KEPT } from '../playwright.config';
import { demoJob, expect, putOnBench, swept, test } from './bench';

/** What is stored of an address; its databases are not in Playwright's types. */
interface Origin {
  origin: string;
  indexedDB?: { name: string }[];
}

/** What a browser keeps of sweeps: by kind, how many. */
const keptKinds = () =>
  new Promise<Record<'sweep' | 'spread', number>>((resolve, reject) => {
    const opening = indexedDB.open('scoval-sweeps');
    opening.onerror = () => reject(new Error('nothing is kept'));
    opening.onsuccess = () => {
      const asked = opening.result.transaction('kept').objectStore('kept').getAllKeys();
      asked.onsuccess = () => {
        const kinds = (asked.result as string[]).map((key) => key.split(' ')[1]);
        opening.result.close();
        const count = (kind: string) => kinds.filter((one) => one === kind).length;
        resolve({ sweep: count('sweep'), spread: count('spread') });
      };
    };
  });

/** The cars that most tests are about: the others are swept in one or two. */
const CARS = ['brindle-kite', 'velder-two'];

test('a browser that has seen the cars keeps their sweeps, and how sure they are', async ({ page, context }) => {
  const pages = [page, await context.newPage()];
  await Promise.all(
    CARS.map(async (car, at) => {
      await pages[at]!.goto(`${await putOnBench(page, demoJob(car), `kept ${car}`)}/setups`);
      await swept(pages[at]!);
    }),
  );
  // Each setup's axles, and those of the car as it stands, of which nothing is drawn.
  const setups = CARS.reduce((sum, car) => sum + demoJob(car).setups.length, 0);
  await expect.poll(() => page.evaluate(keptKinds)).toEqual({ sweep: 2 * (setups + CARS.length), spread: 2 * setups });
  // Nothing else of this browser: neither its units nor its edits.
  const { origins } = (await context.storageState({ indexedDB: true })) as { origins: Origin[] };
  const kept = origins.map(({ origin, indexedDB = [] }) => ({
    origin,
    localStorage: [],
    indexedDB: indexedDB.filter(({ name }) => name === 'scoval-sweeps'),
  }));
  mkdirSync(path.dirname(KEPT), { recursive: true });
  writeFileSync(KEPT, JSON.stringify({ cookies: [], origins: kept }));
});
