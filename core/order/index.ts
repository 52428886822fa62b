export * from './figures';
export * from './order';
