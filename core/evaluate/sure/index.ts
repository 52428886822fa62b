export { obstacleSpreads, obstacleSpreadSteps } from './draws';
export { obstacleDoubts, obstacleSlopes } from './slopes';
