import type { StepDone } from './records';

/** How far a step is. */
export type StepState = 'open' | 'done' | 'not needed';

export const stepState = (step: StepDone | undefined): StepState =>
  step?.notNeeded ? 'not needed' : step?.doneAt ? 'done' : 'open';
