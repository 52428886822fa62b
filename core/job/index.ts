export * from './measured';
export * from './room';
export * from './brake';
export * from './types';
export * from './edit';
export * from './newSetup';
export * from './sides';
