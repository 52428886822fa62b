export * from './records';
export * from './interfaces';
export * from './lines';
