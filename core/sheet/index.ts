export * from './records';
export { sheetOf, stepsOfFitting } from './sheet';
export * from './stepName';
export * from './begin';
export * from './tightenings';
export * from './paperSteps';
