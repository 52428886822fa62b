import { availableParallelism } from 'node:os';
import { Worker } from 'node:worker_threads';
import { releaseProxy, wrap } from 'comlink';
import nodeEndpoint from 'comlink/dist/esm/node-adapter.mjs';
import Joi from 'joi';
import { FIND_AXLES, findTogether, type FindAsk, type FindAxle, type Finds } from '#core/find';
import { presentSetup } from '#core/job';
import { findsFile } from '#formats/finds';
import { runOnJobs } from './command';
import type { startFind } from './findWorker';
import { readShelf } from './source';

/** The most rows that are asked for at once. */
const MOST_ROWS = 1000;

/** Prints what of a shelf fits best, looked for by a thread a core. */
await runOnJobs(
  {
    usage: 'find -- FILE --shelf SHELF.csv [--top 50] [--axle front|rear|both] [--setup ID]',
    options: {
      shelf: { type: 'string' },
      top: { type: 'string' },
      axle: { type: 'string' },
      setup: { type: 'string' },
    },
    values: Joi.object<{ shelf: string; top: number; axle: FindAxle; setup?: string }>({
      shelf: Joi.string().required(),
      top: Joi.number().integer().min(1).max(MOST_ROWS).default(50),
      axle: Joi.valid(...FIND_AXLES).default('both'),
      setup: Joi.string().max(40),
    }),
  },
  async ([job], { shelf: file, top, axle, setup: id }) => {
    const setup = id === undefined ? presentSetup(job) : job.setups.find((one) => one.id === id);
    if (!setup) return { fault: { path: 'setups', message: `there is no setup “${id}”` } };
    const shelf = await readShelf(file);
    if (shelf.faults) return { faults: shelf.faults };
    return { json: findsFile(await inThreads({ job, setup, axle, shelf: shelf.items, top })) };
  },
);

/** One share of the wheels for each core. */
async function inThreads(ask: FindAsk): Promise<Finds> {
  const of = availableParallelism();
  const threads = Array.from({ length: of }, () => new Worker(new URL('./findWorker.js', import.meta.url)));
  const starts = threads.map((thread) => wrap<typeof startFind>(nodeEndpoint(thread)));
  try {
    const shares = await Promise.all(starts.map((start, at) => start({ ...ask, share: { at, of } })));
    return (await findTogether(shares, ask.top))!;
  } finally {
    // Held until here: a thread ends with the last way in that is collected as garbage.
    for (const start of starts) start[releaseProxy]();
    await Promise.all(threads.map((thread) => thread.terminate()));
  }
}
