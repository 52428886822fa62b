export * from './source';
export * from './run';
