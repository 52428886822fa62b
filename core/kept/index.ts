export * from './kept';
