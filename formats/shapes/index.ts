export * from './schema';
export * from './text';
