export * from './columns';
export * from './schema';
export * from './csv';
