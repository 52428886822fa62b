export * from './geometry';
export * from './steeringAxis';
export * from './change';
export * from './names';
