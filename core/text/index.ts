export * from './capital';
