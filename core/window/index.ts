export * from './grown';
export * from './spans';
export * from './blocked';
