export { patchWords, remediesOf, remedySteps, type AxleRemedies, type ShortPart, type Tried } from './remedies';
export type { Proposal } from './cheapest';
export type { Effort, Remedy } from './remedy';
export { allowedReachMm, liftAllowed, liftLeft, workAllowed } from './moves';
export { isShort, movedSetup, roomOf, type RoomNow, type WorseOff } from './roomLeft';
