export * from './window';
export { setupAt, tireFor, type RuledTire, type TireRule } from './tireRule';
