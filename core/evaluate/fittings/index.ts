export * from './fittings';
export { figurePlusMinus, predictionAt } from './prediction';
