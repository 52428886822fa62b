export * from './records';
export * from './calibration';
export * from './lines';
