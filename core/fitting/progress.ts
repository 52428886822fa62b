import { CORNERS, type Corner, type Fitting, type StepDone } from './records';

/** How far a step is. */
export type StepState = 'open' | 'done' | 'not needed';

export const stepState = (step: StepDone | undefined): StepState =>
  step?.notNeeded ? 'not needed' : step?.doneAt ? 'done' : 'open';

/** The corners that a fitting has, as a car is walked round. */
export const cornersOf = ({ corners }: Pick<Fitting, 'corners'>): Corner[] =>
  CORNERS.filter((corner) => corners[corner] !== undefined);

/** The name of a corner as it is said. */
export const CORNER_NAMES: Record<Corner, string> = {
  frontLeft: 'front left',
  frontRight: 'front right',
  rearLeft: 'rear left',
  rearRight: 'rear right',
  rearLeftInner: 'rear left, inner wheel',
  rearRightInner: 'rear right, inner wheel',
};
