export { remediesOf, remedySteps, type AxleRemedies, type ShortPart, type Tried } from './remedies';
export type { Proposal } from './cheapest';
export { allowedReachMm, liftLeft } from './moves';
export { movedSetup, roomOf } from './roomLeft';
