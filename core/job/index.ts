export * from './types';
export * from './edit';
export * from './newSetup';
export * from './sides';
