export * from './fittings';
export { predictionAt } from './prediction';
