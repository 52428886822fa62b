export * from './records';
export * from './money';
export * from './bought';
export * from './rules';
export * from './cost';
