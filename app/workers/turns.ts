import type { Steps } from '#core/progress';

/** How long a call computes before others are heard again, ms. */
const BREATH_MS = 12;

/** Lets messages in: a stop, or the next call. */
const breathe = (): Promise<void> => new Promise((resolve) => setTimeout(resolve, 0));

/** How a call is run. */
interface How {
  progress: (share: number) => void;
  /** Nobody waits for it: it stands still while another call runs. */
  givesWay?: boolean;
}

/** Calls that take turns on one thread. */
export interface Turns {
  /**
   * Runs the steps of a call to their end, telling the share done and listening for a stop in between; null when it was
   * stopped.
   */
  run<T>(call: number, steps: Steps<T>, how: How): Promise<T | null>;
  stop(call: number): void;
}

export function turns(): Turns {
  const stopped = new Set<number>();
  /** Calls under way that somebody waits for. */
  let urgent = 0;
  return {
    stop: (call) => void stopped.add(call),
    async run(call, steps, { progress, givesWay = false }) {
      if (!givesWay) urgent += 1;
      try {
        await breathe();
        let since = performance.now();
        let share = 0;
        for (;;) {
          if (stopped.delete(call)) return null;
          if (givesWay && urgent > 0) {
            // It says so, or it would count as dead.
            progress(share);
            await breathe();
            continue;
          }
          const step = steps.next();
          if (step.done) return step.value;
          share = step.value;
          if (performance.now() - since < BREATH_MS) continue;
          progress(share);
          await breathe();
          since = performance.now();
        }
      } finally {
        if (!givesWay) urgent -= 1;
      }
    },
  };
}
