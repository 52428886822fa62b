export * from './records';
export * from './money';
export * from './costWords';
export * from './bought';
export * from './rules';
export * from './cost';
