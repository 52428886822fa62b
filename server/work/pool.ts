import { availableParallelism } from 'node:os';
import path from 'node:path';
import { Piscina } from 'piscina';
import { log } from '../base/log';
import { within } from './deadline';
import { endThreads } from './endThreads';
import type { TaskAnswer, TaskInput, TaskName } from './tasks';

/** How long a task may take before it is stopped. */
const TASK_MS = 30_000;

/** A task took longer than it may, or more memory than it gets. */
export class TooLong extends Error {
  override name = 'TooLong';
}

let pool: Piscina | undefined;
let ended = false;

/** Worker threads for what takes long; without them, in commands and tests, a task is done where it is asked. */
export function startWork(): void {
  pool = new Piscina({
    filename: path.resolve('build/server/worker.js'),
    minThreads: 0,
    // One is always left for what somebody waits for, while a job is judged.
    maxThreads: Math.max(2, availableParallelism()),
    idleTimeout: 60_000,
    // Else a thread stands still between two tasks, and what is to be closed or collected after one stays.
    atomics: 'disabled',
    recordTiming: false,
    resourceLimits: { maxOldGenerationSizeMb: 1024, maxYoungGenerationSizeMb: 24 },
  });
  // A thread that dies without a task says so here; the next task gets a new one.
  pool.on('error', (error) => log.error({ err: error }, 'a thread died'));
}

/** Lets the threads go; what they were doing is dropped. */
export async function endWork(): Promise<void> {
  ended = true;
  await endThreads(pool);
}

/**
 * Does a task beside the requests.
 * @throws TooLong where it takes more than its time
 */
export async function inWorker<K extends TaskName>(
  name: K,
  input: TaskInput<K>,
  limitMs = TASK_MS,
): Promise<TaskAnswer<K>> {
  if (ended) throw new TooLong('the server is stopping');
  if (!pool) return await doneHere(name, input);
  try {
    const threads = pool;
    return await within(limitMs, (signal) => threads.run({ name, input }, { signal }) as Promise<TaskAnswer<K>>);
  } catch (error) {
    const { name: kind, code } = error as { name?: string; code?: string };
    if (kind === 'AbortError' || ended || code === 'ERR_WORKER_OUT_OF_MEMORY')
      throw new TooLong(`${name} took too long`);
    throw error;
  }
}

/** What the threads know is read here only where there are none: it is most of what papers and drawings need. */
async function doneHere<K extends TaskName>(name: K, input: TaskInput<K>): Promise<TaskAnswer<K>> {
  const { TASKS } = await import('./tasks');
  return await (TASKS[name] as (input: TaskInput<K>) => TaskAnswer<K>)(input);
}
