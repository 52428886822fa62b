export { patchWords, remediesOf, remedySteps, type AxleRemedies, type ShortPart, type Tried } from './remedies';
export type { Proposal } from './cheapest';
export type { Effort, Remedy } from './remedy';
export { liftAllowed, workAllowed } from './moves';
export { isShort, roomOf, type RoomNow, type WorseOff } from './room';
