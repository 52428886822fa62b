export * from './fittings';
export { figureCheck, figurePlusMinus, figureSure, predictionAt } from './prediction';
export * from './marks';
