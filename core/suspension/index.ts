export * from './geometry';
export * from './steeringAxis';
export * from './change';
export * from './names';
export * from './spans';
