export * from './halfWidth';
export * from './spans';
export * from './blocked';
