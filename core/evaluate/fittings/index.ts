export * from './fittings';
export { figureCheck, figurePlusMinus, predictionAt } from './prediction';
export * from './marks';
