export * from './rows';
export * from './mapping';
export * from './guess';
export * from './read';
