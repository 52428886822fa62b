import { proxy, wrap, type Remote } from 'comlink';
import type { SweepWork } from './sweepProtocol';

/** How long a worker may say nothing while it works before it counts as dead, ms. */
const SILENCE_MS = 8000;

/** A question to the worker under its number; a stopped one answers with null. */
export type Ask<T> = (work: Remote<SweepWork>, call: number, progress: (share: number) => void) => Promise<T | null>;

/** A call that is under way. */
export interface Running<T> {
  /** The answer; null when it was stopped. Rejects when the worker died. */
  answer: Promise<T | null>;
  stop(): void;
}

/** The worker behind the pages: started when it is first needed, and again once it was brought back. */
export interface SweepWorker {
  call<T>(ask: Ask<T>, progress: (share: number) => void): Running<T>;
  /** It ended by itself: nothing is asked of it until somebody brings it back. */
  died(): boolean;
  revive(): void;
  subscribe(listener: () => void): () => void;
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
  ended: Promise<never>;
  end(): void;
  /** It ended by itself. */
  fail(): void;
}

/** Opens a line to a worker; nothing is started before the first call. */
export function sweepWorker(): SweepWorker {
  let line: Line | null = null;
  let calls = 0;
  let died = false;
  const listeners = new Set<() => void>();
  const setDied = (now: boolean) => {
    if (died === now) return;
    died = now;
    for (const listener of listeners) listener();
  };

  const open = (): Line => {
    const worker = new Worker(new URL('./sweep.worker.ts', import.meta.url), { type: 'module', name: 'sweep' });
    let end = () => {};
    const ended = new Promise<never>((_, reject) => {
      end = () => {
        worker.terminate();
        if (line?.worker === worker) line = null;
        reject(new WorkerDied());
      };
    });
    // Whoever waits for an answer hears of it; nobody may be waiting.
    ended.catch(() => {});
    const fail = () => {
      end();
      setDied(true);
    };
    worker.addEventListener('error', fail);
    worker.addEventListener('messageerror', fail);
    return { worker, work: wrap<SweepWork>(worker), ended, end, fail };
  };

  return {
    call(ask, progress) {
      const current = (line ??= open());
      const call = ++calls;
      const listen = () => setTimeout(current.fail, SILENCE_MS);
      let silence: ReturnType<typeof listen> | null = listen();
      const heard = (share: number) => {
        // What is told on the way may come in after the answer.
        if (silence === null) return;
        clearTimeout(silence);
        silence = listen();
        progress(share);
      };
      const hushed = () => {
        if (silence !== null) clearTimeout(silence);
        silence = null;
      };
      const asked = ask(current.work, call, proxy(heard));
      // A worker that breaks off over a question is not asked it again and again.
      asked.catch(current.fail);
      const answer = Promise.race([asked, current.ended]).finally(hushed);
      return { answer, stop: () => void current.work.stop(call).catch(() => {}) };
    },
    died: () => died,
    revive: () => setDied(false),
    subscribe(listener) {
      listeners.add(listener);
      return () => listeners.delete(listener);
    },
    end: () => line?.end(),
  };
}
