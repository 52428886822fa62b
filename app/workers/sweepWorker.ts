import { proxy, wrap, type Remote } from 'comlink';
import type { SweepWork } from './sweepProtocol';

/** How long a worker may say nothing while it works before it counts as dead, ms. */
const SILENCE_MS = 8000;

/** A call that is under way. */
export interface Running<T> {
  /** The answer; null when it was stopped. Rejects when the worker died. */
  answer: Promise<T | null>;
  stop(): void;
}

/** The worker behind the pages: started when it is first needed, and again after it died. */
export interface SweepWorker {
  call<T>(
    ask: (work: Remote<SweepWork>, call: number, progress: (share: number) => void) => Promise<T | null>,
    progress: (share: number) => void,
  ): Running<T>;
  end(): void;
}

class WorkerDied extends Error {
  constructor() {
    super('the worker that sweeps has ended');
    this.name = 'WorkerDied';
  }
}

interface Line {
  worker: Worker;
  work: Remote<SweepWork>;
  died: Promise<never>;
  fail(): void;
}

/** Opens a line to a worker; nothing is started before the first call. */
export function sweepWorker(): SweepWorker {
  let line: Line | null = null;
  let calls = 0;

  const open = (): Line => {
    const worker = new Worker(new URL('./sweep.worker.ts', import.meta.url), { type: 'module', name: 'sweep' });
    let fail = () => {};
    const died = new Promise<never>((_, reject) => {
      fail = () => {
        worker.terminate();
        if (line?.worker === worker) line = null;
        reject(new WorkerDied());
      };
    });
    // Whoever waits for an answer hears of it; nobody may be waiting.
    died.catch(() => {});
    worker.addEventListener('error', fail);
    worker.addEventListener('messageerror', fail);
    return { worker, work: wrap<SweepWork>(worker), died, fail };
  };

  return {
    call(ask, progress) {
      const current = (line ??= open());
      const call = ++calls;
      let silence = setTimeout(current.fail, SILENCE_MS);
      const heard = (share: number) => {
        clearTimeout(silence);
        silence = setTimeout(current.fail, SILENCE_MS);
        progress(share);
      };
      const answer = Promise.race([ask(current.work, call, proxy(heard)), current.died]).finally(() =>
        clearTimeout(silence),
      );
      return { answer, stop: () => void current.work.stop(call).catch(() => {}) };
    },
    end: () => line?.fail(),
  };
}
