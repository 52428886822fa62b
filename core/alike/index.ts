export * from './kind';
export * from './spread';
export * from './takeOver';
