export * from './window';
export * from './around';
export { setupAt, tireFor, type RuledTire, type TireRule } from './tireRule';
