export * from './window';
export * from './around';
export { setupAt, tireFor, type TireRule } from './tireRule';
