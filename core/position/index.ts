export * from './place';
export * from './room';
export * from './change';
