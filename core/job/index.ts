export * from './measured';
export * from './room';
export * from './types';
export * from './edit';
export * from './newSetup';
export * from './sides';
