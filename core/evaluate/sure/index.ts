export * from './spreads';
export { obstacleSpreads, obstacleSpreadSteps } from './draws';
export { obstacleDoubts, obstacleSlopes } from './slopes';
export { surely, sureMm, contactLimit } from './contact';
