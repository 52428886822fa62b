export * from './steps';
