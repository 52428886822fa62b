import { readFileSync } from 'node:fs';
import { Worker } from 'node:worker_threads';
import { releaseProxy, wrap, type Remote } from 'comlink';
import nodeEndpoint from 'comlink/dist/esm/node-adapter.mjs';
import { evaluateSetup, VERDICT_SWEEPS } from '#core/evaluate';
import { findTogether, type FindAsk, type Finds, type FoundSoFar } from '#core/find';
import type { Job } from '#core/job';
import { madeSpacers, madeTires, madeWheels } from '../support/madeParts';
import type { startFind } from '../cli/findWorker';
import { medianMicroseconds } from './measure';
import type { Bench } from './report';

type StartFind = typeof startFind;

type Start = Remote<StartFind>;

const THREADS = 2;

/** What one search came to, in ms. */
interface Timed {
  first: number;
  all: number;
  finds: Finds;
}

/** 400 wheels × 250 tires × 10 stacks on two threads, against `evaluate` on each combination one by one. */
export async function measureFind(): Promise<Bench> {
  const job = JSON.parse(readFileSync('demo/velder-two.scoval.json', 'utf8')) as Job;
  const setup = job.setups[0]!;
  const { lugCount, boltCircleMm, boreMm } = job.vehicle.front!.hub!;
  const hub = { lugCount: lugCount!, boltCircleMm: boltCircleMm!, boreMm: boreMm! };
  const shelf = [...madeWheels(400, 1), ...madeTires(250, 2), ...madeSpacers(9, hub)];
  // What was measured before may still lie in memory.
  const before = process.memoryUsage().rss;
  const workers = Array.from({ length: THREADS }, upWorker);
  const ask: FindAsk = { job, setup, axle: 'front', shelf, top: 50 };
  const starts = workers.map((worker) => wrap<StartFind>(nodeEndpoint(worker)));
  const fresh = await search(starts, ask);
  const again = await search(starts, ask);
  const memory = Math.round((process.memoryUsage().rss - before) / 1e6);
  // Held until here: a thread ends with the last way in that is collected as garbage.
  for (const start of starts) start[releaseProxy]();
  await Promise.all(workers.map((worker) => worker.terminate()));
  const one =
    medianMicroseconds(() => evaluateSetup(job, setup, { sweeps: VERDICT_SWEEPS }).verdict, {
      callsARound: 1,
      rounds: 9,
    }) / 1000;
  const { tried, swept } = fresh.finds;
  return {
    title: `find: ${tried.toLocaleString('en-US')} combinations, ${THREADS} threads, 50 rows`,
    figures: [
      { what: 'first rows, fresh and again', values: [fresh.first, again.first], unit: 'ms' },
      { what: 'all, fresh and again', values: [fresh.all, again.all], unit: 'ms' },
      { what: 'swept to prove the rows', values: [swept] },
      { what: 'memory that it takes', values: [memory], unit: 'MB' },
      { what: 'one combination by evaluate', values: [one], unit: 'ms', digits: 1 },
      { what: 'ratio one by one / find', values: [(tried * one) / fresh.all] },
    ],
  };
}

const upWorker = (): Worker => new Worker(new URL('./findWorker.js', import.meta.url));

async function search(starts: readonly Start[], ask: FindAsk): Promise<Timed> {
  const start = performance.now();
  let first = 0;
  const of = starts.length;
  const shares = await Promise.all(starts.map((start, at) => start({ ...ask, share: { at, of } })));
  const heard = ({ rows }: FoundSoFar) => {
    if (first === 0 && rows.length > 0) first = performance.now() - start;
  };
  const finds = (await findTogether(shares, ask.top, { heard }))!;
  return { first, all: performance.now() - start, finds };
}
