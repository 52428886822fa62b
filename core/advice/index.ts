export * from './brakeRanking';
export * from './makes';
export * from './sensitivity';
export * from './sizesThatDo';
export * from './spacerNeed';
export * from './patternOptions';
export * from './measuringPlan';
export * from './fullReport';
