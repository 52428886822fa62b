export * from './records';
export { sheetOf, stepsOfFitting } from './sheet';
export { isCarStep } from './rules';
export * from './begin';
export * from './tightenings';
export * from './paperSteps';
