export * from './kept';
export * from './once';
