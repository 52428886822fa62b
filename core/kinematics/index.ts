export * from './point';
export * from './placement';
export * from './rigid';
