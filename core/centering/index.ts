export * from './records';
export * from './interfaces';
export * from './cap';
export * from './lines';
