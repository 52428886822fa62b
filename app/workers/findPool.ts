import { releaseProxy, wrap, type Remote } from 'comlink';
import { findTogether, type FindAsk, type Finds, type FindShare, type FoundSoFar } from '#core/find';
import type { FindWork } from './find.worker';

/** How many workers search at once: one a core, as far as that helps. */
const MOST_WORKERS = 8;

/** How a search ended. */
export type FindOutcome = { name: 'done'; finds: Finds } | { name: 'stopped' } | { name: 'died' };

interface Line {
  worker: Worker;
  work: Remote<FindWork>;
  /** Rejects when the worker ends by itself. */
  ended: Promise<never>;
}

/** The workers that search, a share of the wheels each: started with the first search, kept for the next. */
export class FindPool {
  #lines: Line[] | null = null;
  #search = 0;

  /** Starts the workers, so that they are up when something is looked for. */
  warm(): void {
    this.#open();
  }

  /** Searches; a newer search stops one that is under way. */
  async search(ask: FindAsk, heard: (so: FoundSoFar) => void): Promise<FindOutcome> {
    const search = ++this.#search;
    const goesOn = () => this.#search === search;
    const lines = this.#open();
    const died = Promise.race(lines.map(({ ended }) => ended));
    let sessions: { [releaseProxy](): void }[] = [];
    try {
      const started = await Promise.race([
        Promise.all(lines.map(({ work }, at) => work.start({ ...ask, share: { at, of: lines.length } }))),
        died,
      ]);
      sessions = started;
      const shares = started as readonly FindShare[];
      const tell = (so: FoundSoFar) => goesOn() && heard(so);
      const finds = await Promise.race([findTogether(shares, ask.top, { heard: tell, goesOn }), died]);
      return finds && goesOn() ? { name: 'done', finds } : { name: 'stopped' };
    } catch {
      this.end();
      return { name: 'died' };
    } finally {
      for (const session of sessions) session[releaseProxy]();
    }
  }

  stop(): void {
    this.#search += 1;
  }

  end(): void {
    this.stop();
    for (const { worker } of this.#lines ?? []) worker.terminate();
    this.#lines = null;
  }

  #open(): Line[] {
    const count = Math.min(MOST_WORKERS, Math.max(1, navigator.hardwareConcurrency || 1));
    return (this.#lines ??= Array.from({ length: count }, opened));
  }
}

function opened(): Line {
  const worker = new Worker(new URL('./find.worker.ts', import.meta.url), { type: 'module', name: 'find' });
  const ended = new Promise<never>((_, reject) => {
    const fail = () => reject(new Error('a worker that searches has ended'));
    worker.addEventListener('error', fail);
    worker.addEventListener('messageerror', fail);
  });
  // Nobody may be searching when it ends.
  ended.catch(() => {});
  return { worker, work: wrap<FindWork>(worker), ended };
}
