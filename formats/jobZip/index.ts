export * from './names';
export * from './read';
