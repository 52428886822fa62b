import type { Ask, Running, SweepWorker } from './sweepWorker';

/** How a question ended. */
export type Outcome<T> = { name: 'done'; value: T } | { name: 'stopped' } | { name: 'died' };

/** One question at a time to the worker: a newer one stops the one before, whose answer is not heard any more. */
export class Lane {
  readonly #worker: SweepWorker;
  #asked: { about: unknown; run: Running<unknown> } | null = null;

  constructor(worker: SweepWorker) {
    this.#worker = worker;
  }

  get busy(): boolean {
    return this.#asked !== null;
  }

  /** What the question under way is about; null when there is none. */
  get about(): unknown {
    return this.#asked?.about ?? null;
  }

  /**
   * Asks; null when a newer question has taken this one's place.
   * @param about what the question belongs to, for whoever must know whether it is still wanted
   */
  async ask<T>(about: unknown, ask: Ask<T>, progress: (share: number) => void = () => {}): Promise<Outcome<T> | null> {
    this.#asked?.run.stop();
    const run = this.#worker.call(ask, (share) => this.#asked?.run === run && progress(share));
    this.#asked = { about, run };
    const outcome = await ended(run);
    if (this.#asked?.run !== run) return null;
    this.#asked = null;
    return outcome;
  }

  /** Stops the question under way; it ends as stopped. */
  stop(): void {
    this.#asked?.run.stop();
  }

  /** Stops the question under way, and nobody hears of it. */
  drop(): void {
    this.stop();
    this.#asked = null;
  }
}

async function ended<T>({ answer }: Running<T>): Promise<Outcome<T>> {
  try {
    const value = await answer;
    return value === null ? { name: 'stopped' } : { name: 'done', value };
  } catch {
    return { name: 'died' };
  }
}
