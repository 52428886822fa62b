export * from './records';
export { sheetOf, stepsOfFitting, type SheetOptions } from './sheet';
export * from './begin';
export * from './tightenings';
