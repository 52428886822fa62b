export * from './place';
export * from './gaps';
export * from './change';
