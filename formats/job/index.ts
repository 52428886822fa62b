export * from './schema';
export * from './faults';
export * from './read';
export * from './write';
export * from './fields';
export * from './editSchema';
export * from './instruments';
