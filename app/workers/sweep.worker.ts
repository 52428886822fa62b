import { sensitivitySteps } from '#core/advice';
import { expose } from 'comlink';
import { candidateCase, obstacleSpreadSteps, presentCase } from '#core/evaluate';
import { remedySteps } from '#core/advice/remedies';
import { windowSteps } from '#core/advice/window';
import { sweepSteps } from '#core/sweep';
import type { SweepTask, SweepWork } from './sweepProtocol';
import { turns } from './turns';

const { run, stop } = turns();

const caseOf = (task: SweepTask) =>
  task.kind === 'present' ? presentCase(task.vehicle, task.axle) : candidateCase(task.job, task.setup, task.axle);

const work: SweepWork = {
  async sweep(call, task, progress) {
    const one = caseOf(task);
    if (!one) return { swept: null };
    const swept = await run(call, sweepSteps(one), { progress });
    return swept && { swept };
  },
  sensitivity: (call, { job, setup, axle }, progress) => run(call, sensitivitySteps(job, setup, axle), { progress }),
  spread: (call, { job, setup, axle }, progress) =>
    run(call, obstacleSpreadSteps(job, setup, axle), { progress, givesWay: true }),
  remedies: (call, { job, setup, axle, unit }, progress) =>
    run(call, remedySteps({ job, setup, axle, unit }), { progress }),
  window: (call, { job, setup, axle, ask }, progress) =>
    run(call, windowSteps({ job, setup, axle, ask }), { progress }),
  stop,
};

expose(work);
