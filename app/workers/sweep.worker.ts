import { expose } from 'comlink';
import { candidateCase, obstacleSpreadSteps, presentCase, sensitivitySteps } from '#core/evaluate';
import { remedySteps } from '#core/evaluate/remedies';
import { windowSteps } from '#core/evaluate/window';
import { sweepSteps } from '#core/sweep';
import type { SweepTask, SweepWork } from './sweepProtocol';

/** How long the worker computes before it listens again, ms. */
const BREATH_MS = 12;

const stopped = new Set<number>();
/** Calls under way that somebody waits for; what can wait gives way to them. */
let urgent = 0;

/** Lets messages in: a stop, or the next task. */
const breathe = (): Promise<void> => new Promise((resolve) => setTimeout(resolve, 0));

/** Runs steps to their end, telling progress and listening for a stop in between; null when it was stopped. */
async function run<T>(
  call: number,
  steps: Generator<number, T>,
  progress: (share: number) => void,
  givesWay = false,
): Promise<T | null> {
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
}

const caseOf = (task: SweepTask) =>
  task.kind === 'present' ? presentCase(task.vehicle, task.axle) : candidateCase(task.job, task.setup, task.axle);

const work: SweepWork = {
  async sweep(call, task, progress) {
    const one = caseOf(task);
    if (!one) return { swept: null };
    const swept = await run(call, sweepSteps(one), progress);
    return swept && { swept };
  },
  sensitivity: (call, { job, setup, axle }, progress) => run(call, sensitivitySteps(job, setup, axle), progress),
  spread: (call, { job, setup, axle }, progress) => run(call, obstacleSpreadSteps(job, setup, axle), progress, true),
  remedies: (call, { job, setup, axle, unit }, progress) => run(call, remedySteps(job, setup, axle, unit), progress),
  window: (call, { job, setup, axle, ask }, progress) => run(call, windowSteps(job, setup, axle, ask), progress),
  stop: (call) => void stopped.add(call),
};

expose(work);
