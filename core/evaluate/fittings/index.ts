export * from './fittings';
export { figureCheck, figurePlusMinus, predictionAt } from './prediction';
